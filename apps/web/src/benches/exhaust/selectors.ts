import { assessExhaust, type Catalogue, type ExhaustAssessment, type JobDocument } from '@lochmoor/core'

let last: { job: JobDocument; catalogue: Catalogue; assessment: ExhaustAssessment } | null = null

/** The assessment of the open job, computed once per version of the document. */
export const selectExhaust = (job: JobDocument, catalogue: Catalogue): ExhaustAssessment => {
  if (last?.job !== job || last.catalogue !== catalogue)
    last = { job, catalogue, assessment: assessExhaust(job, catalogue) }
  return last.assessment
}
