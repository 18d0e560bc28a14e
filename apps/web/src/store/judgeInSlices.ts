import { STATION_LIST, type Catalogue, type JobDocument } from '@lochmoor/core'
import { assessmentOf, readinessNow } from './assessments.ts'

/** Lets everything go first that the page has to do: keys, clicks, drawing. */
export const giveWay = (): Promise<void> =>
  new Promise((resolve) => {
    setTimeout(resolve, 0)
  })

/** Judges a job, a station a step; what it found is remembered and costs nothing when it is shown. */
export function* judging(job: JobDocument, catalogue: Catalogue): Generator<void> {
  for (const station of STATION_LIST) {
    if (!assessmentOf.knows(station, job, catalogue)) yield* station.prepare?.(job) ?? []
    assessmentOf(station, job, catalogue)
    yield
  }
  readinessNow(job, catalogue)
}
