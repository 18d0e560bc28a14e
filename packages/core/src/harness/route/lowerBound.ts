import { type WayFinder } from './cheapestWay.ts'
import { breaksPlace, type RouteProblem } from './routeProblem.ts'

/** What a rule costs in the bound: a way that breaks one is no way of a loom that keeps all. */
const NEVER = 1e12

/**
 * A bound that no loom that keeps every rule can be under, with the control unit at one candidate. The cost of every
 * bundle is shared out among the runs that may use it, full holes and separation become prices, and then each run
 * takes its cheapest way alone: whatever the shares and prices, the sum is a bound (Lagrange). They are improved along
 * averaged subgradients, shares brought back onto the simplex after each step.
 * Sources: Balakrishnan, Magnanti, Wong, Operations Research 37 (1989) 716-740; Held, Wolfe, Crowder, Mathematical
 * Programming 6 (1974) 62-88.
 */
export class LowerBound {
  /** Best bound so far, minutes; Infinity if some run has no way that keeps its own rules. */
  bound = -Infinity
  private readonly share: Float64Array[] = []
  private readonly drift: Float64Array[] = []
  private readonly users: number[][]
  private readonly holePrice: Float64Array
  private readonly holeDrift: Float64Array
  private readonly capM2: Float64Array
  private readonly foePrice = new Map<string, { one: number; other: number; e: number; price: number; drift: number }>()
  private readonly extra: Float64Array
  private step = 1
  private stale = 0
  private readonly fixed: number
  private readonly weights: Float64Array

  constructor(
    private readonly problem: RouteProblem,
    private readonly candidate: number,
    private readonly finder: WayFinder,
  ) {
    const { runs, corridors, classes, open } = problem
    this.users = classes.map((_, c) => runs.flatMap((run, r) => (run.classes.includes(c) ? [r] : [])))
    runs.forEach((run) => {
      const share = new Float64Array(run.classes.length * corridors)
      run.classes.forEach((c, n) => {
        for (let e = 0; e < corridors; e++) share[n * corridors + e] = open[e]! / this.users[c]!.length
      })
      this.share.push(share)
      this.drift.push(new Float64Array(share.length))
    })
    this.holePrice = new Float64Array(corridors)
    this.holeDrift = new Float64Array(corridors)
    this.capM2 = problem.holeM2.map((hole, e) => Math.min(hole, problem.areaM2[e]!))
    this.extra = new Float64Array(classes.length * corridors)
    classes.forEach((_, one) => {
      for (const other of problem.foes[one]!) {
        if (other < one) continue
        for (let e = 0; e < corridors; e++) {
          if (!problem.apart[e]) this.foePrice.set(`${one} ${other} ${e}`, { one, other, e, price: 0, drift: 0 })
        }
      }
    })
    this.weights = new Float64Array(corridors)
    const place = problem.candidates[candidate]
    this.fixed = (place?.minutes ?? 0) + runs.reduce((sum, run) => sum + run.fixed, 0)
    if (place && breaksPlace(problem.input, place)) this.bound = Infinity
  }

  private endOf(place: number): number {
    return place >= 0 ? place : this.problem.placeOf.get(this.problem.candidates[this.candidate]!.place)!
  }

  /**
   * Some steps more.
   * @param target minutes of the best loom known, which the bound is led towards
   */
  improve(steps: number, target: number): void {
    for (let n = 0; n < steps && this.bound < target - 1e-9; n++) if (!this.once(target)) return
  }

  private once(target: number): boolean {
    const { problem, share, drift, weights } = this
    const { runs, corridors } = problem
    let sum = this.fixed
    const used = new Uint8Array(corridors)
    const taken = new Float64Array(corridors)
    const keep = 0.75
    runs.forEach((run, r) => {
      for (let e = 0; e < corridors; e++) weights[e] = run.own[e]! + this.holePrice[e]! * run.areaM2
      run.classes.forEach((_, c) => {
        for (let e = 0; e < corridors; e++) weights[e]! += share[r]![c * corridors + e]!
      })
      const way = this.finder.find(run, this.endOf(run.from), this.endOf(run.to), weights, NEVER)
      if (way === null || way.atLeast >= NEVER / 2) {
        sum = Infinity
        return
      }
      sum += way.atLeast
      const d = drift[r]!
      for (let n = 0; n < d.length; n++) d[n]! *= keep
      for (const e of way.corridors) {
        used[e] = 1
        taken[e]! += run.areaM2
        for (let c = 0; c < run.classes.length; c++) d[c * corridors + e]! += 1 - keep
      }
    })
    if (sum === Infinity) {
      this.bound = Infinity
      return false
    }
    for (let e = 0; e < corridors; e++) if (this.holePrice[e]! > 0) sum -= this.holePrice[e]! * this.capM2[e]!
    for (const p of this.foePrice.values()) sum -= p.price
    if (sum > this.bound + 1e-6 * Math.abs(this.bound)) {
      this.bound = sum
      this.stale = 0
    } else {
      this.bound = Math.max(this.bound, sum)
      if (++this.stale >= 12) {
        this.step *= 0.6
        this.stale = 0
      }
    }
    if (this.step < 1e-4) return false
    this.move(target, sum, taken, keep)
    return true
  }

  private move(target: number, sum: number, taken: Float64Array, keep: number): void {
    const { problem, share, drift } = this
    const { corridors, runs } = problem
    let squares = 1e-9
    for (const d of drift) for (let n = 0; n < d.length; n++) squares += d[n]! * d[n]!
    for (let e = 0; e < corridors; e++) {
      const cap = this.capM2[e]!
      if (cap === Infinity) continue
      this.holeDrift[e] = keep * this.holeDrift[e]! + (1 - keep) * ((taken[e]! - cap) / cap)
      if (this.holePrice[e]! > 0 || this.holeDrift[e]! > 0) squares += this.holeDrift[e]! ** 2
    }
    for (const p of this.foePrice.values()) {
      const most = (c: number): number => {
        let largest = 0
        for (const r of this.users[c]!) {
          largest = Math.max(largest, drift[r]![runs[r]!.classes.indexOf(c) * corridors + p.e]!)
        }
        return largest
      }
      p.drift = most(p.one) + most(p.other) - 1
      if (p.price > 0 || p.drift > 0) squares += p.drift ** 2
    }
    const length = (this.step * Math.max(1e-6 * Math.abs(target), target - sum)) / squares
    for (let e = 0; e < corridors; e++) {
      const cap = this.capM2[e]!
      if (cap < Infinity) {
        this.holePrice[e] = Math.max(0, this.holePrice[e]! + (length * this.holeDrift[e]!) / cap)
      }
    }
    this.extra.fill(0)
    for (const p of this.foePrice.values()) {
      p.price = Math.max(0, p.price + length * p.drift)
      this.extra[p.one * corridors + p.e]! += p.price
      this.extra[p.other * corridors + p.e]! += p.price
    }
    this.users.forEach((list, c) => {
      const at = list.map((r) => runs[r]!.classes.indexOf(c) * corridors)
      for (let e = 0; e < corridors; e++) {
        const most = problem.open[e]! + this.extra[c * corridors + e]!
        let total = 0
        list.forEach((r, n) => {
          const k = at[n]! + e
          const s = (share[r]![k]! += length * drift[r]![k]!)
          total += s
        })
        if (total > most) ontoSimplex(share, list, at, e, most)
      }
    })
  }
}

/** Lowers shares by one amount, none below 0, until their sum is `most`. */
const ontoSimplex = (
  share: readonly Float64Array[],
  list: readonly number[],
  at: readonly number[],
  e: number,
  most: number,
): void => {
  const values = list.map((r, n) => share[r]![at[n]! + e]!).sort((x, y) => y - x)
  let sum = 0
  let less = 0
  for (let n = 0; n < values.length; n++) {
    sum += values[n]!
    const mean = (sum - most) / (n + 1)
    if (values[n]! - mean > 0) less = mean
  }
  list.forEach((r, n) => {
    const k = at[n]! + e
    share[r]![k] = Math.max(0, share[r]![k]! - less)
  })
}
