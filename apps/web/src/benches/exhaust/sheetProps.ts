import type { ExhaustAssessment } from '@lochmoor/core'
import type { SheetOf } from '../bench/StationBench.tsx'

/** Which sensor is worked on: 0 is A. */
export interface SensorView {
  readonly sensorIndex: 0 | 1
  readonly setSensor: (index: 0 | 1) => void
}

/** What every sheet of the station is given. */
export type SheetProps = SheetOf<ExhaustAssessment> & SensorView
