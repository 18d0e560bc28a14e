import { bundleDiameterM, roundAreaM2 } from '../bundle/bundleDiameter.ts'
import {
  isOver,
  SLEEVE_FROM_K,
  UNIT,
  USUAL_FILL,
  type BrokenRule,
  type CircuitRoute,
  type CorridorFill,
  type CostShare,
  type RouteCase,
  type RoutePlan,
} from './routeCase.ts'
import { breaksPlace } from './routeProblem.ts'

const byCodeUnit = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0)

/**
 * What a loom costs, share by share, and which rules it breaks.
 * @param place id of the candidate that holds the control unit; null without one
 * @param ways corridors of each circuit by number, in order from its `from`, in the order of the circuits; null: no way
 */
export const weighLoom = (
  input: RouteCase,
  place: string | null,
  ways: readonly (readonly number[] | null)[],
  bound: number | null,
): RoutePlan => {
  const { rates } = input
  const share = input.slack?.share ?? 0
  const perEndM = input.slack?.perEndM ?? 0
  const sleeveFromK = input.sleeveFromK ?? SLEEVE_FROM_K
  const cost: Record<CostShare, number> = {
    lay: 0,
    wire: 0,
    fold: 0,
    extend: 0,
    open: 0,
    bundle: 0,
    heat: 0,
    wet: 0,
    cross: 0,
    repin: 0,
    place: 0,
  }
  const broken: BrokenRule[] = []
  const bundles = new Map<string, { corridor: number; class: string; circuits: number[] }>()
  const takenM2 = input.corridors.map(() => 0)

  const routes = input.circuits.map((c, n): CircuitRoute => {
    const way = ways[n]
    if (!way) {
      broken.push({ constraint: 'way', id: c.id })
      return { id: c.id, corridors: null, pathM: null, wireM: null, surplusM: null, shortfallM: null }
    }
    const met = way.map((e) => input.corridors[e]!)
    const pathM = met.reduce((sum, e) => sum + e.lengthM, 0)
    const wireM = (1 + share) * (pathM + (c.leadFromM ?? 0) + (c.leadToM ?? 0)) + 2 * perEndM
    const breaks = (constraint: BrokenRule['constraint'], is: boolean): void => {
      if (is) broken.push({ constraint, id: c.id })
    }
    const tight = met.filter((e) => e.hole && e.hole.boreM < (c.plugM ?? 0)).length
    breaks(
      'heat',
      met.some((e) => e.temperatureK > c.limitK),
    )
    breaks('motion', !c.flexible && met.some((e) => e.moving))
    breaks('plug', !c.repin && tight > 0)
    const longestM = c.mostLengthM ?? (c.kit ? c.kit.reachM + (c.kit.extend?.mostM ?? 0) : Infinity)
    breaks('length', isOver(wireM, longestM))
    breaks(
      'noise',
      isOver(
        met.reduce((sum, e) => sum + (e.noisePerM ?? 0) * e.lengthM, 0),
        c.noiseBudget ?? Infinity,
      ),
    )
    const missed = (c.through ?? []).some((id) => !met.some((e) => e.id === id))
    const taken = (c.avoid ?? []).some((id) => met.some((e) => e.id === id))
    if (missed || taken) broken.push({ constraint: 'locked', id: c.id })
    cost.lay += rates.lay * pathM
    cost.cross += rates.cross * met.filter((e) => e.hole).length
    if (c.repin) cost.repin += rates.repin * tight
    const shortfallM = c.kit ? Math.max(0, wireM - c.kit.reachM) : 0
    const surplusM = c.kit ? Math.max(0, c.kit.reachM - wireM) : 0
    cost.wire += rates.wire * (c.kit ? shortfallM : wireM)
    cost.fold += rates.fold * surplusM
    if (c.kit?.extend && isOver(wireM, c.kit.reachM)) cost.extend += c.kit.extend.minutes
    for (const e of way) {
      takenM2[e]! += roundAreaM2(c.diameterM)
      const key = `${e} ${c.class}`
      const bundle = bundles.get(key)
      if (bundle) bundle.circuits.push(n)
      else bundles.set(key, { corridor: e, class: c.class, circuits: [n] })
    }
    return { id: c.id, corridors: met.map((e) => e.id), pathM, wireM, surplusM, shortfallM }
  })

  const classesIn = input.corridors.map(() => new Set<string>())
  for (const bundle of bundles.values()) {
    const e = input.corridors[bundle.corridor]!
    classesIn[bundle.corridor]!.add(bundle.class)
    cost.open += rates.open
    cost.bundle += rates.bundle * e.lengthM
    if (e.temperatureK >= sleeveFromK) cost.heat += rates.heat * e.lengthM
    if (e.wet) cost.wet += rates.wet * e.lengthM
  }
  const fills: CorridorFill[] = []
  input.corridors.forEach((e, n) => {
    const holeM2 = e.hole ? (e.hole.fill ?? USUAL_FILL) * roundAreaM2(e.hole.boreM) : Infinity
    const areaM2 = e.freeAreaM2 ?? Infinity
    if (isOver(takenM2[n]!, holeM2)) broken.push({ constraint: 'hole', id: e.id })
    if (isOver(takenM2[n]!, areaM2)) broken.push({ constraint: 'area', id: e.id })
    const here = classesIn[n]!
    if (!e.apart && (input.separate ?? []).some(([one, other]) => here.has(one) && here.has(other))) {
      broken.push({ constraint: 'separation', id: e.id })
    }
    const allowedM2 = Math.min(holeM2, areaM2)
    if (allowedM2 < Infinity) fills.push({ corridor: e.id, takenM2: takenM2[n]!, allowedM2 })
  })
  const candidate = input.unit?.candidates.find((c) => c.id === place)
  if (candidate) {
    cost.place = candidate.minutes
    if (breaksPlace(input, candidate)) broken.push({ constraint: 'place', id: candidate.id })
  }
  broken.sort((x, y) => byCodeUnit(x.constraint, y.constraint) || byCodeUnit(x.id, y.id))
  return {
    feasible: broken.length === 0,
    broken,
    place,
    routes,
    bundles: [...bundles.values()]
      .map((bundle) => ({
        corridor: input.corridors[bundle.corridor]!.id,
        class: bundle.class,
        circuits: bundle.circuits.map((n) => input.circuits[n]!.id).sort(byCodeUnit),
        diameterM: bundleDiameterM(bundle.circuits.map((n) => input.circuits[n]!.diameterM)),
      }))
      .sort((x, y) => byCodeUnit(x.corridor, y.corridor) || byCodeUnit(x.class, y.class)),
    fills: fills.sort((x, y) => byCodeUnit(x.corridor, y.corridor)),
    cost: { ...cost, total: Object.values(cost).reduce((sum, minutes) => sum + minutes, 0) },
    bound: broken.length === 0 ? bound : null,
  }
}

/** Ways by circuit from ways by run: members that run the other way round have theirs turned. */
export const waysOfCircuits = (
  input: RouteCase,
  runs: readonly { readonly circuits: readonly number[] }[],
  ways: readonly (readonly number[] | null)[],
): (readonly number[] | null)[] => {
  const all: (readonly number[] | null)[] = input.circuits.map(() => null)
  runs.forEach((run, r) => {
    const way = ways[r] ?? null
    const first = input.circuits[run.circuits[0]!]!
    for (const n of run.circuits) {
      const same = input.circuits[n]!.from === first.from
      all[n] = way && (same ? way : [...way].reverse())
    }
  })
  return all
}

/** Whether a circuit ends at the control unit. */
export const endsAtUnit = (c: { readonly from: string; readonly to: string }): boolean =>
  c.from === UNIT || c.to === UNIT
