import type { Catalogue } from '@lochmoor/core'
import { CONTROLLERS } from './controllers.ts'
import { FILTERS } from './filters.ts'
import { HOSES } from './hoses.ts'
import { INJECTORS } from './injectors.ts'
import { PUMPS } from './pumps.ts'
import { REGULATORS } from './regulators.ts'

/** The parts Lochmoor ships with. All invented: makes, names and figures. */
export const STOCK_CATALOGUE: Catalogue = {
  pumps: PUMPS,
  injectors: INJECTORS,
  hoses: HOSES,
  filters: FILTERS,
  regulators: REGULATORS,
  controllers: CONTROLLERS,
}
