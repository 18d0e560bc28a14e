import type { PumpPoint } from './circuitTypes.ts'

/** The two curve points between which (or beyond which) a pressure lies. */
const segmentByPressure = (curve: readonly PumpPoint[], pressurePa: number): readonly [PumpPoint, PumpPoint] => {
  let i = 1
  while (i < curve.length - 1 && pressurePa > curve[i]!.pressurePa) i++
  return [curve[i - 1]!, curve[i]!]
}

/** Flow at a pressure rise, m³/s: straight lines between the points, end pieces prolonged, never below zero. */
export const pumpFlowAt = (curve: readonly PumpPoint[], pressurePa: number): number => {
  const [a, b] = segmentByPressure(curve, pressurePa)
  const slope = (b.flowM3S - a.flowM3S) / (b.pressurePa - a.pressurePa)
  return Math.max(0, b.flowM3S + slope * (pressurePa - b.pressurePa))
}

/** Pressure rise at a flow >= 0, Pa; strictly falling in flow. At no flow it is the shut-off pressure. */
export const pumpRiseAt = (curve: readonly PumpPoint[], flowM3S: number): number => {
  let i = 1
  while (i < curve.length - 1 && flowM3S < curve[i]!.flowM3S) i++
  const a = curve[i - 1]!
  const b = curve[i]!
  return b.pressurePa + ((b.pressurePa - a.pressurePa) * (flowM3S - b.flowM3S)) / (b.flowM3S - a.flowM3S)
}
