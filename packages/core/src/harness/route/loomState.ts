import { breaksPlace, kitMinutes, limitsBroken, type RouteProblem } from './routeProblem.ts'
import { type WayFinder } from './cheapestWay.ts'

/** What a search makes of a broken rule of corridors: minutes each, by corridor. */
export interface Fines {
  readonly hole: Float64Array
  readonly area: Float64Array
  readonly separation: Float64Array
  /** Minutes for each bore's worth that is taken too much: 0 where only the number of broken rules counts. */
  slope: number
}

/** The ways of all runs for one place of the control unit, and what they cost together. */
export class LoomState {
  readonly ways: (readonly number[] | null)[]
  /** Circuits by class and corridor. */
  readonly count: Int16Array
  readonly takenM2: Float64Array
  /** Minutes, without broken rules. */
  minutes = 0
  /** Rules that runs break by themselves. */
  ownBroken = 0
  readonly separationBroken: Uint8Array
  private readonly runMinutes: Float64Array
  private readonly runBroken: Int16Array
  private readonly weights: Float64Array
  readonly limited: readonly number[]
  private readonly foesWithin: readonly boolean[]

  constructor(
    readonly problem: RouteProblem,
    /** Number of the candidate; -1 without a control unit. */
    readonly candidate: number,
    private readonly finder: WayFinder,
    readonly ruleMinutes: number,
  ) {
    const { corridors, classes, runs } = problem
    this.ways = runs.map(() => null)
    this.count = new Int16Array(classes.length * corridors)
    this.takenM2 = new Float64Array(corridors)
    this.separationBroken = new Uint8Array(corridors)
    this.runMinutes = new Float64Array(runs.length)
    this.runBroken = new Int16Array(runs.length)
    this.weights = new Float64Array(corridors)
    this.limited = Array.from({ length: corridors }, (_, e) => e).filter(
      (e) => problem.holeM2[e]! < Infinity || problem.areaM2[e]! < Infinity,
    )
    this.foesWithin = runs.map((run) => run.classes.some((c) => problem.foes[c]!.some((f) => run.classes.includes(f))))
    const place = problem.candidates[candidate]
    if (place) {
      this.minutes = place.minutes
      if (breaksPlace(problem.input, place)) this.ownBroken = 1
    }
  }

  endOf(place: number): number {
    return place >= 0 ? place : this.problem.placeOf.get(this.problem.candidates[this.candidate]!.place)!
  }

  /** Rules that corridors break: holes, free areas, separation. */
  sharedBroken(): number {
    let broken = 0
    for (const e of this.limited) {
      if (this.takenM2[e]! > this.problem.holeM2[e]!) broken++
      if (this.takenM2[e]! > this.problem.areaM2[e]!) broken++
    }
    for (let e = 0; e < this.problem.corridors; e++) broken += this.separationBroken[e]!
    return broken
  }

  /** Minutes and fines together: what the search wants to be small. */
  objective(fines: Fines): number {
    const { problem, takenM2 } = this
    let sum = this.minutes + this.ruleMinutes * this.ownBroken
    for (const e of this.limited) {
      sum += overFine(takenM2[e]!, problem.holeM2[e]!, fines.hole[e]!, fines.slope)
      sum += overFine(takenM2[e]!, problem.areaM2[e]!, fines.area[e]!, fines.slope)
    }
    for (let e = 0; e < problem.corridors; e++) if (this.separationBroken[e]) sum += fines.separation[e]!
    return sum
  }

  /**
   * Lays a run along its cheapest way as things are.
   * @param openShare share of the cost of a bundle that is not there yet, 0 to 1: below 1 it counts on others to follow
   * @param shunned a corridor to keep out of if there is another way; -1: none
   */
  lay(run: number, fines: Fines, openShare: number, shunned = -1): void {
    const { problem, weights, count, takenM2 } = this
    const { corridors, foes, open, holeM2, areaM2, apart } = problem
    const r = problem.runs[run]!
    weights.set(r.own)
    for (const c of r.classes) {
      const from = c * corridors
      for (let e = 0; e < corridors; e++) if (count[from + e] === 0) weights[e]! += open[e]! * openShare
      for (const foe of foes[c]!) {
        const other = foe * corridors
        for (let e = 0; e < corridors; e++) {
          if (count[other + e]! > 0 && !apart[e] && !this.separationBroken[e]) weights[e]! += fines.separation[e]!
        }
      }
    }
    if (this.foesWithin[run]) {
      for (let e = 0; e < corridors; e++) {
        if (!apart[e] && !this.separationBroken[e]) weights[e]! += fines.separation[e]!
      }
    }
    for (const e of this.limited) {
      const after = takenM2[e]! + r.areaM2
      weights[e]! +=
        overFine(after, holeM2[e]!, fines.hole[e]!, fines.slope) -
        overFine(takenM2[e]!, holeM2[e]!, fines.hole[e]!, fines.slope) +
        overFine(after, areaM2[e]!, fines.area[e]!, fines.slope) -
        overFine(takenM2[e]!, areaM2[e]!, fines.area[e]!, fines.slope)
    }
    if (shunned >= 0) weights[shunned]! += this.ruleMinutes / 4
    const way = this.finder.find(r, this.endOf(r.from), this.endOf(r.to), weights, this.ruleMinutes)
    this.put(run, way?.corridors ?? null)
  }

  /** Takes a run out; its way is returned. */
  take(run: number): readonly number[] | null {
    const way = this.ways[run] ?? null
    this.minutes -= this.runMinutes[run]!
    this.ownBroken -= this.runBroken[run]!
    this.runMinutes[run] = 0
    this.runBroken[run] = 0
    this.ways[run] = null
    if (way === null) return null
    const { problem, count } = this
    const r = problem.runs[run]!
    for (const e of way) {
      this.takenM2[e]! -= r.areaM2
      for (const c of r.classes) {
        const at = c * problem.corridors + e
        count[at]!--
        if (count[at] === 0) this.minutes -= problem.open[e]!
      }
      this.judgeSeparation(e)
    }
    return way
  }

  /** Puts a run on a way; null: it has none. */
  put(run: number, way: readonly number[] | null): void {
    const { problem, count } = this
    const r = problem.runs[run]!
    this.ways[run] = way
    if (way === null) {
      this.runBroken[run] = r.circuits.length
      this.ownBroken += r.circuits.length
      return
    }
    let pathM = 0
    let noise = 0
    let minutes = r.fixed
    for (const e of way) {
      minutes += r.own[e]!
      pathM += problem.lengthM[e]!
      noise += problem.noise[e]!
      this.takenM2[e]! += r.areaM2
      for (const c of r.classes) {
        const at = c * problem.corridors + e
        if (count[at] === 0) this.minutes += problem.open[e]!
        count[at]!++
      }
      this.judgeSeparation(e)
    }
    let broken = limitsBroken(r.limits, pathM, noise)
    for (const ban of r.bans) if (way.some((e) => ban.corridors[e])) broken += ban.rules
    for (const e of r.through) if (!way.includes(e)) broken++
    this.runMinutes[run] = minutes + kitMinutes(problem, r.kits, pathM)
    this.runBroken[run] = broken
    this.minutes += this.runMinutes[run]!
    this.ownBroken += broken
  }

  private judgeSeparation(e: number): void {
    const { problem, count } = this
    if (problem.apart[e]) return
    let broken = 0
    for (let c = 0; c < problem.classes.length && !broken; c++) {
      if (count[c * problem.corridors + e] === 0) continue
      for (const foe of problem.foes[c]!) if (count[foe * problem.corridors + e]! > 0) broken = 1
    }
    this.separationBroken[e] = broken
  }
}

const overFine = (takenM2: number, limitM2: number, fine: number, slope: number): number =>
  takenM2 > limitM2 ? fine * (1 + (slope * (takenM2 - limitM2)) / limitM2) : 0
