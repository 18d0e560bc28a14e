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
