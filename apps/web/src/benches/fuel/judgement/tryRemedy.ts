import type { FuelChange } from '@lochmoor/core'
import { run, setFuel } from '../../../store/commands.ts'

/** Puts a remedy into the design; undo takes it back. */
export const tryRemedy = (change: FuelChange): void => {
  run(setFuel(change, 'the tried remedy', false))
}
