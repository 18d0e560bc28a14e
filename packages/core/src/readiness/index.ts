export { readinessOf, STAGE_WORDS, type Readiness, type StationReadiness, type StationStage } from './readiness.ts'
