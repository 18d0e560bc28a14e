export { assessFuel, fuelState, type FuelAssessment } from './assessFuel.ts'
export { explainGap, type CircuitGap } from './circuitOfJob.ts'
export { boreOf, FITTING_K } from './lineOfDesign.ts'
export {
  AMBIENT_PA,
  engineOnFuel,
  type EngineOnFuel,
  type OperatingPoint,
  type PointId,
  type VoltageLevel,
} from './operatingPoint.ts'
export { partsOfFuel, type PartLine } from './partsOfFuel.ts'
export { pressureProfile, type ProfilePart, type ProfilePiece } from './pressureProfile.ts'
export { isSolved, solvePoint, type FuelChange, type FuelVerdict, type SolvedPoint } from './solvedPoint.ts'
export { fuelWorking, WORKING_IDS, type WorkingId } from './workings.ts'
