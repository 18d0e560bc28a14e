import type { ConditionId, PowerAssessment } from '@lochmoor/core'
import type { SheetOf } from '../bench/StationBench.tsx'

/** What the sheets of the power station share. */
export interface PowerView {
  readonly condition: ConditionId
  readonly setCondition: (id: ConditionId) => void
  /** Wires taken out of the drawing, to see what they carry; nothing is stored. */
  readonly out: readonly string[]
  readonly setOut: (ids: readonly string[]) => void
  readonly wire: string | null
  readonly setWire: (id: string | null) => void
}
export type PowerSheetProps = SheetOf<PowerAssessment> & PowerView
