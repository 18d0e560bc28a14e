import type { Trace } from '../verdict/index.ts'
import type { PumpPoint } from './circuitTypes.ts'

/** The two curve points between which (or beyond which) a pressure lies. */
const segmentByPressure = (curve: readonly PumpPoint[], pressurePa: number): readonly [PumpPoint, PumpPoint] => {
  let i = 1
  while (i < curve.length - 1 && pressurePa > curve[i]!.pressurePa) i++
  return [curve[i - 1]!, curve[i]!]
}

/** Flow at a pressure rise, m³/s: straight lines between the points, end pieces prolonged, never below zero. */
export const pumpFlowAt = (
  curve: readonly PumpPoint[],
  pressurePa: number,
  trace?: Trace,
  voltageV?: number,
): number => {
  const [a, b] = segmentByPressure(curve, pressurePa)
  const slope = (b.flowM3S - a.flowM3S) / (b.pressurePa - a.pressurePa)
  const flowM3S = Math.max(0, b.flowM3S + slope * (pressurePa - b.pressurePa))
  trace?.step({
    symbol: 'Q_p',
    meaning: `pump flow${voltageV === undefined ? '' : ` at ${voltageV} V`}, straight between two points of its curve`,
    formula: 'max(0, Q_2 + (Q_2 - Q_1) * (p - p_2) / (p_2 - p_1))',
    inputs: {
      Q_1: { value: a.flowM3S, unit: 'm³/s' },
      Q_2: { value: b.flowM3S, unit: 'm³/s' },
      p: { value: pressurePa, unit: 'Pa rise' },
      p_1: { value: a.pressurePa, unit: 'Pa' },
      p_2: { value: b.pressurePa, unit: 'Pa' },
    },
    result: flowM3S,
    unit: 'm³/s',
    source: 'pump table at this voltage',
  })
  return flowM3S
}

/** Pressure rise at a flow >= 0, Pa; strictly falling in flow. At no flow it is the shut-off pressure. */
export const pumpRiseAt = (curve: readonly PumpPoint[], flowM3S: number): number => {
  let i = 1
  while (i < curve.length - 1 && flowM3S < curve[i]!.flowM3S) i++
  const a = curve[i - 1]!
  const b = curve[i]!
  return b.pressurePa + ((b.pressurePa - a.pressurePa) * (flowM3S - b.flowM3S)) / (b.flowM3S - a.flowM3S)
}
