export {
  assumptionsOf,
  describeFigure,
  figureOf,
  sweptVolumeM3,
  type Assumption,
  type FigureField,
} from './assumptions.ts'
export { fuelLoopOf, injectionPlaceOf } from './choices.ts'
export {
  emptyJob,
  type EngineLayout,
  type FuelLoop,
  type FuelSection,
  type InjectionPlace,
  type JobDocument,
  type Known,
  type LineDesign,
  type VehicleSection,
} from './jobDocument.ts'
export type {
  Catalogue,
  ControllerPart,
  FilterPart,
  HosePart,
  InjectorPart,
  Part,
  PumpPart,
  RegulatorPart,
} from './parts.ts'
export { differences, mergeThree, sameValue, type Clash, type Difference, type Merge } from './differences.ts'
export { isUntouched, valueAt, withValueAt } from './paths.ts'
export { copiedJob, jobFromTemplate, TEMPLATE_WORDS, type JobTemplateId } from './templates.ts'
export type { Architecture, Firing, Injection, SystemSection, Timing, Trigger } from './system.ts'
export type { FitnessEntries, WalkAroundSection } from './walkAround.ts'
export {
  STATION_WORDS,
  STATIONS,
  WORK_STATE_WORDS,
  WORK_STATES,
  type Station,
  type WorkSection,
  type WorkState,
} from './work.ts'
