export { assessPower, judgePower, type PowerAssessment } from './assessPower.ts'
export { limitAtRpm as generatorLimitA } from './generatorAt.ts'
export { DEVICE_WORDS, voltsOfDevice, WORKS_IN, type DeviceVolts } from './deviceVolts.ts'
export { POWER_STATION } from './powerStation.ts'
export { powerCase, type PowerCase } from './powerCase.ts'
export { powerWorking, POWER_WORKINGS, type PowerWorkingId } from './powerWorkings.ts'
export { NARROWED_BY, oddsOfJob, type OddsCase } from './oddsOfJob.ts'
export { chargingOf, drainA, weeksAtRest, type Charging } from './chargingOfJob.ts'
export { diagramsOf } from './diagrams/diagramsOfJob.ts'
export { partsOfDiagram } from './diagrams/partsOfDiagram.ts'
export {
  ITEM_HALF,
  layOutDiagram,
  PAPER_ROW,
  type Diagram,
  type DiagramItem,
  type LaidDiagram,
} from './diagrams/diagram.ts'
export { fusePlanOf, LIVE_WORDS, type FusePlan } from './fusePlan.ts'
export { KEYED_WORDS, keyedFind, type FoundWire, type KeyedFind } from './keyedFinder.ts'
export { boughtWithLoom, partsOfPower } from './partsOfPower.ts'
export { proofTestsOf, type ProofTest } from './proofTests.ts'
export { errorFigure, SENSED_IN, SENSOR_WORDS, sensedErrors, type SensedError } from './sensorReturns.ts'
export { STOPPED_WORDS } from './judgeStop.ts'
export { checkWires, fusesOf, shortCurrentA, type WireCheck } from './wireChecks.ts'
export { powerCautions } from './cautions.ts'
