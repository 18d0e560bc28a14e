import type { JobDocument } from '../../job/index.ts'
import { type TEST_ENTRIES } from './tests.ts'
import type { WalkEntry, WalkGroup, WalkPath } from './walkEntry.ts'
import { LINES, TANK } from './fuel.ts'
import { POWER } from './power.ts'
import { BASELINE, FACTS, MEANS, REACH } from './people.ts'
import { BONNET_AND_CABIN, COOLING, GEARBOX, IGNITION } from './running.ts'
import { EXHAUST, INTAKE } from './intakeAndExhaust.ts'
import { ENGINE, VEHICLE } from './vehicle.ts'

/** What is looked at on the car, in the order of a walk around it. The fitness tests follow in their own table. */
const GROUPS = [
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
  REACH,
  BASELINE,
  MEANS,
  FACTS,
] as const
export const WALK_GROUPS: readonly WalkGroup[] = GROUPS

type Told =
  (typeof GROUPS)[number]['entries'][number]['path'] | (typeof TEST_ENTRIES)[keyof typeof TEST_ENTRIES][number]['path']
/** Places of the section that no table tells of: the compiler names them where there are some. */
type Untold = Exclude<Extract<WalkPath, `walkAround.${string}`>, Told>
export const ALL_TOLD: [Untold] extends [never] ? true : Untold = true

/** Whether an entry concerns this car. */
export const isRelevant = (entry: WalkEntry, job: JobDocument): boolean => entry.relevant?.(job) ?? true
