export { DATUM_WORDS, datumOf, placeWords, type Datum } from './pipe/datum.ts'
export { exhaustCpJKgK, exhaustDensityKgM3, exhaustWater, type ExhaustWater } from './gas/exhaustGas.ts'
export { EXHAUST_MOMENTS, MOMENT_WORDS, type ExhaustMoment, type ExhaustMomentId } from './gas/moments.ts'
export {
  cooledK,
  coolingLengthM,
  marchPipe,
  mixedGasK,
  pipeHeat,
  type MarchAnswer,
  type MarchCase,
  type MarchPiece,
  type MarchSlice,
  type PipeCover,
} from './gas/pipeHeat.ts'
export { transportS, type RunHeat } from './gas/runHeat.ts'
export { GOOD_TAIL_M, LEAST_TAIL_M, reversion, type ReversionAnswer, type ReversionCase } from './gas/reversion.ts'
export { sensorDelay, type SensorDelayAnswer, type SensorDelayCase } from './gas/sensorDelay.ts'
export {
  clampFit,
  clampFitOf,
  CLAMP_FAULT_WORDS,
  type ClampFault,
  type ClampFitAnswer,
  type ClampFitCase,
} from './fitting/clampFit.ts'
export {
  drillTemplate,
  templateSvg,
  type DrillTemplate,
  type TemplateCase,
  type TemplateMark,
} from './fitting/drillTemplate.ts'
export { fittingAdvice, type FittingAdvice, type FittingWay } from './fitting/weldOrClamp.ts'
export { RUN_WORDS } from './pipe/runWords.ts'
export { JOINT_WORDS, jointsOf, openLeaks, type Joint } from './pipe/joints.ts'
export {
  elevationDeg,
  inclinationDeg,
  layOut,
  outwards,
  placeAt,
  runOf,
  USUAL_PORT_HEIGHT_M,
  usualPortAcrossM,
  type LaidPiece,
  type Place,
  type Point3,
  type Run,
} from './pipe/layOut.ts'
export { exhaustLeak, type LeakCase, type LeakReading } from './reading/leak.ts'
export { deadCylinder, RAW_FUEL_SHARES, readingOfRich, richMisfireShare, type DeadCylinder } from './reading/misfire.ts'
export { shownReading, type ShownReading } from './reading/shownReading.ts'
export { permissionMap, type PermissionCase, type PermissionCell, type Steering } from './reading/permission.ts'
export { FAIR_SCORE, judgeSpot, type JudgedSpot } from './spots/judgeSpot.ts'
export { isPlaced, sweptObstacles, USUAL_OBSTACLE_LENGTH_M, USUAL_OBSTACLE_WIDTH_DEG } from './spots/obstacles.ts'
export { ANGLE_LIMITS, DISTANCE_BANDS, type DistanceBand } from './spots/schools.ts'
export { USUAL_SENSOR, type SensorLimits, type SpotContext } from './spots/spotContext.ts'
export {
  bestSpots,
  croppedGrid,
  GRID_STEP_DEG,
  GRID_STEP_M,
  gridAlongM,
  gridClockDeg,
  spotGrid,
  type SpotGrid,
} from './spots/spotGrid.ts'
export {
  HARD_RULES,
  HARD_WORDS,
  SOFT_WORDS,
  type HardFinding,
  type HardRule,
  type SoftFinding,
  type SoftRule,
} from './spots/spotRules.ts'
