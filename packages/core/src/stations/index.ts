export { assessor, type Assess } from './assessor.ts'
export { headAt, headOf, STATION_HEADS } from './heads.ts'
export * from './registry.ts'
export { remediesOf, seekRemedies, type Remedies, type Remedy } from './remedies.ts'
export {
  PHASES,
  type Ladder,
  type Phase,
  type StationAssessment,
  type StationHead,
  type StationOf,
  type StationTab,
  type StationValue,
  type Trial,
} from './station.ts'
