export type { EngineLayout, VehicleSection } from './vehicle.ts'
export type { FuelLoop, FuelSafety, FuelSection, InjectionPlace, OldLine } from './fuel.ts'
export {
  emptyLeg,
  emptyLine,
  LINE_NAMES,
  USUAL_COUNTS,
  type LineCount,
  type LegMoves,
  type LineDesign,
  type LineLeg,
  type LineName,
} from './fuelLines.ts'
export {
  ANGLE_SCHOOLS,
  DISTANCE_SCHOOLS,
  emptyBank,
  emptyExhaust,
  emptyObstacle,
  emptyPiece,
  piecesPath,
  JOINT_KINDS,
  PIECE_KINDS,
  type AngleSchool,
  type DistanceSchool,
  type ExhaustBank,
  type ExhaustObstacle,
  type ExhaustPiece,
  type ExhaustSection,
  type JointKind,
  type PieceKind,
  type RunId,
  type SensorSpot,
} from './exhaust.ts'
export type { FuelTank } from './fuelTank.ts'
export type { Architecture, Build, Firing, Injection, SystemSection, Timing, Trigger } from './system.ts'
export type { FitnessEntries, WalkAroundSection } from './walkAround.ts'
export { STATIONS, WORK_STATE_WORDS, WORK_STATES, type Station, type WorkSection, type WorkState } from './work.ts'
export {
  emptyBoxPosition,
  emptyKeyedWire,
  emptyOutputPoint,
  type BoxPosition,
  type KeyedWire,
  type SensorReturn,
  WIRE_ROLES,
  type OutputPoint,
  type PowerDesign,
  type PowerSection,
  type PowerWire,
  type WireRole,
} from './power.ts'
