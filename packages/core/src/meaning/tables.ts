import type { JOB } from '../job/index.ts'
import { FACTS_HOWS, ORDERS_HOWS, SYSTEM_HOWS, VEHICLE_HOWS } from './carHows.ts'
import { FACTS_LABELS, ORDERS_LABELS, SYSTEM_LABELS, VEHICLE_LABELS, WORK_LABELS } from './carLabels.ts'
import { ENGINE_TOP_HOWS } from './engineTopHows.ts'
import { ENGINE_TOP_LABELS } from './engineTopLabels.ts'
import { EXHAUST_HOWS } from './exhaustHows.ts'
import { EXHAUST_LABELS } from './exhaustLabels.ts'
import { FUEL_HOWS } from './fuelHows.ts'
import { FUEL_LABELS } from './fuelLabels.ts'
import { HARNESS_HOWS } from './harnessHows.ts'
import { HARNESS_LABELS } from './harnessLabels.ts'
import { POWER_HOWS } from './powerHows.ts'
import { POWER_LABELS } from './powerLabels.ts'
import { REACH_HOWS, REACH_LABELS } from './walkAround/reachTable.ts'
import type { Hows } from './hows.ts'
import type { Labels } from './labels.ts'

type Sections = (typeof JOB)['fields']
/** The walk-around names its entries, and tells of them, in a table of its own, which is held complete against it. */
type Told = Omit<Sections, 'walkAround'>

/** What every part of the document is called. */
export const LABELS: { readonly [S in keyof Told]: Labels<Told[S]> } & {
  readonly walkAround: { readonly '': ''; readonly reach: typeof REACH_LABELS }
} = {
  walkAround: { '': '', reach: REACH_LABELS },
  vehicle: VEHICLE_LABELS,
  system: SYSTEM_LABELS,
  fuel: FUEL_LABELS,
  exhaust: EXHAUST_LABELS,
  engineTop: ENGINE_TOP_LABELS,
  power: POWER_LABELS,
  harness: HARNESS_LABELS,
  work: WORK_LABELS,
  facts: FACTS_LABELS,
  orders: ORDERS_LABELS,
}

/** How every figure of the document is measured or decided. */
export const HOWS: { readonly [S in Exclude<keyof Told, 'work'>]: Hows<Told[S]> } & {
  readonly walkAround: { readonly reach: typeof REACH_HOWS }
} = {
  walkAround: { reach: REACH_HOWS },
  vehicle: VEHICLE_HOWS,
  system: SYSTEM_HOWS,
  fuel: FUEL_HOWS,
  exhaust: EXHAUST_HOWS,
  engineTop: ENGINE_TOP_HOWS,
  power: POWER_HOWS,
  harness: HARNESS_HOWS,
  facts: FACTS_HOWS,
  orders: ORDERS_HOWS,
}
