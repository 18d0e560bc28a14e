import { engineOfJob, FUEL_STATION, type EngineOnFuel, type JobDocument } from '@lochmoor/core'
import { assessmentOf } from './assessments.ts'
import { useCatalogue } from './catalogueStore.ts'

/** Engine and fuel of a job: those of the assessment, which has them, where there is a catalogue to assess it by. */
export const engineNow = (job: JobDocument): EngineOnFuel => {
  const { catalogue } = useCatalogue.getState()
  return catalogue ? assessmentOf(FUEL_STATION, job, catalogue).engine : engineOfJob(job)
}
