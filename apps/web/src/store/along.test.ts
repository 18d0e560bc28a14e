import 'fake-indexeddb/auto'
import { err, ok } from '@lochmoor/core'
import { z } from 'zod'
import { jobsAlong, keptAnswer } from '../api/keptAnswers.ts'
import { along, forgetAlong, keepAnswersOf, serverAnswers, useAlong } from './along.ts'
import { placesOf, rememberPlace } from './places.ts'

const Answer = z.strictObject({ volts: z.number() })
const AWAY = err({ kind: 'away' as const, message: 'The server is not answering.' })
const REFUSED = err({ kind: 'refused' as const, status: 404, refusal: { code: 'noSuchJob' as const, message: 'There is none.' } }) // prettier-ignore
let who: string | null = 'maren'
const ask = (
  answer: Parameters<typeof along<{ volts: number }>>[2] extends Promise<infer A> ? A : never,
  path = '/jobs/a',
) => along(Answer, path, Promise.resolve(answer))
/** Keeping goes on behind the answer. */
const settled = () => new Promise((resolve) => setTimeout(resolve, 30))

beforeEach(async () => {
  who = 'maren'
  keepAnswersOf(() => who)
  await forgetAlong()
})

describe('what is taken along', () => {
  it('without a server it is what was answered last, and says since when', async () => {
    await ask(ok({ volts: 12 }))
    await ask(ok({ volts: 12.6 }))
    await settled()
    expect(useAlong.getState().keptAt).toBe(null)
    expect(await ask(AWAY)).toEqual(ok({ volts: 12.6 }))
    expect(useAlong.getState().keptAt).toMatch(/^\d{4}-/)
    const { returns } = useAlong.getState()
    serverAnswers()
    expect(useAlong.getState()).toEqual({ keptAt: null, returns: returns + 1 })
  })
  it('a refusal is the server’s own answer: nothing kept takes its place', async () => {
    await ask(ok({ volts: 12 }))
    await settled()
    expect(await ask(REFUSED)).toEqual(REFUSED)
  })
  it('what was never asked for is not there, nor what no longer fits this version', async () => {
    expect(await ask(AWAY)).toEqual(AWAY)
    await along(z.unknown(), '/jobs/a', Promise.resolve(ok({ amps: 3 })))
    await settled()
    expect(await ask(AWAY)).toEqual(AWAY)
  })
  it('is one person’s: another gets nothing of it, nor does a guest', async () => {
    await ask(ok({ volts: 12 }))
    await settled()
    who = 'tobin'
    expect(await ask(AWAY)).toEqual(AWAY)
    expect(await jobsAlong('tobin')).toEqual(new Set())
    expect(await jobsAlong('maren')).toEqual(new Set(['a']))
    who = null
    expect(await ask(AWAY)).toEqual(AWAY)
    await ask(ok({ volts: 1 }), '/jobs/b')
    await settled()
    expect(await jobsAlong('maren')).toEqual(new Set(['a']))
  })
  it('leaving forgets all of it, and where one was', async () => {
    await ask(ok({ volts: 12 }))
    await settled()
    rememberPlace('a', 'fuel/order')
    await forgetAlong()
    expect(await keptAnswer('maren', '/jobs/a')).toBe(null)
    expect(placesOf('a').last).toBe(null)
  })
  it('the last twenty jobs are kept, a log by the side of them', async () => {
    await ask(ok({ volts: 1 }), '/jobs/first/records?{}')
    for (let n = 0; n < 41; n++) {
      await ask(ok({ volts: n }), `/jobs/job-${n}`)
      await new Promise((resolve) => setTimeout(resolve, 3))
    }
    await settled()
    const kept = await jobsAlong('maren')
    expect(kept.size).toBeLessThanOrEqual(30)
    expect([kept.has('job-40'), kept.has('job-0')]).toEqual([true, false])
    expect(await keptAnswer('maren', '/jobs/first/records?{}')).not.toBe(null)
  })
})
