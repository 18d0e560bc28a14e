import type { Catalogue, JobDocument, Readiness } from '@lochmoor/core'

let last: { readonly job: JobDocument; readonly catalogue: Catalogue; readonly readiness: Readiness } | null = null

/** How far the open job has come, where that has been worked out for this very state of it. */
export const readinessKnown = (job: JobDocument, catalogue: Catalogue): Readiness | null =>
  last?.job === job && last.catalogue === catalogue ? last.readiness : null

export const readinessIs = (job: JobDocument, catalogue: Catalogue, readiness: Readiness): void => {
  last = { job, catalogue, readiness }
}
