import 'fake-indexeddb/auto'
import { emptyJob } from '@lochmoor/core'
import { run, setFuel } from './commands.ts'
import { initialJobState, useJobStore } from './jobStore.ts'
import { openJob } from './openJob.ts'
import { outbox } from './outbox.ts'
import { settleConflict, stopSending } from './saving.ts'

type Reply = { status: number; body: unknown } | 'away'
const JOB = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const at = '2026-01-01T10:00:00.000Z'

/** The server's part, played by a list of replies; remembers what was sent. */
class PlayedServer {
  readonly sent: { baseVersion: number; value: { lowV: number | null } }[] = []
  constructor(private readonly replies: Reply[]) {
    globalThis.fetch = ((_url: string, init?: RequestInit) => {
      if (typeof init?.body === 'string') this.sent.push(JSON.parse(init.body))
      const reply = this.replies.shift() ?? 'away'
      if (reply === 'away') return Promise.reject(new TypeError('no connection'))
      return Promise.resolve({
        ok: reply.status < 400,
        status: reply.status,
        text: () => Promise.resolve(JSON.stringify(reply.body)),
      })
    }) as typeof fetch
  }
}

const job = emptyJob('Car')
const jobReply = (fuelVersion = 1, fuel = job.fuel): Reply => ({
  status: 200,
  body: {
    id: JOB,
    sections: {
      vehicle: { version: 1, savedAt: at, value: job.vehicle },
      fuel: { version: fuelVersion, savedAt: at, value: fuel },
    },
  },
})
const saved = (version: number): Reply => ({ status: 200, body: { version, savedAt: at } })
const stale = (version: number, lowV: number): Reply => ({
  status: 409,
  body: { code: 'stale', message: 'changed', current: { version, savedAt: at, value: { ...job.fuel, lowV } } },
})

const until = async (done: () => boolean) => {
  for (let i = 0; i < 200; i++) {
    if (done()) return
    await new Promise((resolve) => setTimeout(resolve, 20))
  }
  throw new Error(`never came: state is ${JSON.stringify(useJobStore.getState().save)}`)
}
const state = () => useJobStore.getState()
const setVolts = (lowV: number) => run(setFuel({ lowV }, 'volts'))

/** As a reload of the page: what was in memory is gone. */
const reload = () => {
  stopSending()
  useJobStore.setState(initialJobState, true)
}

afterEach(async () => {
  reload()
  await outbox.remove(JOB, 'fuel')
})

describe('saving', () => {
  it('sends the section with the version it was based on and empties the outbox', async () => {
    const server = new PlayedServer([jobReply(), saved(2)])
    await openJob(JOB)
    setVolts(11.8)
    expect(state().save).toBe('saving')
    await until(() => state().save === 'saved')
    expect(server.sent).toMatchObject([{ baseVersion: 1, value: { lowV: 11.8 } }])
    expect(state().versions.fuel).toBe(2)
    expect(await outbox.ofJob(JOB)).toEqual([])
  })

  it('keeps what cannot be sent, and sends it after a reload', async () => {
    new PlayedServer([jobReply(), 'away'])
    await openJob(JOB)
    setVolts(12.2)
    await until(() => state().save === 'kept-here')
    expect(await outbox.ofJob(JOB)).toMatchObject([{ section: 'fuel', baseVersion: 1, value: { lowV: 12.2 } }])
    reload()
    const again = new PlayedServer([jobReply(), saved(2)])
    await openJob(JOB)
    expect(state().document!.fuel.lowV).toBe(12.2)
    await until(() => state().save === 'saved')
    expect(again.sent).toHaveLength(1)
  })

  it('takes a stale answer that equals its own value as an acknowledgement that was lost', async () => {
    new PlayedServer([jobReply(), stale(2, 12.4)])
    await openJob(JOB)
    setVolts(12.4)
    await until(() => state().save === 'saved')
    expect(state().versions.fuel).toBe(2)
    expect(state().conflict).toBeNull()
  })

  it('takes its own earlier edit, whose answer was lost, for no conflict and goes on from it', async () => {
    const server = new PlayedServer([jobReply(), 'away', stale(2, 11.7), saved(3)])
    await openJob(JOB)
    setVolts(11.7)
    await until(() => state().save === 'kept-here')
    setVolts(12.3)
    await until(() => state().save === 'saved')
    expect(server.sent.map((s) => [s.baseVersion, s.value.lowV])).toEqual([
      [1, 11.7],
      [1, 12.3],
      [2, 12.3],
    ])
    expect(state()).toMatchObject({ conflict: null, versions: { fuel: 3 } })
  })

  it('sends the last edit of a job before another one is opened', async () => {
    const server = new PlayedServer([jobReply(), saved(2), jobReply(2)])
    await openJob(JOB)
    setVolts(12.1)
    await openJob(JOB)
    expect(server.sent).toMatchObject([{ value: { lowV: 12.1 } }])
    expect(await outbox.ofJob(JOB)).toEqual([])
  })

  it('a slow answer for a job that was left does not come over the one asked for last', async () => {
    const other = '8b7d2e94-1c35-4f0b-b0a2-77d1e5a4c222'
    const { body } = jobReply() as { body: object }
    globalThis.fetch = ((url: string) => {
      const slow = url.endsWith(JOB)
      const response = {
        ok: true,
        status: 200,
        text: () => Promise.resolve(JSON.stringify({ ...body, id: slow ? JOB : other })),
      }
      return new Promise<unknown>((resolve) => setTimeout(() => resolve(response), slow ? 80 : 5))
    }) as typeof fetch
    const first = openJob(JOB)
    await new Promise((resolve) => setTimeout(resolve, 20))
    await openJob(other)
    await first
    expect(state().jobId).toBe(other)
  })

  it('shows a conflict with both values; keeping mine sends it on top, undo brings back theirs', async () => {
    const server = new PlayedServer([jobReply(), stale(5, 11.1), saved(6)])
    await openJob(JOB)
    setVolts(12.6)
    await until(() => state().save === 'conflict')
    expect(state().conflict).toMatchObject({
      section: 'fuel',
      mine: { lowV: 12.6 },
      theirs: { lowV: 11.1 },
      theirVersion: 5,
    })
    settleConflict('mine')
    await until(() => state().save === 'saved')
    expect(server.sent.at(-1)).toMatchObject({ baseVersion: 5, value: { lowV: 12.6 } })
    expect(state().past.at(-1)!.document.fuel.lowV).toBe(11.1)
  })

  it('taking theirs gives up mine but leaves it to undo', async () => {
    new PlayedServer([jobReply(), stale(5, 11.1)])
    await openJob(JOB)
    setVolts(12.6)
    await until(() => state().save === 'conflict')
    settleConflict('theirs')
    expect(state()).toMatchObject({ save: 'saved', document: { fuel: { lowV: 11.1 } }, versions: { fuel: 5 } })
    expect(state().past.at(-1)!.document.fuel.lowV).toBe(12.6)
  })

  it('finds a conflict on opening when both sides moved on', async () => {
    await outbox.put({ jobId: JOB, section: 'fuel', baseVersion: 1, value: { ...job.fuel, lowV: 12.9 } })
    new PlayedServer([jobReply(3, { ...job.fuel, lowV: 10.5 })])
    await openJob(JOB)
    expect(state()).toMatchObject({
      save: 'conflict',
      conflict: { mine: { lowV: 12.9 }, theirs: { lowV: 10.5 }, theirVersion: 3 },
    })
  })

  it('says why the server refused and keeps the entry', async () => {
    new PlayedServer([
      jobReply(),
      { status: 400, body: { code: 'badInput', message: 'value.lowV is 99; allowed: 6 to 16 V' } },
    ])
    await openJob(JOB)
    setVolts(13)
    await until(() => state().save === 'refused')
    expect(state().saveNote).toContain('6 to 16 V')
    expect(await outbox.ofJob(JOB)).toHaveLength(1)
  })
})
