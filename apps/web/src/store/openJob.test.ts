import 'fake-indexeddb/auto'
import { beginAhead } from '../api/ahead.ts'
import { call } from '../api/client.ts'
import { emptyJob } from '@lochmoor/core'
import { z } from 'zod'
import { FakeServer } from '../test/server.ts'
import { reply, sitHere } from '../test/session.ts'
import { run, setFuel } from './commands.ts'
import { initialJobState, useJobStore } from './jobStore.ts'
import { openJob } from './openJob.ts'
import { outbox } from './outbox.ts'
import { send, stopSending } from './sending.ts'
import { noteStored } from './storedMeanwhile.ts'

const JOB = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const volts = () => useJobStore.getState().document?.fuel.lowV

beforeEach(async () => {
  sitHere()
  await outbox.load()
  for (const e of outbox.ofJob(JOB)) outbox.remove(e.key)
  useJobStore.setState(initialJobState, true)
})
afterEach(stopSending)

describe('opening a job', () => {
  it('what was stored while it was on its way is in it', async () => {
    const server = new FakeServer(JOB, emptyJob('Car'))
    const honest = globalThis.fetch
    let answers = 0
    // The first answer left the server before this browser’s own edit was stored.
    globalThis.fetch = async (url, init) => {
      const answer = await honest(url, init)
      if ((url as string).endsWith(JOB) && answers++ === 0) {
        server.changeElsewhere('fuel', (fuel: object) => ({ ...fuel, lowV: 11.4 }))
        noteStored(JOB)
      }
      return answer
    }
    expect(await openJob(JOB)).toEqual({ ok: true, value: null })
    expect([answers, volts(), useJobStore.getState().acknowledged.fuel.version]).toEqual([2, 11.4, 2])
  })

  it('what was asked for ahead is taken, once', async () => {
    const server = new FakeServer(JOB, emptyJob('Car'))
    beginAhead(JOB)
    server.changeElsewhere('fuel', (fuel: object) => ({ ...fuel, lowV: 11.4 }))
    await openJob(JOB)
    expect(volts()).toBeNull()
    await openJob(JOB)
    expect(volts()).toBe(11.4)
  })

  it('what was asked for ahead of an own edit that is stored since is not taken', async () => {
    const server = new FakeServer(JOB, emptyJob('Car'))
    await openJob(JOB)
    run(setFuel({ lowV: 11.4 }, 'volts'))
    const stale = { fuel: server.sections.fuel }
    beginAhead(JOB)
    await send()
    expect(server.sections.fuel.version).toBe(stale.fuel.version + 1)
    await openJob(JOB)
    expect(volts()).toBe(11.4)
  })
})

describe('what is asked for ahead', () => {
  const ask = (path: string) => call(z.object({ n: z.number() }), 'GET', path)
  it('is asked again where it was refused or nobody answered', async () => {
    let n = 0
    globalThis.fetch = () => (n++ < 2 ? Promise.reject(new TypeError('away')) : reply(n < 4 ? 401 : 200, { n }))
    beginAhead(JOB)
    expect(n).toBe(3)
    globalThis.fetch = () => reply(200, { n: 7 })
    for (const path of ['/session', `/jobs/${JOB}`, '/catalogue'])
      expect(await ask(path)).toEqual({ ok: true, value: { n: 7 } })
  })
})
