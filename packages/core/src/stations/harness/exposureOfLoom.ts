import {
  APART_M,
  BESIDE_M,
  exposure,
  isClean,
  noiseBudgetOf,
  type RouteCase,
  type RoutePlan,
} from '../../harness/index.ts'
import type { WireClass } from '../../sections/index.ts'
import type { Circuit } from './circuitsOfJob.ts'
import { wholeCorridor } from './planOfJob.ts'

/** What a wire picks up from everything that it runs beside. */
export interface Exposed {
  readonly circuit: Circuit
  readonly total: number
  readonly budget: number
  /** What adds most, and where. */
  readonly worst: { readonly from: WireClass | null; readonly corridor: string; readonly amount: number } | null
}

/** Exposure of every clean wire, worst first against its budget. */
export const exposureOfLoom = (
  input: RouteCase,
  plan: Pick<RoutePlan, 'routes' | 'bundles'>,
  circuits: ReadonlyMap<string, Circuit>,
): readonly Exposed[] => {
  const corridor = new Map(input.corridors.map((c) => [c.id, c]))
  const classesAt = new Map<string, string[]>()
  for (const b of plan.bundles) classesAt.set(b.corridor, [...(classesAt.get(b.corridor) ?? []), b.class])
  return plan.routes
    .flatMap((r): Exposed[] => {
      const circuit = circuits.get(r.id)
      const budget = circuit ? noiseBudgetOf(circuit.kind) : null
      if (!circuit || budget === null || !isClean(circuit.kind)) return []
      let total = 0
      let worst: Exposed['worst'] = null
      const add = (from: WireClass | null, at: string, amount: number): void => {
        total += amount
        if (amount > (worst?.amount ?? 0)) worst = { from, corridor: wholeCorridor(at), amount }
      }
      for (const id of r.corridors ?? []) {
        const c = corridor.get(id)!
        const shield = circuit.shielded ? 0.1 : 1
        add(null, id, (c.noisePerM ?? 0) * c.lengthM * shield)
        for (const other of classesAt.get(id) ?? []) {
          if (other === circuit.kind) continue
          const kind = other as WireClass
          add(kind, id, exposure(kind, c.lengthM, c.apart ? APART_M : BESIDE_M, circuit.shielded))
        }
      }
      return [{ circuit, total, budget, worst }]
    })
    .sort((x, y) => y.total / y.budget - x.total / x.budget)
}
