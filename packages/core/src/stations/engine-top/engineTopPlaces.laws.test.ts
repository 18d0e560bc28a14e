import fc from 'fast-check'
import { whyNot, type VacuumCase } from '../../engine-top/index.ts'
import { withChange } from '../../job/index.ts'
import { emptyConsumer, emptyPort, VACUUM_USES, type EngineTopSection } from '../../sections/index.ts'
import { remediesOf } from '../remedies.ts'
import { assessEngineTop } from './assessEngineTop.ts'
import { ENGINE_TOP_STATION } from './engineTopStation.ts'
import { rightJob, withIgnition } from './test/jobs.ts'
import { thermistorOf } from './sensorsOfJob.ts'
import { vacuumOfJob } from './vacuumOfJob.ts'

const NO_PARTS = { pumps: [], injectors: [], hoses: [], fittings: [], filters: [], regulators: [], controllers: [], sensors: [], bungs: [] } as never // prettier-ignore

type Vacuum = EngineTopSection['vacuum']
const maybe = <const T>(...values: T[]) => fc.constantFrom(null, ...values)
const arbVacuum: fc.Arbitrary<Vacuum> = fc
  .record({
    ports: fc.array(fc.record({ boreM: maybe(3e-3, 5e-3, 9e-3, 12e-3), kind: maybe('full', 'ported'), draws: maybe('plenum', 'runner'), keptFor: maybe(null, 'servo', 'regulator') }), { maxLength: 6 }), // prettier-ignore
    consumers: fc.array(fc.record({ use: fc.constantFrom(...VACUUM_USES), boreM: maybe(3e-3, 8e-3), mayShare: maybe(true, false), mayDrop: maybe(true, false), at: fc.nat(8) }), { maxLength: 6 }), // prettier-ignore
    mayDrill: maybe(true, false),
    pressureLine: fc.constantFrom('own-port', 'teed'),
  })
  .map(({ ports, consumers, ...more }) => ({
    ...rightJob.engineTop.vacuum,
    ...more,
    hoses: [],
    ports: ports.map((p, i) => ({ ...emptyPort(`port-${i}`, `Port ${i}`), ...p })),
    consumers: consumers.map(({ at, ...c }, i) => ({ ...emptyConsumer(`use-${i}`, `Use ${i}`, c.use), ...c, portId: at < ports.length && at % 2 === 0 ? `port-${at}` : null })), // prettier-ignore
  }))

describe('who gets which port, with some fixed by hand', () => {
  const rank = (a: { unserved: number; dropped: number; drilled: number }) => a.unserved * 1e6 + a.dropped * 1e3 + a.drilled // prettier-ignore
  it('what is planned suits its port and is shared only among those that may; every port is used or capped', () => {
    fc.assert(
      fc.property(arbVacuum, (entry) => {
        const v = vacuumOfJob(entry)
        const c: VacuumCase = { ports: v.ports, consumers: v.consumers, hoses: [], mayDrill: entry.mayDrill === true }
        for (const h of v.hoses) {
          if (h.fixed) {
            expect(h.port?.id ?? h.waitsFor).toBe(h.consumer.entry.portId)
            continue
          }
          expect(h.port === null).toBe(h.why !== null)
          if (h.port === null) continue
          expect(whyNot(c, h.consumer, h.port)).toBeNull()
          if (h.others.length > 0) for (const x of [h.consumer, ...h.others]) expect(x.mayShare).toBe(true)
        }
        const used = new Set(v.hoses.map((h) => h.port))
        for (const p of v.ports) expect(used.has(p) || v.capped.includes(p) || p.keptFor !== null).toBe(true)
        // What is fixed by hand never shares out better than the plan of everybody, unless it breaks a rule.
        if (v.hoses.every((h) => !h.fixed || (h.waitsFor === null && h.why === null && h.others.length === 0)))
          expect(rank(v.best)).toBeLessThanOrEqual(rank(v.plan))
      }),
      { numRuns: 400, seed: 25 },
    )
  })
})

describe('the rotor, against an engine turned step by step', () => {
  interface Built {
    readonly rotorDeg: number
    readonly pickUpDeg: number
    readonly terminalDeg: number
    readonly referenceDeg: number
    readonly onCrank: boolean
  }
  /** Turns the crank until the ECU fires, as it would: from the trigger on, by its angle and the advance it wants. */
  const fired = (b: Built, advanceDeg: number): { readonly advanceDeg: number; readonly pastDeg: number } => {
    // The rotor stands at rotorDeg with number one at top dead centre and turns half as fast; the trigger comes as it passes the pick-up.
    const triggerAt = b.onCrank ? -b.pickUpDeg : 2 * (b.pickUpDeg - b.rotorDeg)
    const sparkAt = triggerAt + (b.referenceDeg - advanceDeg)
    return { advanceDeg: -sparkAt, pastDeg: b.rotorDeg + sparkAt / 2 - b.terminalDeg }
  }
  it('a housing turned as the remedy says centres it, and the spark stays where it was', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -40, max: 40 }),
        fc.integer({ min: 0, max: 12 }),
        fc.integer({ min: 20, max: 44 }),
        fc.boolean(),
        (halfPast, least, most, onCrank) => {
          const pastDeg = halfPast / 2
          const middle = (least + most) / 2
          // Built so that it stands as it was seen: true to its reference, the rotor past its terminal by that at the middle.
          const pickUpDeg = onCrank ? 60 : -30
          const before: Built = {
            rotorDeg: 0,
            pickUpDeg,
            terminalDeg: -middle / 2 - pastDeg,
            referenceDeg: 60,
            onCrank,
          }
          expect(fired(before, middle)).toEqual({ advanceDeg: middle, pastDeg })
          const job = withIgnition(
            { pastDeg, seenAtDeg: middle, leastDeg: least, mostDeg: most, referenceDeg: 60, pickUp: 'variable-reluctance' }, // prettier-ignore
            withChange(rightJob, { system: { chosen: { ...rightJob.system.chosen!, trigger: onCrank ? 'crank-wheel' : 'distributor' } } }), // prettier-ignore
          )
          const { rotor } = assessEngineTop(job).c.ignition
          for (const end of rotor!.ends) expect(fired(before, end.advanceDeg).pastDeg).toBeCloseTo(end.pastDeg, 9)
          const remedy = remediesOf(ENGINE_TOP_STATION, job, NO_PARTS).get('rotor')?.find((r) => r.id === 'turn-housing') // prettier-ignore
          if (!remedy) return
          const after = withChange(job, remedy.change)
          const turn = pastDeg - after.engineTop.ignition.pastDeg!
          const turned: Built = {
            ...before,
            terminalDeg: before.terminalDeg + turn,
            pickUpDeg: onCrank ? pickUpDeg : pickUpDeg + turn,
            referenceDeg: after.engineTop.ignition.referenceDeg!,
          }
          const now = fired(turned, middle)
          expect(now.advanceDeg).toBeCloseTo(middle, 9)
          expect(now.pastDeg).toBeCloseTo(after.engineTop.ignition.pastDeg!, 9)
          expect(Math.abs(now.pastDeg)).toBeLessThanOrEqual(0.25 + 1e-9)
        },
      ),
      { numRuns: 60, seed: 25 },
    )
  })
})

it('a thermistor’s table falls all the way, and its resistance reads back as its temperature', () => {
  const entry = rightJob.engineTop.sensors.thermistors[0]!
  const { table } = thermistorOf(entry)
  expect(table!.every((r, i) => i === 0 || (r.ohm < table![i - 1]!.ohm && r.counts <= table![i - 1]!.counts))).toBe(true) // prettier-ignore
  for (const row of table!)
    expect(thermistorOf({ ...entry, ambientOhm: row.ohm }).ambientK).toBeCloseTo(row.temperatureK, 6)
})
