import { sentenceText, stationOf, type FuelAssessment, type VoltageLevel, type WorkingId } from '@lochmoor/core'
import { useCallback } from 'react'
import { useCommands, type PaletteCommand } from '../../palette/paletteStore.ts'
import { run, setFuel } from '../../store/commands.ts'
import { usePreferences } from '../../store/preferences.ts'
import { fieldCommands } from '../bench/fieldCommands.ts'
import { tabCommands } from '../bench/tabCommands.ts'
import { viewOfPoint, type View } from './view.ts'

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

interface Bench {
  readonly assessment: FuelAssessment
  readonly view: View
  readonly setView: (view: View) => void
  readonly ask: (id: WorkingId, pointId: string) => void
  readonly navigate: (to: string) => unknown
}

/** Everything the fuel bench can do: remedies, moments, voltages, workings, fields. */
export const useFuelCommands = ({ assessment, view, setView, ask, navigate }: Bench): void => {
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
      ...tabCommands(stationOf('fuel'), navigate),
      ...assessment.engine.points.map((p) => ({
        id: `point-${p.id}`,
        group: 'Show',
        label: `Show the moment: ${p.label.toLowerCase()}`,
        run: () => setView(viewOfPoint(p.id)),
      })),
      ...MOMENTS.map(([load, name, key]) => ({
        id: `moment-${name}`,
        group: 'Show',
        label: `Show ${name}`,
        key,
        run: () => setView({ load, voltage: view.voltage }),
      })),
      ...VOLTAGES.map(([voltage, name, key]) => ({
        id: `voltage-${name}`,
        group: 'Show',
        label: `Show the ${name} voltage`,
        key,
        run: () => setView({ load: view.load, voltage }),
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
  }, [assessment, view, setView, ask, navigate])
  useCommands('fuel', source)
}
