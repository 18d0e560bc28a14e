export { exhaustFromWalkAround, usualBanks } from './fromWalkAround.ts'
export { assessExhaust, judgeExhaust, type ExhaustAssessment } from './assessExhaust.ts'
export { exhaustCautions, exhaustCautionsAt, type ExhaustCaution } from './cautions.ts'
export { exhaustWorking, EXHAUST_WORKINGS, type ExhaustWorkingId } from './exhaustWorkings.ts'
export {
  chosenSpots,
  contextOf,
  exhaustCase,
  momentOf,
  SENSOR_NAMES,
  TARGET_LAMBDA,
  type ExhaustCase,
  type ExhaustVerdict,
} from './exhaustCase.ts'
export { heatAtSpot, hexagonAtSpot, reversionAt, warmUpAtSpot, type HeatAtSpot } from './heatAtSpot.ts'
export { adviceOf, bungsThatFit, piecesDrilled } from './judgeFitting.ts'
export { foundSpot, isAccepted } from './judgeFound.ts'
export { judgedSpotOf } from './judgedSpot.ts'
export { freeSpotsFor, runsForSensor, withSpot } from './judgeSpots.ts'
export { jointWords, LEAK_TEST_STEPS, leakPlan, type LeakPlanLine } from './leakPlan.ts'
export { behindM, jointsRead, LEAK_REACH_M, leakAt, leakHoleM, leakPlaceShare, USUAL_LEAK_M } from './leaksOfCase.ts'
export { partsOfExhaust } from './partsOfExhaust.ts'
export { permissionOf, type SteeringMap } from './permissionOfCase.ts'
export { TEMPLATE_WANTS, templateOfJob, type TemplateOfJob, type TemplateWant } from './templateOfJob.ts'
export { sensorAdvice, steeringDoubts, type SensorAdvice } from './sensorAdvice.ts'
export { EXHAUST_STATION } from './exhaustStation.ts'
