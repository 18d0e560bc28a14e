import { pumpAtVoltage, pumpFlowAt } from '../../fuel/index.ts'
import type { PumpTable } from '../../parts/index.ts'

/** What an engine takes while it is cranked is next to nothing: the pump must reach the pressure at all. */
const FLOWS_M3S = 1e-7
const FROM_V = 5
const TO_V = 16

/** Volts from which a pump reaches a pressure, by its own tables; null where it never does. By bisection, to 0.01 V. */
export const railLeastV = (tables: readonly PumpTable[], setPressurePa: number): number | null => {
  const reaches = (v: number): boolean => {
    const at = pumpAtVoltage(tables, v)
    return at.ok && pumpFlowAt(at.value.curve, setPressurePa) > FLOWS_M3S
  }
  if (!reaches(TO_V)) return null
  let [low, high] = [FROM_V, TO_V]
  if (reaches(low)) return low
  while (high - low > 0.01) {
    const middle = (low + high) / 2
    if (reaches(middle)) high = middle
    else low = middle
  }
  return high
}
