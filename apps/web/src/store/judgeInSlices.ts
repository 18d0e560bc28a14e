import { readinessOf, STATION_LIST, type Catalogue, type JobDocument, type Readiness } from '@lochmoor/core'
import { assessmentOf } from './assessments.ts'
import { readinessIs, readinessKnown } from './knownReadiness.ts'

/** How far the open job has come. */
export const readinessNow = (job: JobDocument, catalogue: Catalogue): Readiness => {
  const known = readinessKnown(job, catalogue)
  if (known) return known
  const readiness = readinessOf(job, catalogue, assessmentOf)
  readinessIs(job, catalogue, readiness)
  return readiness
}

/** Judges a job, a station a step; what it found is remembered and costs nothing when it is shown. */
export function* judging(job: JobDocument, catalogue: Catalogue): Generator<void> {
  for (const station of STATION_LIST) {
    if (!assessmentOf.knows(station, job, catalogue)) yield* station.prepare?.(job) ?? []
    assessmentOf(station, job, catalogue)
    yield
  }
  readinessNow(job, catalogue)
}
