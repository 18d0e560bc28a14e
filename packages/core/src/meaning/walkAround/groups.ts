import type { JobDocument } from '../../job/index.ts'
import type { WalkEntry, WalkGroup } from './walkEntry.ts'
import { LINES, POWER, TANK } from './fuelAndPower.ts'
import { BONNET_AND_CABIN, COOLING, GEARBOX, IGNITION } from './running.ts'
import { ENGINE, EXHAUST, INTAKE, VEHICLE } from './vehicle.ts'

/** What is looked at on the car, in the order of a walk around it. The fitness tests follow in their own table. */
export const WALK_GROUPS: readonly WalkGroup[] = [
  VEHICLE,
  ENGINE,
  INTAKE,
  IGNITION,
  COOLING,
  GEARBOX,
  EXHAUST,
  TANK,
  LINES,
  POWER,
  BONNET_AND_CABIN,
]

/** Whether an entry concerns this car. */
export const isRelevant = (entry: WalkEntry, job: JobDocument): boolean => entry.relevant?.(job) ?? true
