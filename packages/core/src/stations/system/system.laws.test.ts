import fc from 'fast-check'
import type { JobDocument } from '../../job/index.ts'
import type { ControllerPart } from '../../parts/index.ts'
import { arbWalkedJob } from '../walk-around/test/randomWalk.ts'
import { architectureId, architecturesFor, assessSystem, candidatesFor, lacksOf, terminalsFor } from './index.ts'

const count = (max: number) => fc.integer({ min: 0, max })
const arbController: fc.Arbitrary<ControllerPart> = fc.record({
  id: fc.uuid(),
  name: fc.constant('c'),
  priceClass: fc.integer({ min: 1, max: 5 }),
  injectorDrivers: count(12),
  ignitionOutputs: count(8),
  switchedOutputs: count(10),
  idleValve: fc.boolean(),
  tachOutput: fc.boolean(),
  triggerInputs: count(3),
  analogueInputs: count(8),
  oxygenSensors: count(2),
  sequential: fc.boolean(),
  gearbox: fc.boolean(),
  leastV: fc.constant(null),
  rideThroughS: fc.constant(null),
  pinout: fc.constant(null),
  digitalInputs: fc.constant(null),
  knockInput: fc.constant(null),
  connectors: fc.constant(null),
  revision: fc.constant(null),
  pumpSwitch: fc.constant(null),
  marketSwitch: fc.constant(null),
})
type Originality = NonNullable<JobDocument['system']['originality']>
type Welder = NonNullable<JobDocument['system']['welder']>
type TimingWish = NonNullable<JobDocument['system']['timingControl']>

const arbWishes = fc.record({
  boostLaterPa: fc.option(fc.double({ min: 0, max: 150e3, noNaN: true })),
  budgetClass: fc.option(fc.integer({ min: 1, max: 5 })),
  originality: fc.option(fc.constantFrom<Originality[]>('looks-stock', 'can-be-undone', 'free')),
  welder: fc.option(fc.constantFrom<Welder[]>('self', 'shop', 'none')),
  timingControl: fc.option(fc.constantFrom<TimingWish[]>('wanted', 'later', 'no')),
  gearboxControl: fc.option(fc.boolean()),
  fanControl: fc.option(fc.boolean()),
})
const arbJob: fc.Arbitrary<JobDocument> = fc
  .tuple(arbWalkedJob, arbWishes)
  .map(([job, wishes]) => ({ ...job, system: { ...job.system, ...wishes } }))

describe('choice of system, laws on random cars and wishes', () => {
  it('the controller named lacks nothing and no cheaper one would do; none is named only where all lack something', () => {
    fc.assert(
      fc.property(arbJob, fc.array(arbController, { maxLength: 6 }), (job, controllers) => {
        for (const c of candidatesFor(job, controllers)) {
          const need = terminalsFor(job, c.architecture)
          const fitting = controllers.filter((x) => lacksOf(x, need, job, c.architecture).length === 0)
          if (c.controller) {
            expect(fitting).toContain(c.controller)
            expect(c.controller.priceClass).toBe(Math.min(...fitting.map((f) => f.priceClass)))
          } else {
            expect(fitting).toEqual([])
            expect(c.objections.join()).toMatch(/No ECU/)
          }
        }
      }),
      { seed: 51, numRuns: 60 },
    )
  })

  it('a larger controller never lacks more', () => {
    fc.assert(
      fc.property(arbJob, arbController, (job, c) => {
        const larger = {
          ...c,
          injectorDrivers: 24,
          ignitionOutputs: 24,
          switchedOutputs: 24,
          triggerInputs: 4,
          analogueInputs: 24,
          oxygenSensors: 4,
          idleValve: true,
          tachOutput: true,
          sequential: true,
          gearbox: true,
        }
        for (const a of architecturesFor(job)) {
          const need = terminalsFor(job, a)
          expect(lacksOf(larger, need, job, a)).toEqual([])
          expect(lacksOf(c, need, job, a).length).toBeGreaterThanOrEqual(0)
        }
      }),
      { seed: 52, numRuns: 60 },
    )
  })

  it('whatever is chosen is found again on the same car, with defaults and parts that follow', () => {
    fc.assert(
      fc.property(arbJob, fc.nat(), fc.array(arbController, { minLength: 1, maxLength: 4 }), (job, n, controllers) => {
        const all = candidatesFor(job, controllers)
        const pick = all[n % all.length]!
        const chosen = assessSystem({ ...job, system: { ...job.system, chosen: pick.architecture } }, { controllers })
        expect(chosen.chosen?.id).toBe(architectureId(pick.architecture))
        expect(chosen.choice).toBe(pick.objections.length > 0 ? 'doubtful' : 'chosen')
        expect(chosen.leftOut.map((l) => l.id)).toContain('inertia')
        for (const d of chosen.downstream) if (d.figure) expect(Number.isFinite(d.figure.si)).toBe(true)
      }),
      { seed: 53, numRuns: 60 },
    )
  })

  it('a larger budget never adds a reason against', () => {
    fc.assert(
      fc.property(arbJob, arbController, (job, c) => {
        const at = (budgetClass: number) =>
          new Map(candidatesFor({ ...job, system: { ...job.system, budgetClass } }, [c]).map((x) => [x.id, x.points]))
        const [small, large] = [at(1), at(5)]
        for (const [id, points] of large) expect(points).toBeLessThanOrEqual(small.get(id)!)
      }),
      { seed: 54, numRuns: 60 },
    )
  })
})
