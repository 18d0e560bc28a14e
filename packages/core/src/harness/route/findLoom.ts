import type { RouteCase, RoutePlan } from './routeCase.ts'
import { RouteSearch } from './routeSearch.ts'
import { isBetter } from './ruinAndRecreate.ts'

/** How long a loom is looked for where nobody watches: in steps, since the core has no clock. */
export interface FindOptions {
  readonly seed: number
  /** Steps of ruin and recreate for a car of 80 circuits on 50 corridors; larger ones get fewer. */
  readonly steps: number
  /** Steps at the bound. */
  readonly boundSteps: number
  /** It ends when the loom is proven to be within this share of the least. */
  readonly within: number
}
export const DEFAULT_FIND_OPTIONS: FindOptions = { seed: 1, steps: 60_000, boundSteps: 600, within: 1e-4 }

/** Steps between two looks at the bound. */
const ROUND = 250
/** Rounds without anything better after which it ends; more where rules are broken: their number is to be the fewest. */
const PATIENCE = 32
const PATIENCE_BROKEN = 80

/**
 * Every circuit's way and the control unit's place at the least minutes of work, or the design that breaks the fewest
 * rules: see `harness-route` in docs/formulas.md. Within 2 % of the least; `bound` says how near it is proven to be.
 */
export const findLoom = (input: RouteCase, options: Partial<FindOptions> = {}): RoutePlan => {
  const { seed, steps, boundSteps, within } = { ...DEFAULT_FIND_OPTIONS, ...options }
  const search = new RouteSearch(input, seed)
  const size = Math.max(1, (input.circuits.length * input.corridors.length) / 4000)
  const rounds = Math.max(4, Math.round(steps / ROUND / Math.sqrt(size)))
  const boundRound = Math.max(4, Math.round(boundSteps / Math.min(rounds, PATIENCE) / Math.sqrt(size)))
  let best = search.best
  let since = 0
  for (let round = 0; round < rounds; round++) {
    search.improve(ROUND)
    search.prove(boundRound)
    if (search.within(within)) break
    if (isBetter(search.best, best)) since = 0
    else if (++since > (best.broken > 0 ? PATIENCE_BROKEN : PATIENCE)) break
    best = search.best
  }
  return search.plan()
}
