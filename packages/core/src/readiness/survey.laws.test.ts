import fc from 'fast-check'
import { hoursOfReach } from '../figures/index.ts'
import {
  emptyFastener,
  emptyInTheWay,
  emptyPurchase,
  ACCEPTANCE,
  LATER,
  REACHED,
  SIGNALS,
  USES,
} from '../sections/index.ts'
import { circuitsOfJob } from '../stations/harness/index.ts'
import { candidatesFor, laterOf, stagesOf, terminalsFor } from '../stations/system/index.ts'
import { acceptanceOf } from '../stations/walk-around/index.ts'
import { purchasesOf } from './purchases.ts'
import { stationById } from './test/stationById.ts'
import { at, BASE, CATALOGUE } from './test/surveyed.ts'

const RUNS = { seed: 26, numRuns: 60 }
const some = <T>(all: readonly T[]) => fc.subarray([...all])
const inTheWay = fc.array(
  fc.record({ place: fc.constantFrom(...REACHED), takesS: fc.option(fc.integer({ min: 0, max: 20_000 })) }),
  { maxLength: 8 },
)
const stuck = fc.array(
  fc.record({
    place: fc.constantFrom(...REACHED),
    state: fc.constantFrom('seized' as const, 'rounded' as const, 'stripped' as const, 'missing' as const),
  }),
  { maxLength: 5 },
)
const reaching = (ways: readonly object[], fasteners: readonly object[]) =>
  at(BASE, {
    'walkAround.reach.inTheWay': ways.map((w, i) => ({ ...emptyInTheWay(`out-${i}`, 'Part', 'tank'), ...w })),
    'walkAround.reach.fasteners': fasteners.map((f, i) => ({ ...emptyFastener(`stuck-${i}`, 'Nut', 'tank'), ...f })),
  })

describe('hours to reach the places of the work', () => {
  it('are quarters of an hour, no less than what was entered and less than a quarter more', () =>
    fc.assert(
      fc.property(inTheWay, stuck, (ways, fasteners) => {
        const hours = hoursOfReach(reaching(ways, fasteners))
        const counted =
          ways.reduce((s, w) => s + (w.takesS ?? 0), 0) + 1800 * fasteners.filter((f) => f.state !== 'missing').length
        expect(Number.isInteger(hours * 4)).toBe(true)
        expect(hours * 3600).toBeGreaterThanOrEqual(counted - 1e-6)
        expect(hours * 3600).toBeLessThan(counted + 900)
      }),
      RUNS,
    ))
  it('of some places are no more than of all, and of all places one by one together no less', () =>
    fc.assert(
      fc.property(inTheWay, stuck, some(REACHED), (ways, fasteners, places) => {
        const job = reaching(ways, fasteners)
        expect(hoursOfReach(job, places)).toBeLessThanOrEqual(hoursOfReach(job))
        expect(REACHED.reduce((s, p) => s + hoursOfReach(job, [p]), 0)).toBeGreaterThanOrEqual(hoursOfReach(job))
      }),
      RUNS,
    ))
  it('stand in the hours of every way of building, once for each scope that reaches there', () =>
    fc.assert(
      fc.property(inTheWay, (ways) => {
        const [without, withThem] = [BASE, reaching(ways, [])].map((j) => candidatesFor(j, []))
        for (const c of withThem!) {
          const before = without!.find((x) => x.id === c.id)!
          const more = c.hours[0] - before.hours[0]
          expect(c.hours[1] - before.hours[1]).toBeCloseTo(more, 9)
          const reached = ['exhaust', 'bulkhead', 'ecu', 'battery', 'earths', 'manifold', 'fuel-lines', ...(c.architecture.pumpPlace === 'in-tank' ? ['tank'] : [])] // prettier-ignore
          const wanted = ways.reduce((s, w) => s + (reached.includes(w.place) ? (w.takesS ?? 0) : 0), 0) / 3600
          // Each of three scopes rounds up for itself.
          expect(more).toBeGreaterThanOrEqual(wanted - 1e-6)
          expect(more).toBeLessThan(wanted + 0.75)
        }
      }),
      { ...RUNS, numRuns: 15 },
    ))
})

describe('inputs, outputs and stages', () => {
  it('what is wanted more never asks for less', () =>
    fc.assert(
      fc.property(some(SIGNALS), some(SIGNALS), (few, others) => {
        const more = [...new Set([...few, ...others])]
        const of = (signals: readonly string[]) =>
          Object.values(terminalsFor(at(BASE, { 'system.signals': signals }), BASE.system.chosen!))
        of(more).forEach((n, i) => expect(n).toBeGreaterThanOrEqual(of(few)[i]!))
        const sum = (list: number[]) => list.reduce((s, n) => s + n, 0)
        expect(sum(of(more)) - sum(of([]))).toBe(more.length)
      }),
      RUNS,
    ))
  it('what the system counts is what the harness joins, wherever road speed was asked for', () =>
    fc.assert(
      fc.property(some(SIGNALS), fc.constantFrom(null, 'none', 'sensor', 'adapter'), (signals, roadSpeed) => {
        const job = at(BASE, { 'system.signals': signals, 'harness.design.roadSpeed': roadSpeed })
        const need = terminalsFor(job, job.system.chosen!)
        const joined = new Set(circuitsOfJob(job).list.map((c) => c.ecuDoes))
        const count = (...does: string[]) => does.filter((d) => joined.has(d)).length
        const undecided = signals.includes('road-speed') && (roadSpeed === null || roadSpeed === 'none') ? 1 : 0
        expect(need.digitalInputs - undecided).toBe(count('brake', 'cooling-request', 'road-speed'))
        expect(need.knockInputs).toBe(count('knock'))
        expect(need.analogueInputs).toBe(4 + count('oil-pressure', 'ambient-pressure'))
        expect(need.switchedOutputs).toBe(2 + count('fan-relay-2', 'speedometer'))
      }),
      RUNS,
    ))
  it('in the ports each driver of the loom stays within one group of the engine top, and the system counts as many', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(2, 3, 4, 5, 6, 8, 10, 12),
        fc.boolean(),
        fc.integer(),
        (cylinders, sequential, turn) => {
          const numbers = Array.from({ length: cylinders }, (_, i) => i + 1)
          // Any order does: the groups are whatever every second of it is.
          const order = numbers
            .map((n) => [(Math.imul(n + turn, 2654435761) >>> 0) / 2 ** 32, n] as const)
            .sort(([a], [b]) => a - b)
            .map(([, n]) => n)
          const chosen = { ...BASE.system.chosen!, injection: 'port', firing: sequential ? 'sequential' : 'batch' }
          const job = at(BASE, {
            'system.chosen': chosen,
            'vehicle.cylinders': cylinders,
            'walkAround.engine.firingOrder': order.join('-'),
          })
          const drives = circuitsOfJob(job).list.filter((c) => /^injector-drive-\d+/.test(c.id))
          const on = new Map<string, number[]>()
          for (const c of drives) {
            const [driver] = /^injector-drive-\d+/.exec(c.id)!
            const injector = [c.from, c.to].map((end) => /^injector-(\d+)$/.exec(end)?.[1]).find(Boolean)
            on.set(driver, [...(on.get(driver) ?? []), ...(injector ? [Number(injector)] : [])])
          }
          expect(on.size).toBe(terminalsFor(job, job.system.chosen!).injectorDrivers)
          expect([...on.values()].flat().sort((a, b) => a - b)).toEqual(numbers)
          for (const own of on.values()) {
            expect(own.length).toBeLessThanOrEqual(sequential ? 1 : 2)
            expect(new Set(own.map((n) => order.indexOf(n) % 2)).size).toBe(1)
          }
        },
      ),
      RUNS,
    ))
  it('the first stage asks for no more than the last, and the last is what was chosen', () =>
    fc.assert(
      fc.property(some(LATER), some(SIGNALS), fc.boolean(), (later, signals, gearboxControl) => {
        const job = at(BASE, { 'system.later': later, 'system.signals': signals, 'system.gearboxControl': gearboxControl }) // prettier-ignore
        const stages = stagesOf(job)
        const part = laterOf(job)
        expect(stages.length).toBe(part.length === 0 ? 0 : 2)
        if (part.length === 0) return
        const [first, last] = stages
        const counts = Object.values(last!.terminals)
        Object.values(first!.terminals).forEach((n, i) => expect(n).toBeLessThanOrEqual(counts[i]!))
        expect(last!.architecture).toEqual(job.system.chosen)
        expect(first!.without.length).toBe(part.length)
      }),
      RUNS,
    ))
})

describe('what is tried, bought and burnt', () => {
  it('every use is tried, none twice', () =>
    fc.assert(
      fc.property(some(USES), (uses) => {
        const tests = acceptanceOf(at(BASE, { 'system.uses': uses }))
        expect([...new Set(tests.map((t) => t.use))]).toEqual(uses)
        expect(new Set(tests.map((t) => JSON.stringify(t.tries))).size).toBe(tests.length)
        expect(new Set(tests.map((t) => t.id)).size).toBe(tests.length)
      }),
      RUNS,
    ))
  it('with every use and a whole baseline each test there is gets tried', () => {
    const filled = { idleRpm: 800, idleVacuumPa: 6e4, cruiseRpm: 2500, cruiseVacuumPa: 5e4, airK: 320 }
    const job = at(BASE, {
      'system.uses': USES,
      ...Object.fromEntries(Object.entries(filled).map(([name, si]) => [`walkAround.baseline.${name}`, si])),
    })
    expect(acceptanceOf(job).map((t) => t.id).sort()).toEqual([...ACCEPTANCE].sort()) // prettier-ignore
  })
  it('a second fuel like the first changes nothing', () =>
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (share) => {
        const job = at(BASE, { 'fuel.ethanolShare': share, 'fuel.secondEthanolShare': share })
        expect(
          stationById('fuel')
            .assess(job, CATALOGUE)
            .verdicts.find((v) => v.id === 'second-fuel')?.state,
        ).toBe('ok')
      }),
      { ...RUNS, numRuns: 20 },
    ))
  it('orders: a line for each part, one for each order that has none, the sum of what is priced', () =>
    fc.assert(
      fc.property(fc.array(fc.option(fc.integer({ min: 0, max: 99_999 })), { maxLength: 6 }), (cents) => {
        const purchases = cents.map((c, i) => ({ ...emptyPurchase(`purchase-${i}`, 'x', `gone-${i}`), price: c === null ? null : c / 100 })) // prettier-ignore
        const [without, withThem] = [BASE, at(BASE, { 'orders.purchases': purchases })].map(purchasesOf)
        expect(withThem!.lines.length).toBe(without!.lines.length + cents.length)
        expect(withThem!.priceSum).toBeCloseTo(cents.reduce<number>((s, c) => s + (c ?? 0), 0) / 100, 6)
      }),
      RUNS,
    ))
})
