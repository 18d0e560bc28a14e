export {
  readinessOf,
  STAGE_WORDS,
  stationTitle,
  type Readiness,
  type StationReadiness,
  type StationStage,
} from './readiness.ts'
