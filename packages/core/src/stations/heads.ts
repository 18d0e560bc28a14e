import { ENGINE_TOP_HEAD } from './engine-top/head.ts'
import { EXHAUST_HEAD } from './exhaust/head.ts'
import { FUEL_HEAD } from './fuel/head.ts'
import { HARNESS_HEAD } from './harness/head.ts'
import { POWER_HEAD } from './power/head.ts'
import type { StationHead } from './station.ts'
import { SYSTEM_HEAD } from './system/head.ts'
import { WALK_AROUND_HEAD } from './walk-around/head.ts'

/**
 * The heads of all stations in the order of the work, without what they compute: for the board, addresses and keys, which
 * are there long before a station is.
 */
export const STATION_HEADS: readonly StationHead[] = [
  WALK_AROUND_HEAD,
  SYSTEM_HEAD,
  FUEL_HEAD,
  EXHAUST_HEAD,
  ENGINE_TOP_HEAD,
  POWER_HEAD,
  HARNESS_HEAD,
]

export const headOf = (id: StationHead['id']): StationHead => STATION_HEADS.find((s) => s.id === id)!
export const headAt = (path: string): StationHead | null => STATION_HEADS.find((s) => s.path === path) ?? null
