import type { JobChange } from '@lochmoor/core'
import { applyChange, run } from '../../store/commands.ts'

/** Puts a remedy into the job; undo takes it back. */
export const tryRemedy = (change: JobChange): void => {
  run(applyChange(change, 'the tried remedy'))
}
