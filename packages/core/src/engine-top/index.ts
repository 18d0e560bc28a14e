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
export {
  SOLD_LENGTHS_M,
  threadGeometry,
  THREADS,
  type NamedThread,
  type Thread,
  type ThreadForm,
} from './bolts/thread.ts'
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
  CLAY_REACH_M,
  type ClayPoint,
  type ClearanceAnswer,
  type ClearanceCase,
  type CornerClearance,
  type StackCorner,
} from './stack/bonnetClearance.ts'
export type { CableCam } from './throttle/cableCam.ts'
export { rodAtRestM, setByRod, type Lever, type RodLinkage } from './throttle/rodLinkage.ts'
export { throttle, type ThrottleAnswer, type ThrottleCase, type ThrottleLink } from './throttle/throttle.ts'
export { throttleRemedies, type ThrottleChange, type ThrottleRemedy } from './throttle/throttleRemedies.ts'
