import { exactModel } from './exactModel.ts'
import type { RouteCase } from './routeCase.ts'
import { RouteSearch } from './routeSearch.ts'

/** The exact run: is this loom the cheapest that keeps every rule? */
export interface ProofTask {
  readonly input: RouteCase
  /** Minutes of the best loom known, and whether it keeps every rule. */
  readonly minutes: number
  readonly feasible: boolean
  readonly seconds: number
}

export interface Proof {
  /** Whether the answer is proven. */
  readonly proven: boolean
  /** Cheapest loom that the run found, minutes; with rules that cannot all be kept: the fewest that must be broken. */
  readonly found: number | null
  /** No loom is under it. */
  readonly bound: number | null
  readonly counts: 'minutes' | 'rules'
}

/** The part of the published integer programming package that is used here. */
export interface Solver {
  solve(
    model: string,
    options: Readonly<Record<string, string | number | boolean>>,
  ): { readonly Status: string; readonly ObjectiveValue: number }
}

/** Smallest gap that counts as none. */
const GAP = 1e-4

/**
 * Proves the optimum for the ECU's place of the case, or says how far the proof came: by an integer program where the
 * rules can be kept, else by one that counts broken rules.
 * @param solver loaded by the caller, which alone may do so
 */
export const prove = (task: ProofTask, solver: Solver, lastBound: () => number | null): Proof => {
  const { problem } = new RouteSearch(task.input)
  const candidate = problem.candidates.length > 0 ? 0 : -1
  const model = exactModel(problem, candidate, !task.feasible)
  const counts = task.feasible ? 'minutes' : 'rules'
  if (model === null) return { proven: false, found: null, bound: null, counts }
  const constant = task.feasible ? model.constant : 0
  const answer = solver.solve(model.text, { time_limit: task.seconds, mip_rel_gap: GAP, output_flag: true })
  const proven = answer.Status === 'Optimal'
  const found = Number.isFinite(answer.ObjectiveValue) ? answer.ObjectiveValue + constant : null
  const bound = proven ? found : lastBound()
  return { proven, found, bound: bound === null ? null : proven ? bound : bound + constant, counts }
}

/** The bound in a line of the solver's report, and how far apart bound and best are; null in any other line. */
export const readReport = (line: string): { readonly bound: number; readonly gapShare: number } | null => {
  // Columns: processed, in queue, leaves, explored, best bound, best solution, gap, …
  const found = /^\s*\S*\s*\d+\s+\d+\s+\d+\s+[\d.]+%\s+(-?[\d.e+]+)\s+(-?[\d.e+]+|inf)\s+(\S+)/i.exec(line)
  if (!found) return null
  const bound = Number(found[1])
  const gap = Number.parseFloat(found[3]!)
  return Number.isFinite(bound) ? { bound, gapShare: Number.isFinite(gap) ? gap / 100 : 1 } : null
}
