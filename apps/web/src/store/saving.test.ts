import 'fake-indexeddb/auto'
import type { FuelSection, VehicleSection } from '@lochmoor/core'
import { soundJob } from '../test/jobs.ts'
import { FakeServer } from '../test/server.ts'
import { sitHere } from '../test/session.ts'
import { askBeforeLosing } from './askBeforeLosing.ts'
import { redo, run, setFuel, setVehicle, undo } from './commands.ts'
import { noteHeldPresses } from './heldPress.ts'
import { enterRecord } from './records.ts'
import { discard, settleConflict } from './conflicts.ts'
import { useJobStore } from './jobStore.ts'
import { openJob } from './openJob.ts'
import { outbox } from './outbox.ts'
import { waitingAsText } from './saveWaiting.ts'
import { send } from './sending.ts'
import { personNow } from './sessionStore.ts'

const JOB = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const OTHER = '8b7d2e94-1c35-4f0b-b0a2-77d1e5a4c222'
const TOBIN = '7e2c9a1b-3d75-4c2f-9b80-1fae4d6c2b52'

let server: FakeServer
const state = () => useJobStore.getState()
const fuelThere = () => server.sections.fuel.value as FuelSection
const vehicleThere = () => server.sections.vehicle.value as VehicleSection
const low = (lowV: number, label = 'least voltage') => run(setFuel({ lowV }, label, false))
askBeforeLosing()
noteHeldPresses()
/** Whether the page goes without being asked about. */
const goes = () => dispatchEvent(new Event('beforeunload', { cancelable: true }))
/** As a page that is loaded again: memory is gone, the browser's own store is not. */
const reload = async () => {
  await outbox.forgetPage()
  await openJob(JOB)
  await send()
}

beforeEach(async () => {
  sitHere()
  await outbox.load()
  for (const e of outbox.ofJob(JOB)) outbox.remove(e.key)
  for (const e of outbox.ofJob(OTHER)) outbox.remove(e.key)
  server = new FakeServer(JOB, soundJob())
  await openJob(JOB)
  await send()
})

describe('saving', () => {
  it('an edit reaches the server and the outbox is empty', async () => {
    low(11.5)
    expect(state().save).toBe('saving')
    expect(outbox.ofJob(JOB)).toHaveLength(1)
    await send()
    expect(fuelThere().lowV).toBe(11.5)
    expect([state().save, outbox.ofJob(JOB).length]).toEqual(['saved', 0])
  })

  it('edits without a connection survive a reload and are sent in the order in which they were made', async () => {
    server.down = true
    run(setVehicle({ year: 1971 }, 'year'))
    enterRecord({ kind: 'note', text: 'first' })
    low(11.4)
    enterRecord({ kind: 'note', text: 'second' })
    run(setVehicle({ year: 1972 }, 'year'))
    await send()
    expect(state()).toMatchObject({ save: 'kept-here', saveNote: 'The server is not answering.', waiting: 4 })
    server.down = false
    await reload()
    expect(server.log).toEqual(['vehicle on 1', 'record note', 'fuel on 1', 'record note'])
    expect([vehicleThere().year, fuelThere().lowV]).toEqual([1972, 11.4])
    expect(state().document!.fuel.lowV).toBe(11.4)
    expect(outbox.ofJob(JOB)).toEqual([])
  })

  it.each(['secondFactor', 'noCsrf'])(
    'what may not go just now (%s) is kept as it is, not refused, and goes later',
    async (code) => {
      server.notNow = code
      low(11.3)
      await send()
      expect([state().save, state().saveNote]).toEqual(['kept-here', 'Not now.'])
      expect(outbox.ofJob(JOB).map((e) => e.refused)).toEqual([undefined])
      server.notNow = null
      await send()
      expect([fuelThere().lowV, state().save]).toEqual([11.3, 'saved'])
    },
  )

  it('two people’s edits of one section are two entries, each its author’s', async () => {
    server.down = true
    const maren = personNow()
    low(11.1)
    await send()
    sitHere(TOBIN, 'installer')
    low(11.6)
    await send()
    expect(outbox.ofJob(JOB).map((e) => e.personId)).toEqual([maren, TOBIN])
    expect(state().waiting).toBe(1)
    server.down = false
    await send()
    expect(server.log).toEqual(['fuel on 1'])
    expect(outbox.ofJob(JOB).map((e) => e.personId)).toEqual([maren])
  })

  it('where the browser refuses to keep, it says so and not that it is kept; it is kept once there is room again', async () => {
    server.down = true
    const put = jest.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('The disk is full.', 'QuotaExceededError')
    })
    enterRecord({ kind: 'note', text: 'while it is full' })
    low(11.1)
    await send()
    expect(state()).toMatchObject({ save: 'not-kept', saveNote: expect.stringContaining('The disk is full.') })
    expect(JSON.parse(await waitingAsText())).toMatchObject({
      waiting: [{ kind: 'record' }, { section: 'fuel', value: { lowV: 11.1 } }],
    })
    expect(state().document!.fuel.lowV).toBe(11.1)
    // The page does not go unasked.
    expect(goes()).toBe(false)
    put.mockRestore()
    low(11.2)
    await send()
    expect(state()).toMatchObject({ save: 'kept-here', saveNote: 'The server is not answering.' })
    expect(goes()).toBe(true)
    server.down = false
    await send()
    expect([fuelThere().lowV, state().save]).toEqual([11.2, 'saved'])
  })

  it('edits of a job that was left are sent without opening it again', async () => {
    server.down = true
    low(11.3)
    await send()
    useJobStore.setState({ jobId: OTHER })
    server.down = false
    await send()
    expect(fuelThere().lowV).toBe(11.3)
  })

  it('edits wait for the person who made them, over sign-out and another person’s sign-in', async () => {
    server.down = true
    low(11.2)
    await send()
    server.down = false
    sitHere(TOBIN, 'installer')
    await send()
    expect(server.log).toEqual([])
    await openJob(JOB)
    expect(state().document!.fuel.lowV).not.toBe(11.2)
    sitHere()
    await send()
    expect(fuelThere().lowV).toBe(11.2)
  })

  it('a lost answer is no conflict, also with a later edit and a reload between', async () => {
    server.loseNextAnswer = true
    low(11.5)
    await send()
    low(11.7)
    await outbox.settled()
    await reload()
    expect(state().conflict).toBeNull()
    expect(fuelThere().lowV).toBe(11.7)
  })

  it('an edit made while the answer is on its way is sent after it', async () => {
    low(11.5)
    const sending = send()
    low(11.9)
    await sending
    await send()
    expect(fuelThere().lowV).toBe(11.9)
    expect(outbox.ofJob(JOB)).toEqual([])
  })

  it('what the server will not take waits with the reason, and the rest goes on', async () => {
    server.refuseRecord = 'An entry of this id stands in a book already.'
    enterRecord({ kind: 'note', text: 'x' })
    low(11.6)
    await send()
    expect(fuelThere().lowV).toBe(11.6)
    expect(state()).toMatchObject({ save: 'refused', saveNote: server.refuseRecord })
    discard(outbox.ofJob(JOB)[0]!.key)
    await send()
    expect(state().save).toBe('saved')
  })
})

describe('somebody else', () => {
  it('changed another field: both changes stand, nobody is asked', async () => {
    server.changeElsewhere('fuel', (v: FuelSection) => ({ ...v, highV: 14.1 }))
    low(11.5)
    await send()
    expect(fuelThere()).toMatchObject({ lowV: 11.5, highV: 14.1 })
    expect(state()).toMatchObject({ conflict: null, save: 'saved' })
    expect(state().document!.fuel.highV).toBe(14.1)
  })

  it('my undo does not undo what somebody else did', async () => {
    low(11.5)
    server.changeElsewhere('fuel', (v: FuelSection) => ({ ...v, highV: 14.1 }))
    await send()
    undo()
    await send()
    expect(fuelThere()).toMatchObject({ lowV: 12, highV: 14.1 })
    redo()
    await send()
    expect(fuelThere()).toMatchObject({ lowV: 11.5, highV: 14.1 })
  })

  it('changed the same field: it is asked, field by field, and nothing is overwritten meanwhile', async () => {
    server.changeElsewhere('fuel', (v: FuelSection) => ({ ...v, lowV: 12.9, runningV: 13.9, highV: 14.1 }))
    run(setFuel({ lowV: 11.5, runningV: 13.1 }, 'both'))
    await send()
    expect(state().save).toBe('conflict')
    expect(state().conflict!.conflict!.clashes.map((c) => [c.path, c.mine, c.theirs])).toEqual([
      ['lowV', 11.5, 12.9],
      ['runningV', 13.1, 13.9],
    ])
    expect(fuelThere().lowV).toBe(12.9)
    settleConflict({ lowV: 'theirs', runningV: 'mine' })
    await send()
    expect(fuelThere()).toMatchObject({ lowV: 12.9, runningV: 13.1, highV: 14.1 })
    expect(state()).toMatchObject({ conflict: null, save: 'saved' })
    undo()
    await send()
    expect(fuelThere()).toMatchObject({ lowV: 11.5, runningV: 13.1, highV: 14.1 })
  })

  it('a conflict waits over a reload', async () => {
    server.changeElsewhere('fuel', (v: FuelSection) => ({ ...v, lowV: 12.9 }))
    low(11.5)
    await send()
    await reload()
    expect(state().conflict!.conflict!.clashes).toHaveLength(1)
    expect(fuelThere().lowV).toBe(12.9)
  })

  it('a conflict in one section does not hold up another', async () => {
    server.changeElsewhere('fuel', (v: FuelSection) => ({ ...v, lowV: 12.9 }))
    low(11.5)
    await send()
    run(setVehicle({ year: 1970 }, 'year'))
    await send()
    expect(vehicleThere().year).toBe(1970)
    expect(state().save).toBe('conflict')
  })
})

describe('one door', () => {
  it('undo and redo walk the steps; a burst of one label is one step', () => {
    low(11.5)
    low(11.6, 'other')
    undo()
    expect(state().document!.fuel.lowV).toBe(11.5)
    redo()
    expect(state().document!.fuel.lowV).toBe(11.6)
    run(setFuel({ highV: 14 }, 'typing'))
    run(setFuel({ highV: 14.2 }, 'typing'))
    undo()
    expect(state().document!.fuel.highV).toBeNull()
  })
  it('a drag is one step, however long somebody pauses in it; two drags are two', () => {
    const clock = jest.spyOn(performance, 'now')
    let nowMs = 10_000
    clock.mockImplementation(() => nowMs)
    const drag = (...volts: number[]) => {
      dispatchEvent(new Event('pointerdown'))
      for (const highV of volts) {
        run(setFuel({ highV }, 'dragged'))
        nowMs += 5_000
      }
      dispatchEvent(new Event('pointerup'))
      nowMs += 5_000
    }
    const { length } = state().past
    drag(14, 14.1, 14.2)
    drag(14.3, 14.4)
    run(setFuel({ highV: 15 }, 'dragged'))
    expect(state().past.length - length).toBe(3)
    undo()
    undo()
    expect(state().document!.fuel.highV).toBe(14.2)
    undo()
    expect(state().document!.fuel.highV).toBeNull()
    // The end of a press into a list of the browser's own is never heard of: what comes later is no drag.
    dispatchEvent(new Event('pointerdown'))
    run(setFuel({ highV: 13 }, 'dragged'))
    nowMs += 5_000
    dispatchEvent(new MouseEvent('pointermove', { buttons: 0 }))
    run(setFuel({ highV: 13.5 }, 'dragged'))
    undo()
    expect(state().document!.fuel.highV).toBe(13)
    clock.mockRestore()
  })
  it('a change that changes nothing leaves no step', () => {
    const before = state().past.length
    run({ label: 'nothing', can: () => true, apply: (j) => j })
    expect(state().past.length).toBe(before)
    expect(run({ label: 'no', can: () => false, apply: (j) => j })).toBe(false)
  })
})
