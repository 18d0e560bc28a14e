import { roundAreaM2 } from '../bundle/bundleDiameter.ts'
import {
  isOver,
  SLEEVE_FROM_K,
  UNIT,
  USUAL_FILL,
  type RouteCase,
  type RouteCircuit,
  type UnitCandidate,
} from './routeCase.ts'

/** A kit lead's figures: W = base + perM * P. */
export interface KitTerm {
  readonly reachM: number
  readonly baseM: number
  readonly extendMinutes: number | null
}

/** A sum along the way that must not exceed a limit; each breaks one rule. */
export interface AlongLimit {
  readonly of: 'length' | 'noise'
  /** Limit of the path, m, or of the pick-up. */
  readonly limit: number
}

/** What a run must not meet on its way: each breaks one rule once, however often it is met. */
export interface Ban {
  readonly corridors: Uint8Array
  /** Rules that are broken with it. */
  readonly rules: number
}

/** Circuits that take one way: one circuit, or those of a list of `together`. */
export interface Run {
  readonly circuits: readonly number[]
  /** Places by number; -1 for the control unit. */
  readonly from: number
  readonly to: number
  /** Classes in it by number, each once. */
  readonly classes: readonly number[]
  readonly areaM2: number
  /** Minutes per corridor, whoever else runs there; without what a kit lead pays. */
  readonly own: Float64Array
  /** Minutes that do not depend on the way. */
  readonly fixed: number
  readonly kits: readonly KitTerm[]
  readonly limits: readonly AlongLimit[]
  readonly bans: readonly Ban[]
  /** Corridors that it must take: each that it misses breaks one rule. */
  readonly through: readonly number[]
  /** Corridors that are not there for it are 0; null: all are. */
  readonly may: Uint8Array | null
  /** Corridors that no ban is on. */
  readonly clean: Uint8Array
}

/** A case by numbers, for the search. Corridors, places and classes are counted from 0. */
export interface RouteProblem {
  readonly input: RouteCase
  readonly share: number
  readonly places: readonly string[]
  readonly placeOf: ReadonlyMap<string, number>
  readonly corridors: number
  readonly a: Int32Array
  readonly b: Int32Array
  readonly lengthM: Float64Array
  readonly noise: Float64Array
  /** Corridors at each place, one list after the other. */
  readonly firstAt: Int32Array
  readonly at: Int32Array
  /** Largest areas that may be taken, margin in it; infinite without a limit. */
  readonly holeM2: Float64Array
  readonly areaM2: Float64Array
  readonly apart: Uint8Array
  readonly classes: readonly string[]
  /** Classes that must not meet each class. */
  readonly foes: readonly (readonly number[])[]
  /** Minutes that a bundle costs in each corridor, whatever its class. */
  readonly open: Float64Array
  readonly runs: readonly Run[]
  readonly candidates: readonly UnitCandidate[]
}

/** Limits below this count as this, so that shares of them stay finite: less than any wire takes. */
const SMALLEST_M2 = 1e-15

const runsOf = (input: RouteCase): number[][] => {
  const numberOf = new Map(input.circuits.map((c, at) => [c.id, at]))
  const taken = new Set<number>()
  const runs: number[][] = []
  for (const list of input.together ?? []) {
    const members = list.map((id) => numberOf.get(id)!)
    for (const m of members) taken.add(m)
    runs.push(members)
  }
  input.circuits.forEach((_, at) => {
    if (!taken.has(at)) runs.push([at])
  })
  return runs
}

/** The case by numbers. Requires a case without faults (`routeProblems` of the contract). */
export const routeProblem = (input: RouteCase): RouteProblem => {
  const { corridors, rates } = input
  const share = input.slack?.share ?? 0
  const perEndM = input.slack?.perEndM ?? 0
  const placeOf = new Map<string, number>()
  const place = (id: string): number => {
    const known = placeOf.get(id)
    if (known !== undefined) return known
    placeOf.set(id, placeOf.size)
    return placeOf.size - 1
  }
  const count = corridors.length
  const a = Int32Array.from(corridors, (c) => place(c.from))
  const b = Int32Array.from(corridors, (c) => place(c.to))
  for (const c of input.unit?.candidates ?? []) place(c.place)
  for (const c of input.circuits) for (const end of [c.from, c.to]) if (end !== UNIT) place(end)

  const firstAt = new Int32Array(placeOf.size + 1)
  for (let e = 0; e < count; e++) {
    firstAt[a[e]! + 1]!++
    firstAt[b[e]! + 1]!++
  }
  for (let p = 0; p < placeOf.size; p++) firstAt[p + 1]! += firstAt[p]!
  const next = firstAt.slice()
  const at = new Int32Array(2 * count)
  for (let e = 0; e < count; e++) {
    at[next[a[e]!]!++] = e
    at[next[b[e]!]!++] = e
  }

  const classes = [...new Set(input.circuits.map((c) => c.class))]
  const classOf = new Map(classes.map((id, n) => [id, n]))
  const foes = classes.map(() => new Set<number>())
  for (const [one, other] of input.separate ?? []) {
    const n = classOf.get(one)
    const m = classOf.get(other)
    if (n === undefined || m === undefined) continue
    foes[n]!.add(m)
    foes[m]!.add(n)
  }

  const numberOf = new Map(corridors.map((c, n) => [c.id, n]))
  const sleeveFromK = input.sleeveFromK ?? SLEEVE_FROM_K
  const open = Float64Array.from(
    corridors,
    (c) =>
      rates.open +
      c.lengthM * (rates.bundle + (c.temperatureK >= sleeveFromK ? rates.heat : 0) + (c.wet ? rates.wet : 0)),
  )

  const bansOf = (c: RouteCircuit): Uint8Array[] => {
    const bans = [
      Uint8Array.from(corridors, (e) => Number(e.temperatureK > c.limitK)),
      Uint8Array.from(corridors, (e) => Number(!c.flexible && e.moving === true)),
      Uint8Array.from(corridors, (e) => Number(!c.repin && e.hole !== undefined && e.hole.boreM < (c.plugM ?? 0))),
    ]
    return bans.filter((ban) => ban.includes(1))
  }

  const runs = runsOf(input).map((members): Run => {
    const circuits = members.map((n) => input.circuits[n]!)
    const first = circuits[0]!
    const own = new Float64Array(count)
    const kits: KitTerm[] = []
    const limits: AlongLimit[] = []
    const bans = new Map<string, { corridors: Uint8Array; rules: number }>()
    let fixed = 0
    for (const c of circuits) {
      const baseM = (1 + share) * ((c.leadFromM ?? 0) + (c.leadToM ?? 0)) + 2 * perEndM
      const perM = rates.lay + (c.kit ? 0 : rates.wire * (1 + share))
      if (!c.kit) fixed += rates.wire * baseM
      const longestM = c.mostLengthM ?? (c.kit ? c.kit.reachM + (c.kit.extend?.mostM ?? 0) : undefined)
      if (longestM !== undefined) {
        limits.push({ of: 'length', limit: (longestM * (1 + 1e-9) - baseM) / (1 + share) })
      }
      if (c.noiseBudget !== undefined) limits.push({ of: 'noise', limit: c.noiseBudget * (1 + 1e-9) })
      if (c.kit) kits.push({ reachM: c.kit.reachM, baseM, extendMinutes: c.kit.extend?.minutes ?? null })
      corridors.forEach((e, n) => {
        own[n]! += perM * e.lengthM
        if (!e.hole) return
        own[n]! += rates.cross
        if (c.repin && e.hole.boreM < (c.plugM ?? 0)) own[n]! += rates.repin
      })
      for (const ban of bansOf(c)) {
        const key = ban.join('')
        const same = bans.get(key)
        if (same) same.rules++
        else bans.set(key, { corridors: ban, rules: 1 })
      }
    }
    const clean = new Uint8Array(count).fill(1)
    for (const ban of bans.values()) for (let e = 0; e < count; e++) if (ban.corridors[e]) clean[e] = 0
    const numbers = (ids: readonly string[]): number[] => ids.flatMap((id) => numberOf.get(id) ?? [])
    const avoided = numbers(circuits.flatMap((c) => c.avoid ?? []))
    const may = avoided.length === 0 ? null : new Uint8Array(count).fill(1)
    for (const e of avoided) {
      may![e] = 0
      clean[e] = 0
    }
    return {
      circuits: members,
      from: first.from === UNIT ? -1 : placeOf.get(first.from)!,
      to: first.to === UNIT ? -1 : placeOf.get(first.to)!,
      classes: [...new Set(circuits.map((c) => classOf.get(c.class)!))],
      areaM2: circuits.reduce((sum, c) => sum + roundAreaM2(c.diameterM), 0),
      own,
      fixed,
      kits,
      limits,
      bans: [...bans.values()],
      through: [...new Set(numbers(circuits.flatMap((c) => c.through ?? [])))],
      may,
      clean,
    }
  })

  return {
    input,
    share,
    places: [...placeOf.keys()],
    placeOf,
    corridors: count,
    a,
    b,
    lengthM: Float64Array.from(corridors, (c) => c.lengthM),
    noise: Float64Array.from(corridors, (c) => (c.noisePerM ?? 0) * c.lengthM),
    firstAt,
    at,
    holeM2: Float64Array.from(corridors, (c) =>
      c.hole ? Math.max(SMALLEST_M2, (c.hole.fill ?? USUAL_FILL) * roundAreaM2(c.hole.boreM) * (1 + 1e-9)) : Infinity,
    ),
    areaM2: Float64Array.from(corridors, (c) => Math.max(SMALLEST_M2, (c.freeAreaM2 ?? Infinity) * (1 + 1e-9))),
    apart: Uint8Array.from(corridors, (c) => Number(c.apart === true)),
    classes,
    foes: foes.map((set) => [...set]),
    open,
    runs,
    candidates: input.unit?.candidates ?? [],
  }
}

/** Whether a candidate is too hot or too wet for the control unit. */
export const breaksPlace = (input: RouteCase, candidate: UnitCandidate): boolean =>
  input.unit !== undefined &&
  (candidate.temperatureK > input.unit.limitK || (candidate.wet === true && !input.unit.wetProof))

/** Minutes of a run's kit leads for a path of this length. */
export const kitMinutes = (problem: RouteProblem, kits: readonly KitTerm[], pathM: number): number => {
  const { rates } = problem.input
  let minutes = 0
  for (const kit of kits) {
    const wireM = kit.baseM + (1 + problem.share) * pathM
    if (wireM <= kit.reachM) minutes += rates.fold * (kit.reachM - wireM)
    else {
      minutes += rates.wire * (wireM - kit.reachM)
      if (kit.extendMinutes !== null && isOver(wireM, kit.reachM)) minutes += kit.extendMinutes
    }
  }
  return minutes
}

/** Rules of limits along the way that this path breaks. */
export const limitsBroken = (limits: readonly AlongLimit[], pathM: number, noise: number): number => {
  let broken = 0
  for (const l of limits) if ((l.of === 'length' ? pathM : noise) > l.limit) broken++
  return broken
}
