import type { Catalogue, FuelAssessment, JobDocument, OperatingPoint, WorkingId } from '@lochmoor/core'
import type { View } from './view.ts'

/** What every sheet of the station is given. */
export interface SheetProps {
  readonly job: JobDocument
  readonly catalogue: Catalogue
  readonly assessment: FuelAssessment
  readonly view: View
  readonly setView: (view: View) => void
  /** Shows a moment on the sheet of the pressure. */
  readonly showPoint: (pointId: string) => void
  readonly ask: (id: WorkingId, pointId: string) => void
  readonly askAt: (id: WorkingId, point: OperatingPoint) => void
}
