import type { FuelCircuit } from './circuitTypes.ts'

/** What the answer holds only with reserve; `pumpInletPa` gauge, null in a starved circuit. */
export const circuitWarnings = (circuit: FuelCircuit, pumpInletPa: number | null): string[] => {
  const { ambientPa = 101_325, vapourPressurePa, feed, regulator } = circuit
  const warnings: string[] = []
  if (pumpInletPa !== null) {
    const inletPa = ambientPa + pumpInletPa
    if (inletPa < 0)
      warnings.push(
        `The pump inlet would lie at ${inletPa.toFixed(0)} Pa absolute, below absolute zero: this flow cannot exist.`,
      )
    if (vapourPressurePa !== undefined && inletPa < vapourPressurePa)
      warnings.push(
        `The pump inlet lies ${(vapourPressurePa - inletPa).toFixed(0)} Pa below the fuel's vapour pressure: the pump draws vapour.`,
      )
  }
  const lines = [['feed', feed] as const, ...(circuit.return ? [['return', circuit.return] as const] : [])]
  for (const [name, line] of lines)
    if (line.roughnessM > 0.05 * line.boreM)
      warnings.push(
        `${name}.roughnessM is more than a twentieth of the bore: Colebrook-White is not established there.`,
      )
  if (regulator.type === 'single-line' && circuit.return && circuit.return.riseM !== 0)
    warnings.push('return.riseM is not used: in a returnless system the return lies level beside the tank.')
  return warnings
}
