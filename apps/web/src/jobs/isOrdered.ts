import { WORK_STATES, type WorkState } from '@lochmoor/core'

/** Whether the parts of a job in this state are bought. */
export const isOrdered = (state: WorkState): boolean =>
  WORK_STATES.indexOf(state) >= WORK_STATES.indexOf('parts-ordered')
