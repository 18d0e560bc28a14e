import type { JobDocument } from '../job/index.ts'
import type { Signal } from '../sections/index.ts'

/** Further inputs and outputs asked of the ECU: those ticked at the system, and road speed that the harness brings in. */
export const signalsOf = ({ harness, system }: JobDocument): readonly Signal[] => {
  const { roadSpeed } = harness.design
  const brought = roadSpeed === 'sensor' || roadSpeed === 'adapter'
  return brought && !system.signals.includes('road-speed') ? [...system.signals, 'road-speed'] : system.signals
}
