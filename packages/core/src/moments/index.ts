export {
  AMBIENT_PA,
  type PointId,
  type VoltageLevel,
  type OperatingPoint,
  type EngineOnFuel,
  engineOnFuel,
} from './operatingPoint.ts'
