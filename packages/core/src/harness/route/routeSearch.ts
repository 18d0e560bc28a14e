import { seededRandom } from '../../numeric/seededRandom.ts'
import { WayFinder } from './cheapestWay.ts'
import { LoomState } from './loomState.ts'
import { LowerBound } from './lowerBound.ts'
import type { RouteCase, RoutePlan } from './routeCase.ts'
import { routeProblem, type RouteProblem } from './routeProblem.ts'
import { isBetter, RuinAndRecreate, type BestLoom } from './ruinAndRecreate.ts'
import { waysOfCircuits, weighLoom } from './weighLoom.ts'

/** One place of the control unit that is still in the running. */
interface Contender {
  readonly candidate: number
  readonly search: RuinAndRecreate
  readonly lower: LowerBound
}

/**
 * Looks for the loom that costs the least. The same case and seed give the same answers; how long it goes on is up to
 * whoever calls `improve`, since the core has no clock.
 */
export class RouteSearch {
  readonly problem: RouteProblem
  private readonly contenders: Contender[]
  private turn = 0

  constructor(
    readonly input: RouteCase,
    seed = 1,
  ) {
    this.problem = routeProblem(input)
    const finder = new WayFinder(this.problem)
    const ruleMinutes = minutesOfARule(this.problem)
    const places = this.problem.candidates.length === 0 ? [-1] : this.problem.candidates.map((_, n) => n)
    this.contenders = places.map((candidate) => ({
      candidate,
      search: new RuinAndRecreate(
        new LoomState(this.problem, candidate, finder, ruleMinutes),
        seededRandom(seed * 7919 + candidate + 1),
      ),
      lower: new LowerBound(this.problem, candidate, finder),
    }))
  }

  /** The best of all places so far. */
  get best(): BestLoom & { readonly candidate: number } {
    const [first, ...others] = this.contenders
    let best = first!
    for (const c of others) if (isBetter(c.search.best, best.search.best)) best = c
    return { ...best.search.best, candidate: best.candidate }
  }

  /** Best of every place of the control unit, in the order of the candidates. */
  bestByPlace(): readonly BestLoom[] {
    return this.contenders.map((c) => c.search.best)
  }

  /** Bound of every place, in the order of the candidates. */
  boundByPlace(): readonly number[] {
    return this.contenders.map((c) => c.lower.bound)
  }

  /** No loom that keeps every rule costs less, minutes; null while a rule is broken or nothing was proven. */
  get bound(): number | null {
    if (this.best.broken > 0) return null
    const bound = Math.min(...this.contenders.map((c) => c.lower.bound))
    return bound === -Infinity ? null : Math.min(bound, this.best.minutes)
  }

  /** Places that may still hold the best loom. */
  private open(): Contender[] {
    const best = this.best
    return this.contenders.filter(
      (c) => best.broken > 0 || c.candidate === best.candidate || c.lower.bound < best.minutes * (1 - 1e-9),
    )
  }

  /** Some steps more: most of them go to the places that look best. */
  improve(steps: number): void {
    const open = this.open()
    const ranked = [...open].sort((x, y) =>
      isBetter(x.search.best, y.search.best) ? -1 : isBetter(y.search.best, x.search.best) ? 1 : 0,
    )
    const share = Math.ceil(steps / Math.min(4, ranked.length))
    ranked.slice(0, 3).forEach((c) => c.search.run(share))
    if (ranked.length > 3) ranked[3 + (this.turn++ % (ranked.length - 3))]!.search.run(share)
  }

  /** Some steps more at the bound, at the places that may still hold the best loom. */
  prove(steps: number): void {
    const best = this.best
    if (best.broken > 0) return
    for (const c of this.open()) c.lower.improve(steps, best.minutes)
  }

  /** Whether the best loom is proven to be within a share of the least. */
  within(share: number): boolean {
    const bound = this.bound
    return bound !== null && this.best.minutes <= bound * (1 + share) + 1e-9
  }

  plan(): RoutePlan {
    const { candidate, ways } = this.best
    return this.weigh(candidate, ways, this.bound)
  }

  /** The best plan with the control unit at each candidate. */
  planAt(candidate: number): RoutePlan {
    const at = this.contenders.find((c) => c.candidate === candidate)!
    const bound = at.lower.bound
    return this.weigh(candidate, at.search.best.ways, bound > -Infinity ? bound : null)
  }

  private weigh(candidate: number, ways: BestLoom['ways'], bound: number | null): RoutePlan {
    const place = this.problem.candidates[candidate]?.id ?? null
    const plan = weighLoom(this.input, place, waysOfCircuits(this.input, this.problem.runs, ways), bound)
    return plan.bound === null ? plan : { ...plan, bound: Math.min(plan.bound, plan.cost.total) }
  }
}

/** More than any loom of the car can cost, so that one broken rule fewer is always better. */
const minutesOfARule = (problem: RouteProblem): number => {
  const { rates } = problem.input
  let most = 1
  for (const run of problem.runs) {
    most += run.fixed
    for (let e = 0; e < problem.corridors; e++) most += run.own[e]! + problem.open[e]! * run.classes.length
    for (const kit of run.kits) {
      most += rates.fold * kit.reachM + (kit.extendMinutes ?? 0)
      most += rates.wire * (kit.baseM + (1 + problem.share) * problem.lengthM.reduce((sum, l) => sum + l, 0))
    }
  }
  return most + Math.max(0, ...problem.candidates.map((c) => c.minutes))
}
