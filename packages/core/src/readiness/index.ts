export { PHASE_WORDS, phasesOf, type PhaseReadiness } from './phases.ts'
export { openPointsOf, type OpenPoints, type OpenVerdict } from './openPoints.ts'
export { readinessOf, type Readiness, type StationReadiness } from './readiness.ts'
export { STAGE_WORDS, type StationStage } from './stage.ts'
