import { isSolved, solvePoint, type JobDocument, type OperatingPoint, type SolvedPoint } from '@lochmoor/core'

export const selectSolved = (job: JobDocument, point: OperatingPoint): SolvedPoint | null => {
  const solved = solvePoint(job, point)
  return isSolved(solved) ? solved : null
}
