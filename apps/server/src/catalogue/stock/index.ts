import type { Catalogue } from '@lochmoor/core'
import { BUNGS } from './bungs.ts'
import { CONTROLLERS } from './controllers.ts'
import { FILTERS } from './filters.ts'
import { FITTINGS } from './fittings.ts'
import { HOSES } from './hoses.ts'
import { INJECTORS } from './injectors.ts'
import { PUMPS } from './pumps.ts'
import { REGULATORS } from './regulators.ts'
import { SENSORS } from './sensors.ts'

/** The parts Lochmoor ships with. All invented: makes, names and figures. */
export const STOCK_CATALOGUE: Catalogue = {
  pumps: PUMPS,
  injectors: INJECTORS,
  hoses: HOSES,
  fittings: FITTINGS,
  filters: FILTERS,
  regulators: REGULATORS,
  controllers: CONTROLLERS,
  sensors: SENSORS,
  bungs: BUNGS,
}
