import type { JobDocument } from '@lochmoor/core'

/**
 * The benches show the job a little after it has changed while a figure is typed: the field shows each key at once, and
 * what follows from it is judged when the hand rests, a station at a time, so that the next key never waits for it. Any
 * other change is shown at once.
 */

let turns = 0
const turnByJob = new WeakMap<JobDocument, number>()
/** Which state of the open job this is, counted up; of one that was never followed, the last of all. */
export const turnOf = (job: JobDocument): number => turnByJob.get(job) ?? Infinity
export const lastTurn = (): number => turns
/** Counts a state of the open job that has come about. */
export const countTurn = (job: JobDocument): number => {
  turnByJob.set(job, ++turns)
  return turns
}

let typing = false
export const isTyping = (): boolean => typing
const withTyping = (is: boolean, act: () => void): void => {
  const before = typing
  typing = is
  try {
    act()
  } finally {
    typing = before
  }
}
/** Makes a change that is shown at once, also within one that is typed. */
export const atOnce = (act: () => void): void => withTyping(false, act)
/** Makes a change as one of a figure that is being typed; which state of the job it has led to. */
export const asTyped = (act: () => void): number => {
  withTyping(true, act)
  return turns
}

let shown: JobDocument | null = null
/** The job as the benches show it, and as whatever is clicked there was made from; null where that is the job itself. */
export const shownNow = (): JobDocument | null => shown
export const shownIs = (job: JobDocument | null): void => {
  shown = job
}
