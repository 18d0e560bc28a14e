import { sentenceText, type ExhaustAssessment } from '@lochmoor/core'
import { useCallback } from 'react'
import { useCommands, type PaletteCommand } from '../../palette/paletteStore.ts'
import { run, setExhaust } from '../../store/commands.ts'
import { usePreferences } from '../../store/preferences.ts'
import { fieldCommands } from '../bench/fieldCommands.ts'
import { SHEETS } from './sheets.ts'

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
      ...SHEETS.map(({ path, title }) => ({
        id: `sheet-${path}`,
        group: 'Go to a sheet',
        label: `Exhaust sensor: ${title.toLowerCase()}`,
        run: () => void navigate(path === '' ? '../exhaust' : `../exhaust/${path}`),
      })),
      ...assessment.verdicts.flatMap((v) =>
        v.workings.map((w) => ({
          id: `working-${v.id}-${w}`,
          group: 'Open a working',
          label: `${v.title}: ${w.replaceAll('-', ' ')}`,
          run: () => ask(w, v.id.endsWith('-b') ? 1 : 0, v.pointId),
        })),
      ),
      ...fieldCommands(),
    ]
  }, [assessment, ask, navigate])
  useCommands('exhaust', source)
}
