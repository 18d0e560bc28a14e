import { JOB } from '../job/index.ts'
import { nodeAt, type Node } from '../shape/index.ts'
import { SYSTEM_HOWS, VEHICLE_HOWS } from './carHows.ts'
import { walkEntryAt } from './describe.ts'
import { EXHAUST_HOWS } from './exhaustHows.ts'
import { FUEL_HOWS } from './fuelHows.ts'

type Tree = Readonly<Record<string, unknown>>
/** The walk-around tells of its entries in its own table. */
const HOWS: Tree = { vehicle: VEHICLE_HOWS, system: SYSTEM_HOWS, fuel: FUEL_HOWS, exhaust: EXHAUST_HOWS }

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
