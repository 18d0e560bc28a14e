export {
  askFor,
  assessWalkAround,
  FITNESS_VERDICT,
  type WalkAroundAssessment,
  type WalkAroundState,
} from './assessWalkAround.ts'
export { acceptanceOf, type AcceptanceTest } from './acceptance.ts'
export { factsOnPapers, surveyOf, type SurveyGroup, type SurveyRow } from './surveyOf.ts'
export { derivedOf, type Derived } from './derived.ts'
export { FITNESS_TESTS, fitnessOf, repairsFirst, testsFor, type RepairFirst } from './fitness/index.ts'
export type { Finding, Fitness, FitnessResult, FitnessTest } from './fitness/fitnessTypes.ts'
export { entriesFor, isKnown, stillToMeasure } from './stillToMeasure.ts'
export { WALK_AROUND_STATION } from './walkAroundStation.ts'
