import { sentenceText, stationOf, type ExhaustAssessment } from '@lochmoor/core'
import { useCallback } from 'react'
import { useCommands, type PaletteCommand } from '../../palette/paletteStore.ts'
import { run, setExhaust } from '../../store/commands.ts'
import { usePreferences } from '../../store/preferences.ts'
import { fieldCommands } from '../bench/fieldCommands.ts'
import { tabCommands } from '../bench/tabCommands.ts'

interface Bench {
  readonly assessment: ExhaustAssessment
  readonly ask: (workingId: string, sensorIndex: number, momentId: string | null) => void
  readonly navigate: (to: string) => unknown
}

/** Everything the exhaust bench can do by name: remedies, sheets, workings, fields. */
export const useExhaustCommands = ({ assessment, ask, navigate }: Bench): void => {
  const source = useCallback((): PaletteCommand[] => {
    const { units } = usePreferences.getState()
    return [
      ...assessment.verdicts.flatMap((v) =>
        v.remedies.map((r) => ({
          id: `try-${v.id}-${r.id}`,
          group: 'Try a remedy',
          label: sentenceText(r.label, units),
          run: () => void run(setExhaust(r.change, 'the tried remedy', false)),
        })),
      ),
      ...tabCommands(stationOf('exhaust'), navigate),
      ...assessment.verdicts.flatMap((v) =>
        v.workings.map((w) => ({
          id: `working-${v.id}-${w}`,
          group: 'Open a working',
          label: `${v.title}: ${w.replaceAll('-', ' ')}`,
          run: () => ask(w, v.subject?.sensor ?? 0, v.pointId),
        })),
      ),
      ...fieldCommands(),
    ]
  }, [assessment, ask, navigate])
  useCommands('exhaust', source)
}
