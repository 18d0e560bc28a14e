import 'fake-indexeddb/auto'
import { measurementInForce, type FuelSection, type LogRecord } from '@lochmoor/core'
import { enterMeasurement, withdraw, type MeasurementBody } from '../records/measure.ts'
import { soundJob } from '../test/jobs.ts'
import { FakeServer } from '../test/server.ts'
import { sitHere } from '../test/session.ts'
import { redo, run, setAt, undo } from './commands.ts'
import { discard, settleConflict } from './conflicts.ts'
import { useJobStore } from './jobStore.ts'
import { openJob } from './openJob.ts'
import { outbox } from './outbox.ts'
import { measuredAt } from './records.ts'
import { send } from './sending.ts'

const JOB = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const FIELD = 'fuel.feed.riseM'

let server: FakeServer
let ticks = 0
const rise = () => useJobStore.getState().document!.fuel.feed.riseM
const riseThere = () => (server.sections.fuel.value as FuelSection).feed.riseM
/** What the book says of the rise, and what the job on the server has: they are one. */
const inBook = () => {
  const body = measurementInForce(server.records, FIELD)?.body
  return body?.kind === 'measurement' ? body.si : null
}
const measure = (si: number) => {
  run(setAt(FIELD, si, `rise ${ticks++}`))
  measuredAt(FIELD, 'Rise of the feed line')(si, `${si} m`)
}
const body = (si: number): MeasurementBody => ({
  kind: 'measurement',
  quantity: 'Rise of the feed line',
  si,
  family: 'distance',
  text: `${si} m`,
  field: FIELD,
  place: '',
  condition: '',
  instrument: '',
})
/** Somebody else measures it, a moment from now. */
const theyMeasure = (si: number) => {
  server.changeElsewhere('fuel', (fuel: FuelSection) => ({ ...fuel, feed: { ...fuel.feed, riseM: si } }))
  const id = crypto.randomUUID()
  const at = new Date().toISOString()
  server.records.push({
    id,
    at,
    storedAt: at,
    who: 'U',
    importedBy: null,
    by: 'U',
    body: body(si),
    corrects: null,
    withdraws: false,
  })
}
const waiting = () => outbox.ofJob(JOB).map((e) => e.kind)
const entry = (si: number): LogRecord =>
  server.records.find((r) => r.body.kind === 'measurement' && r.body.si === si && !r.withdraws)!

/** Each question for the time is a moment later. */
const iso = Reflect.get<Date, 'toISOString'>(Date.prototype, 'toISOString')
let nowMs = 0
const later = () => {
  nowMs += 60_000
}

beforeEach(async () => {
  nowMs = Date.parse('2026-03-02T09:00:00Z')
  jest.spyOn(Date.prototype, 'toISOString').mockImplementation(() => iso.call(new Date((nowMs += 1))))
  sitHere()
  await outbox.load()
  for (const e of outbox.ofJob(JOB)) outbox.remove(e.key)
  server = new FakeServer(JOB, soundJob())
  await openJob(JOB)
  await send()
})
afterEach(() => jest.restoreAllMocks())

describe('a measurement goes with its edit', () => {
  it('undone before it was sent neither reaches the job nor the book; done again both do', async () => {
    server.down = true
    measure(0.31)
    expect(waiting()).toEqual(['section', 'record'])
    undo()
    expect(waiting()).toEqual(['section'])
    server.down = false
    await send()
    expect([riseThere(), server.records]).toEqual([soundJob().fuel.feed.riseM, []])
    redo()
    await send()
    expect([riseThere(), inBook()]).toEqual([0.31, 0.31])
  })

  it('undone after it was stored is withdrawn in the book; done again it stands there again', async () => {
    measure(0.25)
    await send()
    later()
    measure(0.31)
    await send()
    expect([riseThere(), inBook()]).toEqual([0.31, 0.31])
    undo()
    await send()
    expect([riseThere(), inBook()]).toEqual([0.25, 0.25])
    expect(server.log.at(-1)).toBe('withdrawal measurement')
    redo()
    await send()
    expect([riseThere(), inBook()]).toEqual([0.31, 0.31])
    undo()
    undo()
    await send()
    expect([riseThere(), inBook()]).toEqual([soundJob().fuel.feed.riseM, null])
  })

  it('whose answer was lost may be in the book: undone it is withdrawn there', async () => {
    measure(0.31)
    server.loseNextAnswer = true
    await send()
    await send()
    server.loseNextAnswer = true
    await send()
    undo()
    await send()
    await send()
    expect([riseThere(), inBook()]).toEqual([soundJob().fuel.feed.riseM, null])
  })

  it('waits while its edit waits for a decision; of theirs it goes, and undo brings both back', async () => {
    measure(0.31)
    later()
    theyMeasure(0.45)
    await send()
    expect(useJobStore.getState().save).toBe('conflict')
    expect(server.records).toHaveLength(1)
    settleConflict({ 'feed.riseM': 'theirs' })
    await send()
    expect([rise(), riseThere(), inBook(), server.records.length]).toEqual([0.45, 0.45, 0.45, 1])
    later()
    undo()
    await send()
    expect([riseThere(), inBook()]).toEqual([0.31, 0.31])
  })

  it('kept over what somebody else measured later stands in the book as of the choice', async () => {
    measure(0.31)
    later()
    theyMeasure(0.45)
    await send()
    later()
    settleConflict({ 'feed.riseM': 'mine' })
    await send()
    expect([riseThere(), inBook()]).toEqual([0.31, 0.31])
    expect(server.records.map((r) => r.by === 'U')).toEqual([true, false])
  })

  it('undoing one’s own step after somebody else has measured leaves their figure and their entry', async () => {
    measure(0.31)
    await send()
    later()
    theyMeasure(0.45)
    run(setAt('fuel.lowV', 11.2, 'least voltage'))
    await send()
    expect(rise()).toBe(0.45)
    undo()
    undo()
    await send()
    expect([riseThere(), inBook()]).toEqual([0.45, 0.45])
  })

  it('of a refused edit it waits too, and goes with it when it is given up; the screen shows what the server has', async () => {
    server.refuseSection = 'Rise: 0.31 m is not allowed.'
    measure(0.31)
    await send()
    expect(useJobStore.getState()).toMatchObject({ save: 'refused', saveNote: 'Rise: 0.31 m is not allowed.' })
    expect(waiting()).toEqual(['section', 'record'])
    discard(outbox.ofJob(JOB)[0]!.key)
    expect(waiting()).toEqual([])
    expect(rise()).toBe(soundJob().fuel.feed.riseM)
    server.refuseSection = null
    await send()
    expect(server.records).toEqual([])
  })

  it('belongs to the step that changed its place, not to whichever came last', async () => {
    run(setAt(FIELD, 0.31, 'rise'))
    run(setAt('fuel.lowV', 11.2, 'least voltage'))
    measuredAt(FIELD, 'Rise of the feed line')(0.31, '0.31 m')
    await send()
    undo()
    await send()
    expect([riseThere(), inBook()]).toEqual([0.31, 0.31])
    undo()
    await send()
    expect([riseThere(), inBook()]).toEqual([soundJob().fuel.feed.riseM, null])
  })
})

describe('the job log and the job', () => {
  it('a correction of the entry that the job stands on corrects both; undone both are as before', async () => {
    measure(0.31)
    await send()
    later()
    enterMeasurement(body(0.35), entry(0.31))
    await send()
    expect([riseThere(), inBook()]).toEqual([0.35, 0.35])
    undo()
    await send()
    expect([riseThere(), inBook()]).toEqual([0.31, 0.31])
  })

  it('a correction of an entry that a later one has replaced corrects the book alone', async () => {
    measure(0.31)
    await send()
    later()
    measure(0.45)
    await send()
    later()
    enterMeasurement(body(0.35), entry(0.31))
    await send()
    expect([riseThere(), inBook()]).toEqual([0.45, 0.45])
  })

  it('withdrawn, the measurement before it holds again; undone it stands again', async () => {
    measure(0.25)
    await send()
    later()
    measure(0.31)
    await send()
    later()
    expect(await withdraw(entry(0.31))).toBeNull()
    await send()
    expect([riseThere(), inBook()]).toEqual([0.25, 0.25])
    undo()
    await send()
    expect([riseThere(), inBook()]).toEqual([0.31, 0.31])
  })

  it('without the server nobody knows which one holds then: nothing is withdrawn, and it is said', async () => {
    measure(0.31)
    await send()
    server.down = true
    expect(await withdraw(entry(0.31))).toMatch(/^Nothing was voided: .*is not answering/)
    server.down = false
    await send()
    expect([riseThere(), inBook()]).toEqual([0.31, 0.31])
  })
})
