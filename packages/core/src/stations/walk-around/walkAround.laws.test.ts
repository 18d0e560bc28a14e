import { NO_PARTS } from '../../parts/test/noParts.ts'
import fc from 'fast-check'
import { emptyJob } from '../../job/index.ts'
import { withValueAt } from '../../shape/index.ts'
import { readinessOf } from '../../readiness/index.ts'
import { assessWalkAround, entriesFor, FITNESS_TESTS, isKnown, stillToMeasure, type Fitness } from './index.ts'
import { arbWalkedJob } from './test/randomWalk.ts'

const RANK: Readonly<Record<Fitness, number>> = { repair: 0, watch: 1, 'not-tested': 2, fit: 3 }

describe('walk-around, laws on random cars', () => {
  it('the state is the worst of the tests, the tests stand worst first, every figure is a number', () => {
    fc.assert(
      fc.property(arbWalkedJob, (job) => {
        const { derived, fitness, fit } = assessWalkAround(job)
        const ranks = fitness.map((f) => RANK[f.state])
        expect(ranks).toEqual([...ranks].sort((a, b) => a - b))
        expect(fit).toBe(fitness[0]!.state)
        expect(fitness).toHaveLength(FITNESS_TESTS.length - (job.walkAround.charging.kind === 'dynamo' ? 1 : 0))
        for (const d of derived) if (d.figure) expect([d.id, Number.isFinite(d.figure.si)]).toEqual([d.id, true])
      }),
      { seed: 41, numRuns: 200 },
    )
  })

  it('what is known is never still to be measured, and nothing else is listed', () => {
    fc.assert(
      fc.property(arbWalkedJob, (job) => {
        const all = new Set(entriesFor(job))
        for (const e of stillToMeasure(job)) {
          expect(isKnown(e, job)).toBe(false)
          expect(all.has(e)).toBe(true)
        }
      }),
      { seed: 42, numRuns: 200 },
    )
  })

  it('a repair anywhere is the next action, and the stage of the walk-around is begun', () => {
    fc.assert(
      fc.property(arbWalkedJob, (job) => {
        const { nextAction, repairs, stations } = readinessOf(job, NO_PARTS)
        expect(nextAction.startsWith('Repair first')).toBe(repairs.length > 0)
        if (repairs.length > 0) expect(stations[0]).toMatchObject({ verdict: 'stop', stage: 'judged' })
        expect(nextAction.length).toBeGreaterThan(3)
      }),
      { seed: 43, numRuns: 200 },
    )
  })

  // Drops, slack, ripple and age are better small; resting, cranking, charging voltage and vacuum better large.
  it.each([
    ['tests.chainSlackDeg', 60, 'down'],
    ['tests.rippleV', 2, 'down'],
    ['tests.crankingGroundDropV', 1, 'down'],
    ['tests.crankingPlusDropV', 1, 'down'],
    ['tests.fuelAgeS', 1e8, 'down'],
    ['tests.shaftPlayM', 0.005, 'down'],
    ['tests.restingV', 14, 'up'],
    ['tests.crankingPostV', 13, 'up'],
    ['tests.idleChargingV', 15, 'up'],
    ['tests.idleVacuumPa', 90e3, 'up'],
  ] as const)('a better %s never gives a worse result', (path, most, better) => {
    const test = FITNESS_TESTS.find((t) => t.entries.some((e) => e.path === `walkAround.${path}`))!
    const rankAt = (v: number) => RANK[test.find(withValueAt(emptyJob('x'), `walkAround.${path}`, v))!.state]
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: most, noNaN: true }),
        fc.double({ min: 0, max: most, noNaN: true }),
        (a, b) => {
          const [worse, best] = (better === 'up') === a < b ? [a, b] : [b, a]
          expect(rankAt(best)).toBeGreaterThanOrEqual(rankAt(worse))
        },
      ),
      { seed: 44, numRuns: 200 },
    )
  })
})
