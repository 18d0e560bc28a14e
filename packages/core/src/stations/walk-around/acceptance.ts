import type { JobDocument } from '../../job/index.ts'
import type { AcceptanceId, Use } from '../../sections/index.ts'
import { fig, say, type Sentence } from '../../verdict/index.ts'

/** One wish of the owner as something that is tried at hand-over. */
export interface AcceptanceTest {
  readonly id: AcceptanceId
  readonly use: Use | 'baseline'
  readonly tries: Sentence
  readonly passed: boolean
}

type Tries = readonly (readonly [AcceptanceId, Sentence])[]

const TRIES: Readonly<Record<Use, (job: JobDocument) => Tries>> = {
  daily: () => [
    ['daily-starts', say`Ten starts in a day, cold and hot: each on the first key.`],
    ['daily-traffic', say`An hour in traffic, fan cutting in: no stall, gauge steady.`],
  ],
  anybody: () => [
    ['anybody', say`The owner, and somebody who has never driven it, start it and drive off without a word of advice.`],
  ],
  'cold-starts': (job) => [
    [
      'cold-start',
      job.walkAround.battery.coldestStartK === null
        ? say`Left out overnight at the coldest it will see: starts on the first key, idles by itself within a minute.`
        : say`Left out overnight near ${fig(job.walkAround.battery.coldestStartK, 'temperature')}: starts on the first key, idles by itself within a minute.`,
    ],
  ],
  'long-trips': () => [
    ['long-trip', say`Two hours at cruising speed, then ten minutes stopped, hot: it starts on the first key.`],
  ],
  towing: () => [
    [
      'towing',
      say`A long hill with the trailer: coolant steady, mixture as wanted at full load, rail pressure maintained.`,
    ],
  ],
  shows: () => [['shows', say`Bonnet up beside a photograph from before: what was to look original looks it.`]],
  track: () => [
    [
      'track',
      say`Hard braking and long bends with the tank low: rail pressure maintained. Hot restart in the paddock.`,
    ],
  ],
}

/** The owner's wishes as tests, and the baseline to be beaten: tried and signed one by one at hand-over. */
export const acceptanceOf = (job: JobDocument): AcceptanceTest[] =>
  testsOf(job).map((t) => ({ ...t, passed: job.work.passed.includes(t.id) }))

const testsOf = (job: JobDocument): Omit<AcceptanceTest, 'passed'>[] => {
  const { airK, cruiseLambda, cruiseRpm, cruiseVacuumPa, idleRpm, idleVacuumPa } = job.walkAround.baseline
  return [
    ...job.system.uses.flatMap((use) => TRIES[use](job).map(([id, tries]) => ({ id, use, tries }))),
    ...(idleRpm !== null && idleVacuumPa !== null
      ? [
          {
            id: 'idle' as const,
            use: 'baseline' as const,
            tries: say`Idle warm: as steady as before at ${fig(idleRpm, 'engineSpeed')}, vacuum not below ${fig(idleVacuumPa, 'vacuum')}.`,
          },
        ]
      : []),
    ...(cruiseRpm !== null && (cruiseVacuumPa !== null || cruiseLambda !== null)
      ? [
          {
            id: 'cruise' as const,
            use: 'baseline' as const,
            tries: say`Cruising at ${fig(cruiseRpm, 'engineSpeed')}${cruiseVacuumPa === null ? '' : say`, vacuum not below ${fig(cruiseVacuumPa, 'vacuum')}`}${cruiseLambda === null ? '' : say`, mixture at ${fig(1, 'lambda', 2)}, where it was ${fig(cruiseLambda, 'lambda', 2)}`}.`,
          },
        ]
      : []),
    ...(airK === null
      ? []
      : [
          {
            id: 'intake-air' as const,
            use: 'baseline' as const,
            tries: say`After a hot drive the intake air is no warmer than the ${fig(airK, 'temperature')} the carburettor had.`,
          },
        ]),
  ]
}
