import type { JobDocument } from '../job/index.ts'
import type { Reached } from '../sections/index.ts'

/** To free a seized, rounded or stripped fastener. Rule of thumb. */
export const SEIZED_S = 1800
/** Nobody plans finer. */
const QUARTER_S = 900

/**
 * Hours to reach the places where work is done: what is in the way, out and in again, and half an hour for each kind of
 * fastener that will not come by itself, to the next quarter of an hour. Parts without a time count as none.
 * @param at only those places; all where it is left out
 */
export const hoursOfReach = (job: JobDocument, at?: readonly Reached[]): number => {
  const { inTheWay, fasteners } = job.walkAround.reach
  const there = (place: Reached) => at === undefined || at.includes(place)
  const outS = inTheWay.reduce((sum, i) => sum + (there(i.place) ? (i.takesS ?? 0) : 0), 0)
  const stuck = fasteners.filter((f) => there(f.place) && f.state !== 'missing').length
  return Math.ceil((outS + stuck * SEIZED_S) / QUARTER_S - 1e-9) / 4
}
