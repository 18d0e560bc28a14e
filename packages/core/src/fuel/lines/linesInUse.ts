import { fuelLoopOf, type JobDocument, type LineName } from '../../job/index.ts'

/** The lines this design has: a return only where it returns, a suction line only before an in-line pump. */
export const linesInUse = (job: JobDocument): LineName[] => [
  'feed',
  ...(fuelLoopOf(job) === 'return' ? (['return'] as const) : []),
  ...(job.fuel.pump?.mount === 'in-line' ? (['suction'] as const) : []),
  'vent',
]
