import fc from 'fast-check'
import type { JobDocument } from '../../job/index.ts'
import type { LineDesign } from '../../sections/index.ts'
import { assessFuel } from './assessFuel.ts'
import { catalogue, soundJob } from './test/jobs.ts'

const decades = (min: number, max: number) =>
  fc.double({ min: Math.log(min), max: Math.log(max), noNaN: true }).map(Math.exp)

const arbLine: fc.Arbitrary<LineDesign> = fc.record({
  hose: fc.constantFrom(...catalogue.hoses),
  measuredBoreM: fc.option(decades(0.002, 0.012)),
  lengthM: fc.double({ min: 0, max: 8, noNaN: true }),
  riseM: fc.double({ min: -1, max: 1, noNaN: true }),
  bends90: fc.integer({ min: 0, max: 8 }),
  bends45: fc.integer({ min: 0, max: 4 }),
  connectors: fc.integer({ min: 0, max: 6 }),
  legs: fc.constant([]),
})

/** Designs of every kind: sound, tight and hopeless. */
const arbJob: fc.Arbitrary<JobDocument> = fc
  .record({
    single: fc.boolean(),
    after: fc.boolean(),
    pump: fc.constantFrom(...catalogue.pumps),
    injector: fc.constantFrom(...catalogue.injectors),
    setPressurePa: decades(60e3, 600e3),
    referenced: fc.boolean(),
    feed: arbLine,
    back: arbLine,
    powerW: decades(30e3, 200e3),
    lowV: fc.double({ min: 9, max: 13.5, noNaN: true }),
  })
  .map(({ single, after, back, powerW, ...fuel }) =>
    soundJob(
      {
        ...fuel,
        systemType: single ? 'single-line' : 'return',
        regulator: catalogue.regulators[single ? 1 : 0]!,
        referenced: !single && fuel.referenced,
        filterPosition: single && after ? 'after-regulator' : 'before-regulator',
        return: back,
      },
      { powerW, displacementM3: powerW / 37e6 },
    ),
  )

describe('fuel station, laws on random designs', () => {
  it('never says that a system holds while one of its moments is not in control', () => {
    const seen: Record<string, number> = {}
    fc.assert(
      fc.property(arbJob, (job) => {
        const a = assessFuel(job)
        const failing = a.solved.filter((s) => s.answer.state !== 'in-control')
        seen[a.state] = (seen[a.state] ?? 0) + 1
        for (const s of failing) seen[s.answer.state] = (seen[s.answer.state] ?? 0) + 1
        if (failing.length > 0)
          expect({ state: a.state, failing: failing.map((s) => `${s.point.id} ${s.answer.state}`) }).not.toMatchObject({
            state: 'ok',
          })
        // What fails while the injectors work is a stop, not a hint.
        if (failing.some((s) => s.point.demandM3S > 0)) expect(a.state).toBe('stop')
      }),
      { seed: 101, numRuns: 500 },
    )
    for (const state of ['ok', 'stop', 'not-held', 'lifted', 'starved']) expect(seen[state]).toBeGreaterThan(20)
  })
})
