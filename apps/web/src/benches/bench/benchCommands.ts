import { sentenceText, type StationAssessment, type StationValue } from '@lochmoor/core'
import type { PaletteCommand } from '../../palette/paletteStore.ts'
import { usePreferences } from '../../store/preferences.ts'
import type { RemedyState } from './background/useRemedies.ts'
import type { AskWorking } from './benchContext.ts'
import { fieldCommands } from './fieldCommands.ts'
import { tabCommands } from './tabCommands.ts'
import { tryRemedy } from './tryRemedy.ts'

/** What every bench can do by name: try a remedy, go to a sheet, open a working, go to a field. */
export const benchCommands = (
  station: StationValue,
  { verdicts }: StationAssessment,
  remedies: RemedyState,
  ask: AskWorking,
  navigate: (to: string) => unknown,
): PaletteCommand[] => {
  const { units } = usePreferences.getState()
  const found = remedies.kind === 'found' ? [...remedies.remedies] : []
  return [
    ...found.flatMap(([verdictId, own]) =>
      own.map((r) => ({
        id: `try-${verdictId}-${r.id}`,
        group: 'Try a remedy',
        label: sentenceText(r.label, units),
        run: () => tryRemedy(r.change),
      })),
    ),
    ...(station.tabs.length > 1 ? tabCommands(station, navigate) : []),
    ...verdicts.flatMap((v) =>
      v.workings.map((w) => ({
        id: `working-${v.id}-${w}`,
        group: 'Working',
        label: `${v.title}: ${w.replaceAll('-', ' ')}`,
        run: () => ask(w, v.pointId, v.subject?.sensor),
      })),
    ),
    ...fieldCommands(),
  ]
}
