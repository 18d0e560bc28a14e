import type { Catalogue } from '../index.ts'

/** A catalogue with nothing in it. */
export const NO_PARTS: Catalogue = {
  pumps: [],
  injectors: [],
  hoses: [],
  fittings: [],
  filters: [],
  regulators: [],
  controllers: [],
  sensors: [],
  bungs: [],
}
