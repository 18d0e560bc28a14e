export { checkFuelCircuit, checkPumpCurve, type CircuitError } from './checkFuelCircuit.ts'
export type {
  CircuitCause,
  CircuitState,
  Fluid,
  FuelCircuit,
  FuelCircuitAnswer,
  FuelFilter,
  FuelRegulator,
  Line,
  LineFlow,
  Loss,
  PumpPoint,
} from './circuitTypes.ts'
export { elementDropPa } from './elementLoss.ts'
export { frictionFactor } from './frictionFactor.ts'
export { columnPa, GRAVITY_M_S2, lineDropPa, lineFlow } from './lineLoss.ts'
export { pumpFlowAt, pumpRiseAt } from './pumpCurve.ts'
export { solveFuelCircuit } from './solveFuelCircuit.ts'
export {
  injectorAt,
  MOST_DUTY,
  TEST_FLUID_DENSITY_KG_M3,
  type InjectorAnswer,
  type InjectorPoint,
  type InjectorSet,
} from './injector.ts'
export { pumpAtVoltage, stallVoltageV, type PumpCurveAtVoltage, type PumpVoltageError } from './pumpAtVoltage.ts'
export { shutOffAt, type ShutOff, type ShutOffBasis } from './shutOff.ts'
export { mostHeldDemandM3S, railWithFallingDemandPa, requiredRisePa } from './limits.ts'
export {
  COMBINATION_FAILURES,
  type Combination,
  type CombinationCase,
  type CombinationPoint,
} from './choose/combinationCase.ts'
export { rankCombinations, type CombinationAnswer } from './choose/combinations.ts'
export { checkCombinations } from './choose/checkCombinations.ts'
export { pumpSanity, type PumpDoubt } from './choose/pumpSanity.ts'
export {
  FLOW_BAND,
  railBandOf,
  SPREAD_TARGETS,
  spreadCircuit,
  spreadOverMoments,
  type SpreadAnswer,
  type SpreadCase,
  type SpreadOverMoments,
  type SpreadInput,
  type SpreadTarget,
} from './choose/spread.ts'
export {
  deadTimeAt,
  pressureForMixturePa,
  rankInjectorSets,
  type InjectorCandidate,
  type InjectorSetCase,
  type RatedInjectorSet,
} from './injectorSet.ts'
export { ASSEMBLY_STEPS } from './lines/assembly.ts'
export { cutLengthM, ENGINE_ROCK_M, HOSE_SHORTENING_SHARE, type CutCase } from './lines/cutLength.ts'
export { cutList, type CutListError, type HoseOrder } from './lines/cutList.ts'
export { fittingUnfit, hoseUnfit, KIND_WORDS, type LineLoad, type Unfit } from './lines/hoseFitness.ts'
export {
  cutCaseOf,
  HEAT_GAP_M,
  hoseOfLeg,
  legBends,
  BEFORE_CUTTING,
  outsideOf,
  slackOf,
  type HosePiece,
} from './lines/legs.ts'
export { withHose } from './lines/withHose.ts'
export { oldTubeMostPa } from './lines/oldTube.ts'
export { lineVolumeM3, prime, type PrimeAnswer, type PrimeCase } from './prime.ts'
export { moduleFit, type ModuleFitAnswer, type ModuleFitCase } from './tank/moduleFit.ts'
export { senderMatch, type SenderAnswer, type SenderCase } from './tank/senderMatch.ts'
export { potVolumeM3, starvation, tiltedDepthM, type StarvationAnswer, type StarvationCase } from './tank/starvation.ts'
export { breathM3S, MOST_TANK_VACUUM_PA, vent, type VentAnswer, type VentCase } from './tank/vent.ts'
export { suction, WANTED_INLET_MARGIN_PA, type SuctionAnswer, type SuctionCase } from './vapour/suction.ts'
export { FUEL_HEAT_J_KG_K, tankHeat, type TankHeatAnswer, type TankHeatCase } from './vapour/tankHeat.ts'
export {
  boilingPointK,
  ethanolVapourPa,
  vapourPressure,
  type VapourAnswer,
  type VapourFuel,
} from './vapour/vapourPressure.ts'
export { currentAtRise } from './pumpAtVoltage.ts'
