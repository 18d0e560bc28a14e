import { FITNESS_TESTS, isRelevant, WALK_GROUPS, type JobDocument } from '@lochmoor/core'
import { useCallback } from 'react'
import { useCommands, type PaletteCommand } from '../../palette/paletteStore.ts'
import { goTo, goToEntry } from './view.ts'

interface Bench {
  readonly job: JobDocument
  readonly toTests: () => void
  readonly toCar: () => void
}

/** Every entry and every test of the walk-around by name. */
export const useWalkCommands = ({ job, toTests, toCar }: Bench): void => {
  const source = useCallback(
    (): PaletteCommand[] => [
      ...WALK_GROUPS.flatMap((g) =>
        g.entries
          .filter((e) => isRelevant(e, job))
          .map((e) => ({
            id: e.path,
            group: 'Go to a field',
            label: `${e.label}, ${g.title.toLowerCase()}`,
            run: () => {
              toCar()
              goToEntry(e)
            },
          })),
      ),
      ...FITNESS_TESTS.map((t) => ({
        id: `test-${t.id}`,
        group: 'Go to a test',
        label: t.title,
        run: () => {
          toTests()
          goTo(`test-${t.id}`)
        },
      })),
    ],
    [job, toTests, toCar],
  )
  useCommands('walk-around', source)
}
