import {
  assessFuel,
  engineOnFuel,
  isSolved,
  solvePoint,
  type Catalogue,
  type EngineOnFuel,
  type FuelAssessment,
  type JobDocument,
  type OperatingPoint,
  type SolvedPoint,
} from '@lochmoor/core'

let last: { job: JobDocument; catalogue: Catalogue; assessment: FuelAssessment } | null = null

/** The assessment of the open job, computed once per version of the document. */
export const selectAssessment = (job: JobDocument, catalogue: Catalogue): FuelAssessment => {
  if (last?.job !== job || last.catalogue !== catalogue)
    last = { job, catalogue, assessment: assessFuel(job, catalogue) }
  return last.assessment
}

/** Engine and fuel of the open job: those of its assessment where that has been made. */
export const selectEngine = (job: JobDocument): EngineOnFuel =>
  last?.job === job ? last.assessment.engine : engineOnFuel(job)

export const selectSolved = (job: JobDocument, point: OperatingPoint): SolvedPoint | null => {
  const solved = solvePoint(job, point)
  return isSolved(solved) ? solved : null
}
