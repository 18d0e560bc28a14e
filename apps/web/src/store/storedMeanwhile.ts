import { forgetAhead } from '../api/ahead.ts'

const writes = new Map<string, number>()

/** A section of a job has been stored, by this page or another one of this browser. */
export const noteStored = (jobId: string): void => {
  writes.set(jobId, storedOf(jobId) + 1)
  // What was asked for before that is no longer what the server has.
  forgetAhead()
}

/** How many writes of a job this page has heard of. */
export const storedOf = (jobId: string): number => writes.get(jobId) ?? 0
