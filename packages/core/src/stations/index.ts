export { PARTS_HELD, STATION_LIST, stationAt, stationOf } from './registry.ts'
export {
  PHASES,
  type Phase,
  type StationJudgement,
  type StationTab,
  type StationValue,
  type StationVerdict,
} from './station.ts'
