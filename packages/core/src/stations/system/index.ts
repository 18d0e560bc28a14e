export {
  architectureId,
  architectureTitle,
  architecturesFor,
  FIRING_WORDS,
  INJECTION_WORDS,
  pumpPlaceFor,
  TIMING_WORDS,
  TRIGGER_WORDS,
} from './architectures.ts'
export { assessSystem, type Downstream, type SystemAssessment, type ChoiceState } from './assessSystem.ts'
export { candidatesFor, type Against, type Candidate, type ScopeOfWork } from './candidates.ts'
export { WORK_SCOPES, type Consequence, type ConsequenceKind, type WorkScope } from './workScopes.ts'
export { consequencesOf } from './consequences.ts'
export { risksOf } from './risks.ts'
export { leftOutFor, type LeftOut } from './leftOut.ts'
export { SYSTEM_SCHOOLS, type SchoolQuestion } from './schools.ts'
export { lacksOf, leastController, terminalsFor, type Terminals } from './terminals.ts'
export { laterOf, stagesOf, type Stage } from './stages.ts'
export { readSwitch, type SwitchPosition } from './switches.ts'
export { SYSTEM_STATION } from './systemStation.ts'
