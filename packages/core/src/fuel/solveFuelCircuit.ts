import { fallingRoot } from '../numeric/bracketedRoot.ts'
import { err, ok, type Result } from '../verdict/index.ts'
import { checkBalance } from './checkBalance.ts'
import { checkFuelCircuit, type CircuitError } from './checkFuelCircuit.ts'
import { circuitModel, type CircuitModel } from './circuitModel.ts'
import { circuitWarnings } from './circuitWarnings.ts'
import type { CircuitCause, FuelCircuit, FuelCircuitAnswer, PumpPoint } from './circuitTypes.ts'
import { elementDropPa } from './elementLoss.ts'
import { lineDropPa, lineFlow } from './lineLoss.ts'
import { pumpFlowAt, pumpRiseAt } from './pumpCurve.ts'

interface Balance {
  readonly state: 'in-control' | 'not-held' | 'lifted'
  readonly pumpFlowM3S: number
  readonly pumpRisePa: number
  readonly regulatedPa: number
  readonly railPa: number
}

/** Pump side against regulator at a demand: one bracketed root of a strictly monotone function. */
const balanceAt = (circuit: FuelCircuit, model: CircuitModel, demandM3S: number): Balance => {
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

/** Rail, Pa gauge, of a sound circuit at its demand; nothing where it is starved. */
export const railOrNothingPa = (circuit: FuelCircuit): number =>
  Math.max(0, balanceAt(circuit, circuitModel(circuit), circuit.demandM3S).railPa)

const causeNotHeld = (model: CircuitModel, demandM3S: number): CircuitCause =>
  model.suppliedWithoutLossesPa(demandM3S) < model.effectiveSetPa ? 'pump' : 'line'

/** The regulator where even a lossless return would leave the rail lifted. */
const causeLifted = (circuit: FuelCircuit): CircuitCause => {
  if (circuit.return === null) return 'regulator'
  const lossless: FuelCircuit = { ...circuit, return: null }
  return balanceAt(lossless, circuitModel(lossless), circuit.demandM3S).state === 'lifted' ? 'regulator' : 'return'
}

/** The flows at the demand at which the rail would just reach zero gauge; no pressure exists for the wanted demand. */
const starvedAnswer = (circuit: FuelCircuit, model: CircuitModel): FuelCircuitAnswer => {
  const limitM3S = fallingRoot((d) => balanceAt(circuit, model, d).railPa, 0, circuit.demandM3S)
  const { pumpFlowM3S } = balanceAt(circuit, model, limitM3S)
  const flows = flowsOf(circuit, pumpFlowM3S, limitM3S)
  return {
    state: 'starved',
    cause: causeNotHeld(model, circuit.demandM3S),
    effectiveSetPa: model.effectiveSetPa,
    regulatedPa: null,
    railPa: null,
    pumpInletPa: null,
    pumpOutletPa: null,
    strainerDropPa: null,
    filterDropPa: null,
    feedDropPa: null,
    returnDropPa: null,
    regulatorBackPa: null,
    inletMarginPa: null,
    ...flows,
    warnings: circuitWarnings(circuit, null),
  }
}

const flowsOf = (circuit: FuelCircuit, pumpFlowM3S: number, demandM3S: number) => {
  const feedFlowM3S = circuit.regulator.type === 'return' ? pumpFlowM3S : demandM3S
  const returnFlowM3S = pumpFlowM3S - demandM3S
  return {
    pumpFlowM3S,
    feedFlowM3S,
    returnFlowM3S,
    feed: lineFlow(feedFlowM3S, circuit.feed.boreM, circuit.fluid),
    return: circuit.return && lineFlow(returnFlowM3S, circuit.return.boreM, circuit.fluid),
  }
}

/**
 * Steady flow and pressure of a fuel circuit at one operating point.
 *
 * Pressures Pa gauge, flows m³/s. A system that fails is an answer, not an error: `not-held` (the regulator is shut and
 * the pump cannot keep the set pressure at this demand), `lifted` (what stands behind the regulator keeps the rail
 * above it), `starved` (the demand would need a rail at or below ambient). Demand does not fall with rail pressure.
 * Errors name the field, value and range. Throws only if its own answer does not balance.
 * `regulatorBackPa` without a return line is the tank's own pressure; in single-line systems the return lies level.
 * Sources: Darcy-Weisbach, Colebrook-White 1939, Chandrupatla 1997; see docs/formulas.md.
 */
export const solveFuelCircuit = (circuit: FuelCircuit): Result<FuelCircuitAnswer, CircuitError[]> => {
  const errors = checkFuelCircuit(circuit)
  if (errors.length > 0) return err(errors)
  const model = circuitModel(circuit)
  const { demandM3S, fluid } = circuit
  const balance = balanceAt(circuit, model, demandM3S)
  if (balance.railPa <= 0) return ok(starvedAnswer(circuit, model))

  const q = balance.pumpFlowM3S
  const flows = flowsOf(circuit, q, demandM3S)
  const strainerDropPa = elementDropPa(circuit.strainer, q)
  const suctionPa = circuit.suction ? lineDropPa(circuit.suction, q, fluid) : 0
  const pumpInletPa = (circuit.tankPressurePa ?? 0) - strainerDropPa - suctionPa
  const filterFlow = circuit.filter?.position === 'after-regulator' ? demandM3S : q
  const { vapourPressurePa, ambientPa = 101_325 } = circuit
  const answer: FuelCircuitAnswer = {
    state: balance.state,
    cause:
      balance.state === 'lifted'
        ? causeLifted(circuit)
        : balance.state === 'not-held'
          ? causeNotHeld(model, demandM3S)
          : null,
    effectiveSetPa: model.effectiveSetPa,
    regulatedPa: balance.regulatedPa,
    railPa: balance.railPa,
    pumpInletPa,
    pumpOutletPa: pumpInletPa + balance.pumpRisePa,
    strainerDropPa,
    filterDropPa: elementDropPa(circuit.filter, filterFlow),
    feedDropPa: lineDropPa(circuit.feed, flows.feedFlowM3S, fluid),
    returnDropPa: circuit.return ? lineDropPa(circuit.return, flows.returnFlowM3S, fluid) : 0,
    regulatorBackPa: model.backPa(flows.returnFlowM3S),
    inletMarginPa: vapourPressurePa === undefined ? null : ambientPa + pumpInletPa - vapourPressurePa,
    ...flows,
    warnings: circuitWarnings(circuit, pumpInletPa),
  }
  checkBalance(circuit, answer)
  return ok(answer)
}
