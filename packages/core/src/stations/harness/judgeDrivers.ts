import { plain, say } from '../../verdict/index.ts'
import type { HarnessCase, HarnessVerdict } from './harnessCase.ts'

/** Injectors on one driver open together: those of one batch group, which the firing order makes. */
export const judgeDrivers = (c: HarnessCase): HarnessVerdict | null => {
  if (c.driversBy === null) return null
  const read = c.driversBy === 'read'
  const together = c.drivers.map((own) => own.join(' and ')).join('; ')
  return {
    ...plain,
    id: 'drivers',
    title: read ? 'Injectors share drivers by the firing order' : 'Injectors grouped by number until the firing order is known',
    state: read ? 'ok' : 'unknown',
    next: say`Read the firing order at the walk-around before the loom is cut`,
    reason: read
      ? say`Driver by driver: ${together}. Two on one driver are of one batch group, so that the groups alternate.`
      : say`Assumed, driver by driver: ${together}. Grouped otherwise than they fire, the two groups do not alternate.`,
    source: 'firing order; two injectors on a driver at most: rule of thumb',
  }
} // prettier-ignore
