export { assessWalkAround, type WalkAroundAssessment, type WalkAroundState } from './assessWalkAround.ts'
export { derivedOf, type Derived } from './derived.ts'
export { isRelevant, WALK_GROUPS } from './fields/index.ts'
export type {
  ChoiceEntry,
  DrawingId,
  FigureEntry,
  ListEntry,
  Need,
  SeenEntry,
  TextEntry,
  WalkEntry,
  WalkGroup,
  WalkPath,
} from './fieldTypes.ts'
export { companionCylinders, explainFiringOrderError, parseFiringOrder, type FiringOrderError } from './firingOrder.ts'
export { FITNESS_TESTS, fitnessOf, repairsFirst, type RepairFirst } from './fitness/index.ts'
export type { Finding, Fitness, FitnessResult, FitnessTest } from './fitness/fitnessTypes.ts'
export { entriesFor, isKnown, stillToMeasure } from './stillToMeasure.ts'
