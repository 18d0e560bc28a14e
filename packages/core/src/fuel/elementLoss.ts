import type { Loss } from './circuitTypes.ts'

/**
 * Pressure drop of a strainer, filter or wide-open regulator at a flow, Pa, from its one data point:
 * dropPa (a q/flow + (1 - a)(q/flow)²). 0 where there is none.
 */
export const elementDropPa = (loss: Loss | null, flowM3S: number): number => {
  if (loss === null || flowM3S <= 0) return 0
  const share = flowM3S / loss.flowM3S
  const linear = loss.linearShare ?? 0
  return loss.dropPa * (linear * share + (1 - linear) * share * share)
}
