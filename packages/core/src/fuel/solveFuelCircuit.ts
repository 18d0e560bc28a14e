import { err, ok, type Result } from '../verdict/index.ts'
import { balanceAt, starvedLimitM3S } from './circuitBalance.ts'
import { checkBalance } from './checkBalance.ts'
import { checkFuelCircuit, type CircuitError } from './checkFuelCircuit.ts'
import { circuitModel, type CircuitModel } from './circuitModel.ts'
import { circuitWarnings } from './circuitWarnings.ts'
import type { CircuitCause, FuelCircuit, FuelCircuitAnswer } from './circuitTypes.ts'
import { elementDropPa } from './elementLoss.ts'
import { lineDropPa, lineFlow } from './lineLoss.ts'

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
  const limitM3S = starvedLimitM3S(circuit, model)
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
