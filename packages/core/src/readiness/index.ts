export { PHASE_WORDS, phasesOf, type PhaseReadiness } from './phases.ts'
export { openPointsOf, type OpenPoints, type OpenVerdict } from './openPoints.ts'
export { readinessOf, STAGE_WORDS, type Readiness, type StationReadiness, type StationStage } from './readiness.ts'
