import { assessSystem, type Catalogue, type JobDocument, type SystemAssessment } from '@lochmoor/core'

let last: { job: JobDocument; catalogue: Catalogue; assessment: SystemAssessment } | null = null

/** The choice of system of the open job, computed once per version of the document. */
export const selectSystem = (job: JobDocument, catalogue: Catalogue): SystemAssessment => {
  if (last?.job !== job || last.catalogue !== catalogue)
    last = { job, catalogue, assessment: assessSystem(job, catalogue) }
  return last.assessment
}

export const COST_WORDS = ['', 'cheap', 'modest', 'middling', 'dear', 'very dear'] as const
