import { plain, say } from '../../verdict/index.ts'
import type { HarnessCase, HarnessVerdict } from './harnessCase.ts'

const COMPARTMENT = { 'under-dash': 'cabin', 'under-seat': 'cabin', boot: 'boot', 'bay-only': 'bay' } as const
const WORDS = { cabin: 'in the cabin', boot: 'in the boot', bay: 'in the engine bay' } as const

/** Ignition box and gearbox computer against the ECU: what switches amps does not live beside what listens to millivolts. */
export const judgeBoxes = (c: HarnessCase): HarnessVerdict | null => {
  const { ecuPlace, boxPlace, computerPlace } = c
  const boxes = [
    ...(boxPlace === null || boxPlace === 'none' ? [] : [{ name: 'ignition box', at: boxPlace }]),
    ...(computerPlace === null || computerPlace === 'none' || computerPlace === 'under-floor'
      ? []
      : [{ name: 'gearbox computer', at: computerPlace }]),
  ]
  if (ecuPlace === null || boxes.length === 0) return null
  const at = COMPARTMENT[ecuPlace]
  const beside = boxes.filter((b) => b.at === at)
  return {
    ...plain,
    id: 'boxes',
    title: beside.length > 0 ? 'ECU shares its place with a box that radiates' : 'Boxes that radiate are elsewhere',
    state: beside.length > 0 ? 'caution' : 'ok',
    next: say`Keep ${beside.map((b) => b.name).join(' and ')} 300 mm from ECU and sensor wires; cross its leads at right angles, bundle nothing with them`,
    reason:
      beside.length > 0
        ? say`Both ${WORDS[at]}: ECU and ${beside.map((b) => b.name).join(' and ')}. Its leads switch amps in microseconds.`
        : say`${boxes
            .map((b) => b.name)
            .join(' and ')
            .replace(/^./, (x) => x.toUpperCase())}: not ${WORDS[at]}, where the ECU goes.`,
    source: 'walk-around; 300 mm: rule of thumb',
  }
}
