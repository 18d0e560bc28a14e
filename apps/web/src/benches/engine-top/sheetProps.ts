import type { EngineTopAssessment } from '@lochmoor/core'
import type { SheetOf } from '../bench/StationBench.tsx'

/** What the sheets of the engine top share. */
export interface EngineTopView {
  /** Group of bolts that is looked at. */
  readonly group: number
  readonly setGroup: (index: number) => void
}
export type EngineTopSheetProps = SheetOf<EngineTopAssessment> & EngineTopView
