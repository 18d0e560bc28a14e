import { JOB, type SectionName } from '../job/index.ts'
import { type Station as StationId } from '../sections/index.ts'
import { leavesOf } from '../shape/index.ts'
import { ENGINE_TOP_STATION } from './engine-top/index.ts'
import { EXHAUST_STATION } from './exhaust/index.ts'
import { FUEL_STATION } from './fuel/index.ts'
import { HARNESS_STATION } from './harness/index.ts'
import { POWER_STATION } from './power/index.ts'
import type { StationValue } from './station.ts'
import { SYSTEM_STATION } from './system/index.ts'
import { WALK_AROUND_STATION } from './walk-around/index.ts'

export * from './engine-top/index.ts'
export * from './exhaust/index.ts'
export * from './fuel/index.ts'
export * from './harness/index.ts'
export * from './power/index.ts'
export * from './system/index.ts'
export * from './walk-around/index.ts'

/**
 * Every station, in the order of the work. Readiness, board, rail, routes, keys, palette, papers, pictures and smoke tests
 * are made of this list.
 */
export const STATION_LIST: readonly StationValue[] = [
  WALK_AROUND_STATION,
  SYSTEM_STATION,
  FUEL_STATION,
  EXHAUST_STATION,
  ENGINE_TOP_STATION,
  POWER_STATION,
  HARNESS_STATION,
]

export const stationOf = (id: StationId): StationValue => STATION_LIST.find((s) => s.id === id)!
export const stationAt = (path: string): StationValue | null => STATION_LIST.find((s) => s.path === path) ?? null

/** Kinds of parts of the catalogue that a job keeps copies of, with the sections that hold them. */
export const PARTS_HELD: readonly { readonly kind: string; readonly section: SectionName; readonly path: string }[] =
  leavesOf(JOB).flatMap(([path, leaf]) =>
    leaf.is === 'part' ? [{ kind: leaf.kind, section: path.split('.')[0] as SectionName, path }] : [],
  )
