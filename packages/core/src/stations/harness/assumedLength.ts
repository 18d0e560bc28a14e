import type { Circuit } from './circuitsOfJob.ts'
import { wholeCorridor, type CarPlan } from './planOfJob.ts'

/** Whether a wire's length stands on an estimate: a corridor of its way, or a lead at one of its ends. */
export const lengthIsAssumed = (
  plan: CarPlan,
  circuit: Pick<Circuit, 'from' | 'to'>,
  way: readonly string[] | null,
): boolean => {
  const assumed = new Set(plan.corridors.filter((c) => c.assumed.includes('lengthM')).map((c) => c.id))
  return (
    (way ?? []).some((id) => assumed.has(wholeCorridor(id))) ||
    plan.devices.some((d) => d.leadAssumed && (d.id === circuit.from || d.id === circuit.to))
  )
}
