import type { Catalogue, ExhaustAssessment, JobDocument } from '@lochmoor/core'

/** What every sheet of the station is given. */
export interface SheetProps {
  readonly job: JobDocument
  readonly catalogue: Catalogue
  readonly assessment: ExhaustAssessment
  /** Which sensor is worked on: 0 is A. */
  readonly sensorIndex: 0 | 1
  readonly setSensor: (index: 0 | 1) => void
  readonly ask: (workingId: string, sensorIndex: number, momentId: string | null) => void
}
