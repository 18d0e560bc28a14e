export { assumptionsOf, figureOf, type Assumption, type FigureField } from './assumptions.ts'
export {
  emptyJob,
  type EngineLayout,
  type FuelSection,
  type InjectionPlace,
  type JobDocument,
  type Known,
  type LineDesign,
  type VehicleSection,
} from './jobDocument.ts'
export type { Catalogue, FilterPart, HosePart, InjectorPart, Part, PumpPart, RegulatorPart } from './parts.ts'
