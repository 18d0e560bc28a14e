import type { FuelAssessment } from '@lochmoor/core'
import type { SheetOf } from '../bench/StationBench.tsx'
import type { View } from './view.ts'

/** Which moment is looked at. */
export interface FuelView {
  readonly view: View
  readonly setView: (view: View) => void
  /** Shows a moment on the sheet of the pressure. */
  readonly showPoint: (pointId: string) => void
}

/** What every sheet of the station is given. */
export type SheetProps = SheetOf<FuelAssessment> & FuelView
