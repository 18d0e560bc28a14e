import { readinessOf, type Catalogue, type JobDocument, type Readiness } from '@lochmoor/core'

let last: { job: JobDocument; catalogue: Catalogue; readiness: Readiness } | null = null

/** How far the open job has come, computed once per version of the document. */
export const selectReadiness = (job: JobDocument, catalogue: Catalogue): Readiness => {
  if (last?.job !== job || last.catalogue !== catalogue)
    last = { job, catalogue, readiness: readinessOf(job, catalogue) }
  return last.readiness
}
