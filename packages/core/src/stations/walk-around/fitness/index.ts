import type { JobDocument } from '../../../job/index.ts'
import { say } from '../../../verdict/index.ts'
import { CHARGING, CRANKING_DROPS, CRANKING_VOLTAGE, RESTING, RIPPLE, SUPPLY } from './electricTests.ts'
import {
  CHAIN,
  COMPRESSION,
  EXHAUST_LEAK,
  EXHAUST_REPAIRS,
  IDLE_VACUUM,
  MISFIRE,
  SMOKE,
  VACUUM_LEAK,
} from './engineTests.ts'
import type { FitnessResult, FitnessTest } from './fitnessTypes.ts'
import { STARTER } from './starterTest.ts'

export type { FitnessResult } from './fitnessTypes.ts'
import { COOLANT, FUEL_AGE, SHAFT_AND_LINKAGE, TANK_INSIDE } from './fluidTests.ts'

/** In the order in which a workshop does them: gates first, then what needs a warm engine, then the rest. */
export const FITNESS_TESTS: readonly FitnessTest[] = [
  SUPPLY,
  RESTING,
  CRANKING_VOLTAGE,
  CRANKING_DROPS,
  STARTER,
  COMPRESSION,
  CHAIN,
  IDLE_VACUUM,
  VACUUM_LEAK,
  MISFIRE,
  SMOKE,
  EXHAUST_LEAK,
  EXHAUST_REPAIRS,
  CHARGING,
  RIPPLE,
  COOLANT,
  SHAFT_AND_LINKAGE,
  FUEL_AGE,
  TANK_INSIDE,
]

/** The tests that mean something on this car. */
export const testsFor = (job: JobDocument): FitnessTest[] => FITNESS_TESTS.filter((t) => t.applies?.(job) ?? true)

/** The cautions of a test, as they read on this car. */
export const cautionsOf = (test: FitnessTest, job: JobDocument): string[] =>
  test.cautions.map((c) => (typeof c === 'string' ? c : c(job)))

/** What every test says of this engine. */
export const fitnessOf = (job: JobDocument): FitnessResult[] =>
  testsFor(job).map((test) => {
    const { state, figure, reason, repair } = test.find(job) ?? {
      state: 'not-tested' as const,
      figure: null,
      reason: say`Not checked yet: ${test.how}`,
    }
    return { test, state, figure, reason, repair: repair ?? test.repair, cautions: cautionsOf(test, job) }
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
    .map(({ test, repair }) => ({ testId: test.id, step: repair, title: test.title }))
