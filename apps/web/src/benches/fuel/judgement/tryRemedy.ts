import type { FuelChange } from '@lochmoor/core'
import { run, setFuel } from '../../../store/commands.ts'

/** Puts a remedy into the design; undo takes it back. */
export const tryRemedy = (change: FuelChange): void => {
  run(setFuel(change, 'the tried remedy', false))
}

/** Said where no ladder of remedies cures a failure. */
export const NO_SINGLE_PART =
  'No single part of the catalogue cures this alone: combine two changes, or lower what is asked.'
