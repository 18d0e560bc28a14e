import {
  assessExhaust,
  assessFuel,
  assessSystem,
  assessWalkAround,
  engineOnFuel,
  readinessOf,
  type EngineOnFuel,
  type JobDocument,
} from '@lochmoor/core'
import { useCatalogue } from './catalogueStore.ts'
import { oncePerVersion } from './oncePerVersion.ts'

/** What the stations say of the open job, and how far it has come. */
export const selectReadiness = oncePerVersion(readinessOf)
export const selectWalkAround = oncePerVersion((job) => assessWalkAround(job))
export const selectSystem = oncePerVersion(assessSystem)
export const selectFuel = oncePerVersion(assessFuel)
export const selectExhaust = oncePerVersion(assessExhaust)

/** Engine and fuel of a job: those of the assessment, which has them, where there is a catalogue to assess it by. */
export const selectEngine = (job: JobDocument): EngineOnFuel => {
  const { catalogue } = useCatalogue.getState()
  return catalogue ? selectFuel(job, catalogue).engine : engineOnFuel(job)
}
