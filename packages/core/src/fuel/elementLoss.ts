import type { Trace } from '../verdict/index.ts'
import type { Loss } from './circuitTypes.ts'

/**
 * Pressure drop of a strainer, filter or wide-open regulator at a flow, Pa, from its one data point:
 * dropPa (a q/flow + (1 - a)(q/flow)²). 0 where there is none.
 */
export const elementDropPa = (loss: Loss | null, flowM3S: number, trace?: Trace, name = 'element'): number => {
  if (loss === null || flowM3S <= 0) return 0
  const share = flowM3S / loss.flowM3S
  const linear = loss.linearShare ?? 0
  const dropPa = loss.dropPa * (linear * share + (1 - linear) * share * share)
  trace?.step({
    symbol: 'dp_e',
    meaning: `drop over the ${name}`,
    formula: 'dp_0 * (a * Q / Q_0 + (1 - a) * (Q / Q_0)^2)',
    inputs: {
      dp_0: { value: loss.dropPa, unit: 'Pa' },
      a: { value: linear, unit: 'linear share' },
      Q: { value: flowM3S, unit: 'm³/s' },
      Q_0: { value: loss.flowM3S, unit: 'm³/s' },
    },
    result: dropPa,
    unit: 'Pa',
    source: 'its data point',
  })
  return dropPa
}
