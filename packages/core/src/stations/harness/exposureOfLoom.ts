import {
  APART_M,
  BESIDE_M,
  exposure,
  exposureOfRun,
  isClean,
  noiseBudgetOf,
  type NoiseRun,
  type RouteCase,
  type RoutePlan,
} from '../../harness/index.ts'
import type { HarnessCrossing, WireClass } from '../../sections/index.ts'
import type { Circuit } from './circuitsOfJob.ts'
import { wholeCorridor } from './planOfJob.ts'

/** What a wire picks up from one source in one place. */
export interface PickUp {
  /** Null: what stands beside the corridor. */
  readonly from: WireClass | null
  /** Null: a run that was measured by itself. */
  readonly corridor: string | null
  readonly amount: number
}

/** What a wire picks up from everything that it runs beside. */
export interface Exposed {
  readonly circuit: Circuit
  readonly total: number
  readonly budget: number
  /** Largest first. */
  readonly shares: readonly PickUp[]
  /** What adds most, and where. */
  readonly worst: PickUp | null
}

/** What is beside the corridors' bundles: runs that were measured, and whether the HT leads are suppressed. */
export interface Beside {
  readonly crossings: readonly HarnessCrossing[]
  readonly suppressed: boolean
}

/** Runs count once somebody has measured length and spacing. */
export const runOf = (c: HarnessCrossing): NoiseRun | null =>
  c.lengthM === null || c.spacingM === null
    ? null
    : {
        lengthM: c.lengthM,
        spacingM: c.spacingM,
        ...(c.endSpacingM !== null && { endSpacingM: c.endSpacingM }),
        ...(c.angleDeg !== null && { angleDeg: c.angleDeg }),
      }

/** Exposure of every clean wire, worst first against its budget. */
export const exposureOfLoom = (
  input: RouteCase,
  plan: Pick<RoutePlan, 'routes' | 'bundles'>,
  circuits: ReadonlyMap<string, Circuit>,
  { crossings, suppressed }: Beside = { crossings: [], suppressed: true },
): readonly Exposed[] => {
  const corridor = new Map(input.corridors.map((c) => [c.id, c]))
  const classesAt = new Map<string, string[]>()
  for (const b of plan.bundles) classesAt.set(b.corridor, [...(classesAt.get(b.corridor) ?? []), b.class])
  return plan.routes
    .flatMap((r): Exposed[] => {
      const circuit = circuits.get(r.id)
      const budget = circuit ? noiseBudgetOf(circuit.kind) : null
      if (!circuit || budget === null || !isClean(circuit.kind)) return []
      const sums = new Map<string, { from: WireClass | null; corridor: string | null; amount: number }>()
      const add = (from: WireClass | null, at: string | null, amount: number): void => {
        if (amount <= 0) return
        const whole = at && wholeCorridor(at)
        const own = sums.get(`${from} ${whole}`) ?? { from, corridor: whole, amount: 0 }
        own.amount += amount
        sums.set(`${from} ${whole}`, own)
      }
      const { shielded } = circuit
      for (const id of r.corridors ?? []) {
        const c = corridor.get(id)!
        add(null, id, (c.noisePerM ?? 0) * c.lengthM * (shielded ? 0.1 : 1))
        for (const other of classesAt.get(id) ?? []) {
          if (other === circuit.kind) continue
          const kind = other as WireClass
          add(kind, id, exposure(kind, c.lengthM, c.apart ? APART_M : BESIDE_M, shielded, suppressed))
        }
      }
      for (const x of crossings) {
        const run = x.circuit === r.id ? runOf(x) : null
        if (run) add(x.from, null, exposureOfRun(x.from, run, shielded, suppressed))
      }
      const shares = [...sums.values()].sort((x, y) => y.amount - x.amount)
      return [
        { circuit, total: shares.reduce((sum, x) => sum + x.amount, 0), budget, shares, worst: shares[0] ?? null },
      ]
    })
    .sort((x, y) => y.total / y.budget - x.total / x.budget)
}
