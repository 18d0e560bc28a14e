import { designOf, isSolved, solvePoint, type JobDocument, type OperatingPoint, type SolvedPoint } from '@lochmoor/core'

export const selectSolved = (job: JobDocument, point: OperatingPoint): SolvedPoint | null => {
  const solved = solvePoint(designOf(job), point)
  return isSolved(solved) ? solved : null
}
