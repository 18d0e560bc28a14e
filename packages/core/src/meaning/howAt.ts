import { JOB } from '../job/index.ts'
import { nodeAt, type Node } from '../shape/index.ts'
import { walkEntryAt } from './describe.ts'
import { HOWS } from './tables.ts'

type Tree = Readonly<Record<string, unknown>>
/** How the figure at a path is measured or decided; null where the path is none of a figure. */
export const howAt = (path: string): string | null => {
  const entry = walkEntryAt(path)
  if (entry?.how && !path.startsWith('vehicle.')) return entry.how
  let [how, node]: [unknown, Node | null] = [HOWS, JOB]
  for (const key of path.split('.')) {
    const around: Node | null = node?.is === 'maybe' ? node.of : node
    node = node && nodeAt(node, key)
    const own = how as Tree | undefined
    how = around?.is === 'list' ? own?.['item'] : around?.is === 'seats' ? own?.['seat'] : own?.[key]
  }
  return typeof how === 'string' ? how : null
}
