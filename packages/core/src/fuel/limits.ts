import { fallingRoot } from '../numeric/bracketedRoot.ts'
import { circuitModel } from './circuitModel.ts'
import type { FuelCircuit } from './circuitTypes.ts'
import { pumpFlowAt } from './pumpCurve.ts'
import { elementDropPa } from './elementLoss.ts'
import { columnPa, lineDropPa } from './lineLoss.ts'

/** Largest demand at which the regulated point still stands at the effective set pressure, m³/s; 0 if at none. */
export const mostHeldDemandM3S = (circuit: FuelCircuit): number => {
  const model = circuitModel(circuit)
  const most = pumpFlowAt(circuit.pump.curve, model.leastRisePa)
  return most === 0 ? 0 : fallingRoot((q) => model.suppliedPa(q) - model.effectiveSetPa, 0, most)
}

/**
 * Pressure rise the pump must bring at a pump flow for the regulated point to stand where the regulator keeps it, Pa:
 * the system's own curve, whose crossing with the pump curve is the operating point.
 */
export const requiredRisePa = (circuit: FuelCircuit, pumpFlowM3S: number): number => {
  const model = circuitModel(circuit)
  const lossesPa = model.suppliedWithoutLossesPa(pumpFlowM3S) - model.suppliedPa(pumpFlowM3S)
  const columnsPa = model.leastRisePa - model.effectiveSetPa
  return model.keptPa(Math.max(0, pumpFlowM3S - circuit.demandM3S)) + lossesPa + columnsPa
}

/**
 * Rail of a system that is not held, when the injectors' flow falls with it: the pressure at which the pump brings
 * Q_set sqrt(dp/dp_set). Ends at the set figure when it is held after all. Null where not even a small flow gets there.
 * @param tipPa gauge pressure at the injectors' tips
 */
export const railWithFallingDemandPa = (circuit: FuelCircuit, tipPa: number): number | null => {
  const { feed, filter, fluid, demandM3S, regulator } = circuit
  const model = circuitModel(circuit)
  const setRailPa = model.railPa(model.effectiveSetPa, demandM3S)
  const dpSet = setRailPa - tipPa
  if (dpSet <= 0) return null
  const flowAt = (railPa: number) => demandM3S * Math.sqrt(Math.max(0, railPa - tipPa) / dpSet)
  // The rail the supply side brings at the flow which a rail pressure lets through, minus that pressure: falling.
  const surplusPa = (railPa: number): number => {
    const q = flowAt(railPa)
    const supplied = model.suppliedPa(q)
    const downstream =
      regulator.type === 'return'
        ? 0
        : (filter?.position === 'after-regulator' ? elementDropPa(filter, q) : 0) +
          lineDropPa(feed, q, fluid) +
          columnPa(feed.riseM, fluid)
    return Math.min(supplied, model.effectiveSetPa) - downstream - railPa
  }
  const low = Math.max(tipPa, 0)
  if (surplusPa(low) <= 0) return null
  return fallingRoot(surplusPa, low, Math.max(setRailPa, low))
}
