export {
  AIR_J_KG_K,
  airFlowKgS,
  demandByAirKgS,
  demandByPowerKgS,
  fuelDemand,
  type AirRoute,
  type Aspiration,
  type Band,
  type FuelDemand,
  type PowerBasis,
  type PowerRoute,
} from './fuelDemand.ts'
export { ambientAtPa } from './ambient.ts'
export { camClassOf, type CamClass } from './camClass.ts'
export { ETHANOL, fuelProperties, PETROL, type Fluid, type FuelBlend, type FuelProperties } from './fuelProperties.ts'
export {
  AMBIENT_PA,
  engineOnFuel,
  fullFilling,
  type EngineFigures,
  type EngineOnFuel,
  type FuelAtPump,
  type OperatingPoint,
  type PointId,
  type VoltageLevel,
} from './operatingPoint.ts'
