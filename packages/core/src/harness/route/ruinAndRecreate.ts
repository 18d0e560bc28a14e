import type { Fines, LoomState } from './loomState.ts'

/** The nearest design so far: fewest broken rules, then fewest minutes. */
export interface BestLoom {
  readonly broken: number
  readonly minutes: number
  readonly ways: readonly (readonly number[] | null)[]
}

export const isBetter = (
  one: { broken: number; minutes: number },
  other: { broken: number; minutes: number },
): boolean => one.broken < other.broken || (one.broken === other.broken && one.minutes < other.minutes - 1e-9)

/** Steps of one cooling, from accepting what is a little worse to accepting nothing worse. */
const CYCLE_STEPS = 1500
/** Steps after which fines follow what is broken. */
const FINE_STEPS = 15

/**
 * Improves a loom by ruin and recreate: some runs are taken out (a trunk, all that share a corridor, neighbours of one
 * run) and laid again in another order, bundles that others of their class may join at a discount. What is worse is
 * accepted less and less (simulated annealing). Holes, free areas and separation are fined, more while they are broken
 * and less while they are kept, so that the search may pass through looms that break them; every other cooling counts
 * broken rules only.
 * Source: Schrimpf et al., Journal of Computational Physics 159 (2000) 139-171.
 */
export class RuinAndRecreate {
  best: BestLoom
  private readonly fines: Fines
  private step = 0
  private heat0: number
  private objective = 0
  private readonly ofClass: readonly (readonly number[])[]
  private readonly usual: number

  constructor(
    private readonly state: LoomState,
    private readonly random: () => number,
  ) {
    const { problem } = state
    const n = problem.corridors
    this.fines = {
      hole: new Float64Array(n),
      area: new Float64Array(n),
      separation: new Float64Array(n),
      slope: 0,
    }
    this.ofClass = problem.classes.map((_, c) => problem.runs.flatMap((run, r) => (run.classes.includes(c) ? [r] : [])))
    this.setFines(state.ruleMinutes, 0)
    this.build()
    this.usual = Math.max(1e-6, state.minutes / Math.max(1, problem.runs.length))
    this.heat0 = 0.3 * this.usual
    this.best = this.now()
    this.objective = state.objective(this.fines)
  }

  /** Runs that are hard to please first, then the long ones; each as things stand. */
  private build(): void {
    const { problem } = this.state
    const alone = problem.runs.map((run, r) => {
      this.state.lay(r, this.fines, 0)
      const minutes = this.state.minutes
      this.state.take(r)
      return { r, hard: run.limits.length + run.bans.length, minutes: minutes - this.state.minutes }
    })
    alone.sort((x, y) => y.minutes - x.minutes || x.r - y.r)
    for (const { r } of alone) this.state.lay(r, this.fines, 0.3)
    for (let round = 0; round < 2; round++) {
      for (const { r } of alone) {
        this.state.take(r)
        this.state.lay(r, this.fines, round === 0 ? 0.6 : 1)
      }
    }
  }

  private setFines(minutes: number, slope: number): void {
    this.fines.hole.fill(minutes)
    this.fines.area.fill(minutes)
    this.fines.separation.fill(minutes)
    this.fines.slope = slope
  }

  private now(): BestLoom {
    const { state } = this
    return { broken: state.ownBroken + state.sharedBroken(), minutes: state.minutes, ways: [...state.ways] }
  }

  private restart(): void {
    const { state, best } = this
    for (let r = 0; r < best.ways.length; r++) {
      if (best.ways[r] === state.ways[r]) continue
      state.take(r)
      state.put(r, best.ways[r]!)
    }
  }

  /** Some steps more. */
  run(steps: number): void {
    const { state, fines } = this
    if (state.problem.runs.length === 0) return
    for (let n = 0; n < steps; n++, this.step++) {
      const within = this.step % CYCLE_STEPS
      if (within === 0) {
        const cycle = this.step / CYCLE_STEPS
        this.restart()
        if (cycle % 2 === 0) this.setFines(this.usual, 1)
        else this.setFines(state.ruleMinutes, 0)
        this.objective = state.objective(fines)
      }
      if (fines.slope > 0 && within % FINE_STEPS === 0) this.followFines()
      const heat = this.heat0 * Math.pow(0.002, within / CYCLE_STEPS)
      this.once(heat)
    }
  }

  private followFines(): void {
    const { state, fines } = this
    const most = state.ruleMinutes
    const lowest = this.usual / 20
    const follow = (of: Float64Array, e: number, broken: boolean): void => {
      of[e] = Math.min(most, Math.max(lowest, of[e]! * (broken ? 1.25 : 0.96)))
    }
    for (const e of state.limited) {
      follow(fines.hole, e, state.takenM2[e]! > state.problem.holeM2[e]!)
      follow(fines.area, e, state.takenM2[e]! > state.problem.areaM2[e]!)
    }
    for (let e = 0; e < state.problem.corridors; e++) follow(fines.separation, e, state.separationBroken[e] === 1)
    this.objective = state.objective(fines)
  }

  private pick(below: number): number {
    return Math.floor(this.random() * below)
  }

  /** Runs to take out, and the corridor that they shall keep out of. */
  private ruin(): { runs: number[]; shunned: number } {
    const { problem, ways } = this.state
    const most = Math.max(2, Math.min(problem.runs.length, 3 + this.pick(12)))
    const seed = this.pick(problem.runs.length)
    const way = ways[seed]
    const kind = this.random()
    if (!way || way.length === 0 || kind < 0.1) {
      return {
        runs: this.some(
          problem.runs.map((_, r) => r),
          Math.min(most, 6),
        ),
        shunned: -1,
      }
    }
    const e = way[this.pick(way.length)]!
    const through = (list: readonly number[]): number[] => list.filter((r) => ways[r]?.includes(e))
    const all = problem.runs.map((_, r) => r)
    const c = problem.runs[seed]!.classes[this.pick(problem.runs[seed]!.classes.length)]!
    if (kind < 0.4) return { runs: this.some(through(this.ofClass[c]!), 30), shunned: this.random() < 0.6 ? e : -1 }
    if (kind < 0.65) return { runs: this.some(through(all), most + 4), shunned: this.random() < 0.3 ? e : -1 }
    const shares = all.filter((r) => r === seed || ways[r]?.some((x) => way.includes(x)))
    if (kind < 0.85) return { runs: this.some(shares, most), shunned: this.random() < 0.3 ? e : -1 }
    return { runs: this.some(this.ofClass[c]!, most + 6), shunned: -1 }
  }

  private some(list: number[] | readonly number[], most: number): number[] {
    const left = [...list]
    for (let n = 0; n < Math.min(most, left.length); n++) {
      const other = n + this.pick(left.length - n)
      ;[left[n], left[other]] = [left[other]!, left[n]!]
    }
    return left.slice(0, most)
  }

  private once(heat: number): void {
    const { state, fines } = this
    const { runs, shunned } = this.ruin()
    const old = runs.map((r) => state.take(r))
    const eager = this.random()
    runs.forEach((r, n) => {
      const mates = runs.slice(n + 1).filter((o) => sharesClass(state, r, o)).length
      state.lay(r, fines, 1 / (1 + eager * mates), shunned)
    })
    const objective = state.objective(fines)
    const worse = objective - this.objective
    if (worse <= 0 || this.random() < Math.exp(-worse / heat)) {
      this.objective = objective
      const broken = state.ownBroken + state.sharedBroken()
      if (isBetter({ broken, minutes: state.minutes }, this.best)) this.best = this.now()
      return
    }
    runs.forEach((r) => state.take(r))
    runs.forEach((r, n) => state.put(r, old[n]!))
  }
}

const sharesClass = (state: LoomState, one: number, other: number): boolean => {
  const { runs } = state.problem
  return runs[one]!.classes.some((c) => runs[other]!.classes.includes(c))
}
