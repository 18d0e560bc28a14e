import {
  assessor,
  engineOfJob,
  FUEL_STATION,
  readinessOf,
  type Catalogue,
  type EngineOnFuel,
  type JobDocument,
  type Readiness,
} from '@lochmoor/core'
import { useCatalogue } from './catalogueStore.ts'

/** What a station says of the open job: one assessment a change serves readiness, rail, headline and sheets. */
export const assessmentOf = assessor()

let last: { readonly job: JobDocument; readonly catalogue: Catalogue; readonly readiness: Readiness } | null = null
/** How far the open job has come, where that has been worked out for this very state of it. */
export const readinessKnown = (job: JobDocument, catalogue: Catalogue): Readiness | null =>
  last?.job === job && last.catalogue === catalogue ? last.readiness : null

/** How far the open job has come. */
export const readinessNow = (job: JobDocument, catalogue: Catalogue): Readiness => {
  if (last?.job !== job || last.catalogue !== catalogue)
    last = { job, catalogue, readiness: readinessOf(job, catalogue, assessmentOf) }
  return last.readiness
}

/** Engine and fuel of a job: those of the assessment, which has them, where there is a catalogue to assess it by. */
export const engineNow = (job: JobDocument): EngineOnFuel => {
  const { catalogue } = useCatalogue.getState()
  return catalogue ? assessmentOf(FUEL_STATION, job, catalogue).engine : engineOfJob(job)
}
