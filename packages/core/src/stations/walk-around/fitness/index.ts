import type { JobDocument } from '../../../job/index.ts'
import { say } from '../../../verdict/index.ts'
import { CHARGING, CRANKING_DROPS, CRANKING_VOLTAGE, RESTING, RIPPLE, SUPPLY } from './electricTests.ts'
import { CHAIN, COMPRESSION, EXHAUST_LEAK, IDLE_VACUUM, MISFIRE, SMOKE } from './engineTests.ts'
import type { FitnessResult, FitnessTest } from './fitnessTypes.ts'

export type { FitnessResult } from './fitnessTypes.ts'
import { COOLANT, FUEL_AGE, SHAFT_AND_LINKAGE, TANK_INSIDE } from './fluidTests.ts'

/** In the order in which a workshop does them: gates first, then what needs a warm engine, then the rest. */
export const FITNESS_TESTS: readonly FitnessTest[] = [
  SUPPLY,
  RESTING,
  CRANKING_VOLTAGE,
  CRANKING_DROPS,
  COMPRESSION,
  CHAIN,
  IDLE_VACUUM,
  MISFIRE,
  SMOKE,
  EXHAUST_LEAK,
  CHARGING,
  RIPPLE,
  COOLANT,
  SHAFT_AND_LINKAGE,
  FUEL_AGE,
  TANK_INSIDE,
]

/** What every test says of this engine. */
export const fitnessOf = (job: JobDocument): FitnessResult[] =>
  FITNESS_TESTS.map((test) => {
    const found = test.find(job)
    return found
      ? { test, ...found }
      : { test, state: 'not-tested', figure: null, reason: say`Not tested yet: ${test.how}` }
  })

/** A repair that stands ahead of everything else. */
export interface RepairFirst {
  readonly testId: string
  /** What to do. */
  readonly step: string
  readonly title: string
}

export const repairsFirst = (job: JobDocument): RepairFirst[] =>
  fitnessOf(job)
    .filter((r) => r.state === 'repair')
    .map(({ test }) => ({ testId: test.id, step: test.repair, title: test.title }))
