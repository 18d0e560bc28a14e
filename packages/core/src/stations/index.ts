export { assessor, type Assess } from './assessor.ts'
export { EXHAUST_STATION } from './exhaust/exhaustStation.ts'
export { FUEL_STATION } from './fuel/fuelStation.ts'
export { PARTS_HELD, STATION_LIST, stationAt, stationOf } from './registry.ts'
export { remediesOf, seekRemedies, type Remedies, type Remedy } from './remedies.ts'
export {
  PHASES,
  type Ladder,
  type Phase,
  type StationAssessment,
  type StationOf,
  type StationTab,
  type StationValue,
  type Trial,
} from './station.ts'
export { SYSTEM_STATION } from './system/systemStation.ts'
export { WALK_AROUND_STATION } from './walk-around/walkAroundStation.ts'
