import fc from 'fast-check'
import { STOCK_CATALOGUE } from '../catalogue/stock/index.ts'
import { DEMO_JOBS } from '../demo/demoJobs.ts'
import { anyJob } from './anyJob.ts'
import { DERIVED, faultsIn } from './derived.ts'

/** Sampled once: making them takes longer than most of what is made of them. */
const JOBS = fc.sample(anyJob(), { seed: 17, numRuns: 100 })
/** A paper takes half a second here. */
const FEW = JOBS.slice(0, 10)

describe('whatever is entered, and whatever copies of parts are in it', () => {
  it.each(Object.entries(DERIVED))('%s is made without a fault and can be read', async (name, derive) => {
    for (const [i, job] of (name.endsWith('sheet') ? FEW : JOBS).entries()) {
      const before = JSON.stringify(job)
      try {
        expect(faultsIn(await derive(job, STOCK_CATALOGUE))).toEqual([])
      } catch (error) {
        throw new Error(`job ${i} of the sample: ${(error as Error).message}`, { cause: error })
      }
      expect(JSON.stringify(job)).toBe(before)
    }
  })
  it('the jobs tried are many, differ, and hold copies of parts that nobody sells', () => {
    expect(new Set(JOBS.map((j) => JSON.stringify(j))).size).toBeGreaterThan(JOBS.length * 0.95)
    const sold = new Set(Object.values(STOCK_CATALOGUE).flatMap((parts) => parts.map((p: object) => JSON.stringify(p))))
    const altered = JOBS.filter(({ fuel }) =>
      [fuel.pump, fuel.filter, fuel.regulator, fuel.injector, fuel.feed.hose].some(
        (p) => p && !sold.has(JSON.stringify(p)),
      ),
    )
    expect(altered.length).toBeGreaterThan(JOBS.length / 4)
    expect(DEMO_JOBS.length).toBeGreaterThan(4)
  })
})

describe('a fault is found where there is one', () => {
  it.each([
    ['text', { a: ['all well', 'NaN mm'] }],
    ['a figure', { a: { si: NaN, family: 'pressure' } }],
    ['a sentence', ['about ', { si: Infinity, family: 'distance' }]],
    ['a hole', { a: { b: 'undefined lies' } }],
  ])('in %s', (_name, value) => expect(faultsIn(value).length).toBeGreaterThan(0))
})
