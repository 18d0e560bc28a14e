import type { HarnessAssessment } from '@lochmoor/core'
import type { SheetOf } from '../bench/StationBench.tsx'
import type { FoundLooms } from './background/useLooms.ts'

/** What the sheets of the harness station share. */
export interface HarnessView {
  readonly found: FoundLooms
  /** The wire that is looked at. */
  readonly wire: string | null
  readonly setWire: (id: string | null) => void
  /** Corridor or place that is looked at. */
  readonly spot: string | null
  readonly setSpot: (id: string | null) => void
  /** Place of the ECU whose loom is shown; null: the accepted one, else the best. */
  readonly place: string | null
  readonly setPlace: (id: string | null) => void
}
export type HarnessSheetProps = SheetOf<HarnessAssessment> & HarnessView
