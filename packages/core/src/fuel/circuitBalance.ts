import { fallingRoot } from '../numeric/bracketedRoot.ts'
import { circuitModel, type CircuitModel } from './circuitModel.ts'
import type { CircuitState, FuelCircuit, PumpPoint } from './circuitTypes.ts'
import { pumpFlowAt, pumpRiseAt } from './pumpCurve.ts'

/** Where pump and regulator meet. */
export interface Balance {
  readonly state: 'in-control' | 'not-held' | 'lifted'
  readonly pumpFlowM3S: number
  readonly pumpRisePa: number
  readonly regulatedPa: number
  readonly railPa: number
}

/** Pump side against regulator at a demand: one bracketed root of a strictly monotone function. */
export const balanceAt = (circuit: FuelCircuit, model: CircuitModel, demandM3S: number): Balance => {
  const { curve } = circuit.pump
  const shut: PumpPoint = { pressurePa: pumpRiseAt(curve, demandM3S), flowM3S: demandM3S }
  const shutPa = model.suppliedAtPa(shut.pressurePa, demandM3S)
  const at = (state: Balance['state'], { flowM3S, pressurePa }: PumpPoint, regulatedPa: number): Balance => ({
    state,
    pumpFlowM3S: flowM3S,
    pumpRisePa: pressurePa,
    regulatedPa,
    railPa: model.railPa(regulatedPa, demandM3S),
  })
  if (shutPa < model.effectiveSetPa) return at('not-held', shut, shutPa)
  // Above the set figure but below what stands behind the regulator: it is open and nothing can return.
  if (shutPa <= model.keptPa(0)) return at(shutPa > model.effectiveSetPa ? 'lifted' : 'in-control', shut, shutPa)
  const surplusPa = ({ flowM3S, pressurePa }: PumpPoint): number =>
    model.suppliedAtPa(pressurePa, flowM3S) - model.keptPa(Math.max(0, flowM3S - demandM3S))
  const worked = pointOnCurve(curve, shut, model.leastRisePa, surplusPa)
  const returnM3S = Math.max(0, worked.flowM3S - demandM3S)
  const lifted = model.wideOpenPa(returnM3S) > model.effectiveSetPa
  return at(lifted ? 'lifted' : 'in-control', worked, model.keptPa(returnM3S))
}

/**
 * The point of the pump curve at which the surplus is nothing. The surplus falls from `shut` (positive) along the curve
 * to the point of `leastRisePa`, where it cannot be positive: against the bare set pressure and column the pump brings
 * more than against any loss. The piece of the curve is found first and the root sought as a share of it, so that
 * neither a steep nor a flat piece costs precision.
 */
const pointOnCurve = (
  curve: readonly PumpPoint[],
  shut: PumpPoint,
  leastRisePa: number,
  surplusPa: (point: PumpPoint) => number,
): PumpPoint => {
  let from = shut
  let to: PumpPoint = { pressurePa: leastRisePa, flowM3S: Math.max(shut.flowM3S, pumpFlowAt(curve, leastRisePa)) }
  for (let i = curve.length - 1; i >= 0; i--) {
    const node = curve[i]!
    if (node.pressurePa >= from.pressurePa || node.flowM3S <= from.flowM3S) continue
    if (node.pressurePa <= to.pressurePa || node.flowM3S >= to.flowM3S) break
    if (surplusPa(node) > 0) from = node
    else {
      to = node
      break
    }
  }
  const pointAt = (share: number): PumpPoint => ({
    pressurePa: from.pressurePa + share * (to.pressurePa - from.pressurePa),
    flowM3S: from.flowM3S + share * (to.flowM3S - from.flowM3S),
  })
  return pointAt(fallingRoot((share) => surplusPa(pointAt(share)), 0, 1))
}

/** The largest demand at which a starved circuit's rail still stands above zero gauge, m³/s. */
export const starvedLimitM3S = (circuit: FuelCircuit, model: CircuitModel): number =>
  fallingRoot((d) => balanceAt(circuit, model, d).railPa, 0, circuit.demandM3S)

/** What a circuit comes to, without the drops, causes and warnings that its reader wants. */
export interface WorkedCircuit {
  readonly state: CircuitState
  readonly returnFlowM3S: number
  /** Null where no pressure exists for the wanted demand. */
  readonly pumpRisePa: number | null
}

/** The same point as `solveFuelCircuit` finds, of a circuit that is known to be sound. */
export const workedCircuit = (circuit: FuelCircuit, model: CircuitModel = circuitModel(circuit)): WorkedCircuit => {
  const { demandM3S } = circuit
  const { pumpFlowM3S, pumpRisePa, railPa, state } = balanceAt(circuit, model, demandM3S)
  if (railPa > 0) return { state, returnFlowM3S: pumpFlowM3S - demandM3S, pumpRisePa }
  const limitM3S = starvedLimitM3S(circuit, model)
  const returnFlowM3S = balanceAt(circuit, model, limitM3S).pumpFlowM3S - limitM3S
  return { state: 'starved', returnFlowM3S, pumpRisePa: null }
}
