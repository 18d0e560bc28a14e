export { assessor, type Assess } from './assessor.ts'
export * from './registry.ts'
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
