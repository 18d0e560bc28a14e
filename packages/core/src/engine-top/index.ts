export { bolt, checkBolt, type BoltAnswer, type BoltCase, type BoltFit, type HoleOpensInto } from './bolts/bolt.ts'
export {
  BOLT_CLASSES,
  TAPPED_MATERIALS,
  TORQUE_COEFFICIENTS,
  type BoltClassId,
  type TappedMaterialId,
  type ThreadState,
} from './bolts/boltMaterials.ts'
export { boltPlaces, type BoltPattern } from './bolts/boltPatterns.ts'
export { threadGeometry } from './bolts/thread.ts'
export { taperedGeometry, type TaperedGeometry } from './bolts/taperedThread.ts'
export { tighteningOrder, type BoltPlace, type TighteningOrder } from './bolts/tighteningOrder.ts'
export {
  airCleaner,
  MOST_DROP_PA,
  MOST_FACE_MS,
  type AirCleanerAnswer,
  type AirCleanerCase,
} from './stack/airCleaner.ts'
export {
  bonnetClearance,
  bonnetFrom,
  bonnetM,
  rocked,
  CLAY_REACH_M,
  type ClayPoint,
  type ClearanceAnswer,
  type ClearanceCase,
  type CornerClearance,
  type StackCorner,
} from './stack/bonnetClearance.ts'
export { besideStack, turned, type SideFace, type SideGap, type SidePoint } from './stack/besideStack.ts'
export { levelsOf, RIM_PLACES, rimCorners, type PieceLevel, type PieceOnPad } from './stack/newStack.ts'
export { kickdownPullM, kickdownTravel, type KickdownAnswer, type KickdownCase } from './throttle/kickdownTravel.ts'
export { padForceN, plateSprings, type SpringsAnswer, type SpringsCase } from './throttle/plateSprings.ts'
export type { CableCam } from './throttle/cableCam.ts'
export { ballAt, rodAtRestM, setByRod, sweepRod, type Lever, type RodLinkage } from './throttle/rodLinkage.ts'
export { throttle, type ThrottleAnswer, type ThrottleCase, type ThrottleLink } from './throttle/throttle.ts'
export { throttleRemedies, type ThrottleChange, type ThrottleRemedy } from './throttle/throttleRemedies.ts'
export { checkFiring, firingGroups, type FiringAnswer, type FiringCase } from './ignition/firingGroups.ts'
export {
  explainFiringOrderError,
  firingOfTexts,
  MOST_CYLINDERS,
  parseFiringOrder,
  parseIntervals,
  type FiringOrderError,
} from './ignition/firingOrder.ts'
export { banksOf, cylinderPlace, fromOtherEnd, type Numbering } from './ignition/numbering.ts'
export { rotorPhasing, type RotorAnswer, type RotorAt, type RotorCase } from './ignition/rotorPhasing.ts'
export { CRANK_GAP_M, crankWheel, type CrankWheelAnswer, type CrankWheelCase } from './sensors/crankWheel.ts'
export { tapping, type TappingAnswer, type TappingCase } from './sensors/tapping.ts'
export {
  falls,
  ohmOfTemperature,
  steinhartHart,
  temperatureOfOhm,
  thermistorTable,
  type SteinhartHart,
  type ThermistorPoint,
  type ThermistorRow,
} from './sensors/thermistor.ts'
export {
  vacuumPorts,
  whyNot,
  type Served,
  type VacuumAnswer,
  type VacuumCase,
  type VacuumConsumer,
  type VacuumPort,
} from './vacuum/vacuumPorts.ts'
