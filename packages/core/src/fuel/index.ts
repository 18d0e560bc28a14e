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
export { ETHANOL, fuelProperties, PETROL, type FuelBlend, type FuelProperties } from './fuelProperties.ts'
export {
  injectorAt,
  MOST_DUTY,
  TEST_FLUID_DENSITY_KG_M3,
  type InjectorAnswer,
  type InjectorPoint,
  type InjectorSet,
} from './injector.ts'
export {
  pumpAtVoltage,
  stallVoltageV,
  type PumpCurveAtVoltage,
  type PumpTable,
  type PumpTablePoint,
  type PumpVoltageError,
} from './pumpAtVoltage.ts'
export { mostHeldDemandM3S, railWithFallingDemandPa, requiredRisePa } from './limits.ts'
export * from './station/index.ts'
