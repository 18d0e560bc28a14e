export type { PartLine } from './partLine.ts'
export {
  type PumpPoint,
  type PumpTablePoint,
  type PumpTable,
  type DeadTimePoint,
  type Part,
  partById,
  type PumpPart,
  type InjectorPart,
  type HosePart,
  type FittingMake,
  type FittingPart,
  type FilterPart,
  type RegulatorPart,
  type ControllerPart,
  type SensorPart,
  type BungPart,
  type Catalogue,
} from './parts.ts'
export { awgM2, WIRE_SIZES, WIRE_SIZE_IDS, wireSizeOf, type WireSize } from './wireSizes.ts'
export {
  ALL_THREAD_IDS,
  ALL_THREADS,
  isTapered,
  SOLD_LENGTHS_M,
  TAPERED_THREADS,
  THREADS,
  type NamedThread,
  type TaperedThread,
  type Thread,
  type ThreadForm,
} from './threads.ts'
