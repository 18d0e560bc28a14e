import { sentenceText, type FuelAssessment, type VoltageLevel, type WorkingId } from '@lochmoor/core'
import { useCallback } from 'react'
import { useCommands, type PaletteCommand } from '../../palette/paletteStore.ts'
import { run, setFuel } from '../../store/commands.ts'
import { usePreferences } from '../../store/preferences.ts'
import type { View } from './view.ts'

const MOMENTS: readonly (readonly [View['load'], string, string])[] = [
  ['overrun', 'overrun', '1'],
  [0, 'idle', '2'],
  [0.5, 'cruise', '3'],
  [1, 'full load', '4'],
]
const VOLTAGES: readonly (readonly [VoltageLevel, string, string])[] = [
  ['low', 'least', '5'],
  ['running', 'running', '6'],
  ['high', 'highest', '7'],
]

/** Fields of the bench by their labels, as they stand on the page when asked. */
const fieldCommands = (): PaletteCommand[] =>
  [...document.querySelectorAll<HTMLLabelElement>('#measured label')].flatMap((label, i) => {
    const entry = document.getElementById(label.htmlFor)
    const group = label.closest('fieldset')?.querySelector('legend')?.textContent ?? ''
    return entry
      ? [
          {
            id: `field-${i}`,
            group: 'Go to a field',
            label: `${label.textContent}, ${group.toLowerCase()}`,
            run: () => entry.focus(),
          },
        ]
      : []
  })

interface Bench {
  readonly assessment: FuelAssessment
  readonly view: View
  readonly setView: (view: View) => void
  readonly ask: (id: WorkingId, pointId: string) => void
}

/** Everything the fuel bench can do: remedies, moments, voltages, workings, fields. */
export const useFuelCommands = ({ assessment, view, setView, ask }: Bench): void => {
  const source = useCallback((): PaletteCommand[] => {
    const { units } = usePreferences.getState()
    return [
      ...assessment.verdicts.flatMap((v) =>
        v.remedies.map((r) => ({
          id: `try-${v.id}-${r.id}`,
          group: 'Try a remedy',
          label: sentenceText(r.label, units),
          run: () => void run(setFuel(r.change, 'the tried remedy', false)),
        })),
      ),
      ...MOMENTS.map(([load, name, key]) => ({
        id: `moment-${name}`,
        group: 'Show',
        label: `Show ${name}`,
        key,
        run: () => setView({ ...view, load }),
      })),
      ...VOLTAGES.map(([voltage, name, key]) => ({
        id: `voltage-${name}`,
        group: 'Show',
        label: `Show the ${name} voltage`,
        key,
        run: () => setView({ ...view, voltage }),
      })),
      ...assessment.verdicts.flatMap((v) =>
        v.workings.map((w) => ({
          id: `working-${v.id}-${w}`,
          group: 'Open a working',
          label: `${v.title}: ${w.replace('-', ' ')}`,
          run: () => ask(w as WorkingId, v.pointId ?? 'idle'),
        })),
      ),
      ...fieldCommands(),
    ]
  }, [assessment, view, setView, ask])
  useCommands('fuel', source)
}
