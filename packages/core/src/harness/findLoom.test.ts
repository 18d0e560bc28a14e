import { findLoom, type RouteCase, type RouteCircuit, type RouteCorridor } from './index.ts'
import { exactModel } from './route/exactModel.ts'
import { RouteSearch } from './route/routeSearch.ts'
import { bruteForce, checkLoom } from './test/checkLoom.ts'
import { drawCar } from './route/drawCar.ts'

const RATES = { lay: 2, wire: 1, open: 4, bundle: 6, heat: 8, wet: 5, cross: 3, repin: 10, fold: 1 }
const corridor = (id: string, from: string, to: string, more: Partial<RouteCorridor> = {}): RouteCorridor => ({
  id,
  from,
  to,
  lengthM: 1,
  temperatureK: 333,
  ...more,
})
const circuit = (id: string, from: string, to: string, more: Partial<RouteCircuit> = {}): RouteCircuit => ({
  id,
  from,
  to,
  class: 'power',
  diameterM: 0.002,
  limitK: 398,
  ...more,
})
const car = (more: Partial<RouteCase>): RouteCase => ({ corridors: [], circuits: [], rates: RATES, ...more })

describe('five cars worked by hand', () => {
  it('one wire along one corridor of a metre: 2 lay, 1 wire, 4 open, 6 bundle', () => {
    const plan = findLoom(car({ corridors: [corridor('a', 'p', 'q')], circuits: [circuit('w', 'p', 'q')] }))
    expect(plan.cost).toMatchObject({ lay: 2, wire: 1, open: 4, bundle: 6, total: 13 })
    expect(plan.routes[0]).toMatchObject({ corridors: ['a'], pathM: 1, wireM: 1 })
    expect(plan.bound).toBeCloseTo(13, 6)
  })

  it('two wires share the longer trunk rather than open a second one', () => {
    // Alone, x is the shorter way for w2: 0.9 m costs 2.7 + 4 + 5.4 = 12.1. Along with w1: 1 m, 3 minutes.
    const plan = findLoom(
      car({
        corridors: [corridor('trunk', 'p', 'q'), corridor('x', 'p', 'q', { lengthM: 0.9 })],
        circuits: [circuit('w1', 'p', 'q', { through: ['trunk'] }), circuit('w2', 'p', 'q')],
      }),
    )
    expect(plan.routes.map((r) => r.corridors)).toEqual([['trunk'], ['trunk']])
    expect(plan.cost.total).toBeCloseTo(16, 9)
  })

  it('quiet and noisy wires part where they may not meet, and a third follows its own class', () => {
    const plan = findLoom(
      car({
        corridors: [corridor('left', 'p', 'q'), corridor('right', 'p', 'q', { lengthM: 1.2 })],
        circuits: [
          circuit('n', 'p', 'q', { class: 'noisy' }),
          circuit('s1', 'p', 'q', { class: 'quiet' }),
          circuit('s2', 'p', 'q', { class: 'quiet' }),
        ],
        separate: [['noisy', 'quiet']],
      }),
    )
    // Two quiet ones on the short way (6 + 4 + 6 = 16), the noisy one on the long: 3.6 + 4 + 7.2 = 14.8.
    expect(plan.feasible).toBe(true)
    expect(plan.routes.map((r) => r.corridors)).toEqual([['right'], ['left'], ['left']])
    expect(plan.cost.total).toBeCloseTo(30.8, 9)
  })

  it('a kit lead too short is lengthened, one too long is folded', () => {
    const plan = findLoom(
      car({
        corridors: [corridor('a', 'p', 'q')],
        circuits: [
          circuit('short', 'p', 'q', { kit: { reachM: 0.6, extend: { minutes: 12, mostM: 1 } } }),
          circuit('long', 'p', 'q', { kit: { reachM: 1.5 } }),
        ],
      }),
    )
    expect(plan.cost).toMatchObject({ lay: 4, fold: 0.5, extend: 12, open: 4, bundle: 6 })
    expect(plan.cost.wire).toBeCloseTo(0.4, 9)
    expect(plan.routes.map((r) => r.shortfallM)).toEqual([expect.closeTo(0.4, 9), 0])
  })

  it('a unit too hot on the wing goes to the cabin, through the hole', () => {
    const input = car({
      corridors: [corridor('hole', 'bay', 'cabin', { lengthM: 0.1, hole: { boreM: 0.02 } })],
      circuits: [circuit('w', 'bay', 'unit')],
      unit: {
        limitK: 358,
        candidates: [
          { id: 'wing', place: 'bay', temperatureK: 363, minutes: 5 },
          { id: 'dash', place: 'cabin', temperatureK: 318, minutes: 20 },
        ],
      },
    })
    const plan = findLoom(input)
    expect(plan.place).toBe('dash')
    // 20 + lay 0.2 + wire 0.1 + open 4 + bundle 0.6 + cross 3.
    expect(plan.cost.total).toBeCloseTo(27.9, 9)
    expect(plan.fills[0]!.allowedM2).toBeCloseTo(0.45 * Math.PI * 1e-4, 12)
  })
})

describe('breaking cases', () => {
  it('says which rule is broken where none can be kept, and breaks one only', () => {
    const plan = findLoom(
      car({
        corridors: [
          corridor('hot', 'p', 'q', { temperatureK: 420 }),
          corridor('hole', 'p', 'q', { hole: { boreM: 0.003 } }),
        ],
        circuits: [circuit('a', 'p', 'q'), circuit('b', 'p', 'q'), circuit('c', 'p', 'q')],
      }),
    )
    // All three through the hole break one rule; one in the heat and the rest in the hole would break two.
    expect(plan.broken).toEqual([{ constraint: 'hole', id: 'hole' }])
    expect(plan).toMatchObject({ feasible: false, bound: null })
  })

  it('an island has no way, costs nothing and stands in no bundle', () => {
    const plan = findLoom(
      car({ corridors: [corridor('a', 'p', 'q'), corridor('b', 'x', 'y')], circuits: [circuit('w', 'p', 'y')] }),
    )
    expect(plan.broken).toEqual([{ constraint: 'way', id: 'w' }])
    expect(plan).toMatchObject({ cost: { total: 0 }, bundles: [], routes: [{ corridors: null, wireM: null }] })
  })

  it('a circuit between two devices at one place needs no corridor, and still has its leads', () => {
    const plan = findLoom(
      car({
        corridors: [corridor('a', 'p', 'q')],
        circuits: [circuit('w', 'p', 'p', { leadFromM: 0.2, leadToM: 0.3 })],
      }),
    )
    expect(plan.routes[0]).toMatchObject({ corridors: [], pathM: 0, wireM: 0.5 })
  })

  it('a long list that lies together, each wire with a limit of its own, breaks no more than it must', () => {
    const circuits = Array.from({ length: 40 }, (_, n) => circuit(`w${n}`, 'p', 'r', { limitK: 340 + n }))
    const input = car({
      corridors: [
        ...Array.from({ length: 40 }, (_, n) => corridor(`hot${n}`, 'p', 'q', { temperatureK: 340.5 + n })),
        corridor('on', 'q', 'r'),
      ],
      circuits,
      together: [circuits.map((c) => c.id)],
    })
    // Along the coolest of them one wire alone is too hot.
    expect(findLoom(input, { steps: 500 }).broken).toEqual([{ constraint: 'heat', id: 'w0' }])
  })

  it('a corridor in a dead end that a wire has to take is no way: one rule is broken, no place is met twice', () => {
    const input = car({
      corridors: [corridor('a', 'p', 'q'), corridor('dead', 'q', 'x'), corridor('twin', 'q', 'x')],
      circuits: [circuit('w', 'p', 'q', { through: ['dead'] })],
    })
    const plan = findLoom(input, { steps: 300 })
    expect(plan.routes[0]!.corridors).toEqual(['a'])
    expect(plan.broken).toEqual([{ constraint: 'locked', id: 'w' }])
  })

  it('a corridor that a wire has to take is taken, one that is ruled out is not', () => {
    const corridors = [corridor('a', 'p', 'q'), corridor('b', 'p', 'q', { lengthM: 3 })]
    const one = findLoom(car({ corridors, circuits: [circuit('w', 'p', 'q', { through: ['b'] })] }))
    const other = findLoom(car({ corridors, circuits: [circuit('w', 'p', 'q', { avoid: ['a'] })] }))
    expect([one.routes[0]!.corridors, other.routes[0]!.corridors]).toEqual([['b'], ['b']])
  })
})

/** Small enough to try every combination of paths. */
const small = (seed: number): RouteCase => {
  const whole = drawCar({
    seed,
    corridors: 9,
    circuits: 5,
    binding: seed % 2 === 0,
    candidates: seed % 3,
    kits: seed % 4 < 2,
  })
  return { ...whole, circuits: whole.circuits.slice(0, 4), together: (whole.together ?? []).slice(0, 1) }
}

describe('against every combination of paths', () => {
  it.each(Array.from({ length: 60 }, (_, n) => n + 1))('car %i', (seed) => {
    const input = small(seed)
    const plan = findLoom(input, { steps: 3000 })
    const best = bruteForce(input)
    const checked = checkLoom(input, plan)
    expect(checked.torn).toEqual([])
    expect(plan.broken.map((b) => `${b.constraint} ${b.id}`).sort()).toEqual(checked.broken)
    expect(plan.broken).toHaveLength(best.broken)
    if (best.broken > 0) return
    expect(plan.cost.total).toBeCloseTo(best.total, 6)
    expect(plan.bound!).toBeLessThanOrEqual(best.total + 1e-6)
  })
})

describe('laws of looms', () => {
  it.each([1, 2, 3, 4, 5, 6, 7, 8])('car %i of 60 wires: connected, and its shares sum to its cost', (seed) => {
    const input = drawCar({ seed, corridors: 40, circuits: 60, binding: seed % 2 === 0, kits: seed % 3 === 0 })
    const plan = findLoom(input, { steps: 1500, boundSteps: 20 })
    const checked = checkLoom(input, plan)
    expect(checked.torn).toEqual([])
    expect(plan.broken.map((b) => `${b.constraint} ${b.id}`).sort()).toEqual(checked.broken)
    expect(plan.cost.total).toBeCloseTo(checked.total, 6)
    for (const [share, minutes] of Object.entries(checked.shares))
      expect(plan.cost[share as 'lay']).toBeCloseTo(minutes, 6)
    if (plan.feasible) expect(plan.bound!).toBeLessThanOrEqual(plan.cost.total)
  })

  it('closing a corridor makes nothing better, opening one nothing worse, as long as every wire keeps its way', () => {
    let compared = 0
    for (let seed = 100; seed < 130; seed++) {
      const input = small(seed)
      const whole = bruteForce(input)
      for (const gone of input.corridors.slice(0, 4)) {
        const closed = { ...input, corridors: input.corridors.filter((c) => c !== gone) }
        const found = findLoom(closed, { steps: 2000 })
        if (found.broken.some((b) => b.constraint === 'way')) continue
        compared++
        expect(found.broken.length).toBeGreaterThanOrEqual(whole.broken)
        if (found.broken.length === 0 && whole.broken === 0)
          expect(found.cost.total).toBeGreaterThanOrEqual(whole.total - 1e-6)
      }
    }
    expect(compared).toBeGreaterThan(60)
  })

  it('the same case gives the same loom', () => {
    const input = drawCar({ seed: 4, corridors: 30, circuits: 40, binding: true })
    expect(findLoom(input, { steps: 1000 })).toEqual(findLoom(input, { steps: 1000 }))
  })
})

describe('the program for the exact run', () => {
  it('names a variable for every corridor that a run may take, and reads a way back', () => {
    const { problem } = new RouteSearch(
      car({
        corridors: [corridor('a', 'p', 'q'), corridor('hot', 'q', 'p', { temperatureK: 500 })],
        circuits: [circuit('w', 'p', 'q')],
      }),
    )
    const model = exactModel(problem, -1)!
    expect(model.text).toContain('x0f0')
    expect(model.text).not.toContain('x0f1')
    expect(model.read((v) => (v === 'x0f0' ? 1 : 0))).toEqual([[0]])
    expect(exactModel(problem, -1, true)!.text).toContain('z0ban0')
  })
})
