import { isRelevant, testsFor, WALK_GROUPS, type JobDocument } from '@lochmoor/core'
import type { PaletteCommand } from '../../palette/paletteStore.ts'
import type { WalkTo } from './useWalkTo.ts'

/** Every entry and every test of the walk-around by name, whichever sheet is open. */
export const walkCommands = (job: JobDocument, to: WalkTo): PaletteCommand[] => [
  ...WALK_GROUPS.flatMap((g) =>
    g.entries
      .filter((e) => isRelevant(e, job))
      .map((e) => ({
        id: e.path,
        group: 'Go to a field',
        label: `${e.label}, ${g.title.toLowerCase()}`,
        run: () => to.entry(e),
      })),
  ),
  ...testsFor(job).map((t) => ({
    id: `test-${t.id}`,
    group: 'Go to a test',
    label: t.title,
    run: () => to.test(t.id),
  })),
]
