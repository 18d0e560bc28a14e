import { foundAt, type FigureField } from '../../figures/index.ts'
import type { JobDocument } from '../../job/index.ts'
import type { CrankInput, CrankNeeds, CrankSpread } from '../../power/index.ts'
import { powerCase } from './powerCase.ts'

/** Spread of what is known, and of what is assumed. Rules of thumb. */
const SPREADS = {
  battery: [0.07, 0.25],
  age: [0.15, 0.5],
  charge: [0.03, 0.12],
  temperatureK: [2, 5],
  joints: [0.3, 0.8],
  starter: [0.1, 0.2],
  friction: [0.12, 0.2],
} as const satisfies Record<CrankInput, readonly [number, number]>

/** What would narrow each, and where it is entered. */
export const NARROWED_BY: Readonly<Record<CrankInput, { readonly words: string; readonly field: string }>> = {
  battery: { words: 'Read the cold-crank rating and its standard off the battery', field: 'walkAround.battery.coldCrankA' },
  age: { words: 'Find out how old the battery is', field: 'walkAround.battery.ageS' },
  charge: { words: 'Measure the battery’s voltage at rest', field: 'walkAround.tests.restingV' },
  temperatureK: { words: 'Ask for the coldest start', field: 'walkAround.battery.coldestStartK' },
  joints: { words: 'Measure the drops along starter cable and earth while cranking', field: 'walkAround.tests.crankingPlusDropV' },
  starter: { words: 'Measure cranking current', field: 'walkAround.tests.crankingA' },
  friction: { words: 'Measure cranking speed', field: 'walkAround.tests.crankingRpm' },
} // prettier-ignore

export interface OddsCase {
  readonly supply: ReturnType<typeof powerCase>['supply']
  readonly spread: CrankSpread
  readonly needs: CrankNeeds
  /** Inputs that somebody has measured. */
  readonly known: readonly CrankInput[]
}

/** A start of this car with what is uncertain about it: plain data, for a worker. */
export const oddsOfJob = (job: JobDocument): OddsCase => {
  const c = powerCase(job)
  const measured = (id: FigureField) => foundAt(job, id).kind !== 'assumed'
  const { crankingA, crankingRpm } = job.walkAround.tests
  const is: Readonly<Record<CrankInput, boolean>> = {
    battery: measured('walkAround.battery.coldCrankA') && job.power.battery.standard !== null,
    age: measured('walkAround.battery.ageS'),
    charge: measured('walkAround.tests.restingV'),
    temperatureK: measured('walkAround.battery.coldestStartK'),
    joints: c.supply.wires.starterCable.measuredOhm !== null,
    starter: crankingA !== null,
    friction: crankingRpm !== null,
  }
  const inputs = Object.keys(SPREADS) as CrankInput[]
  return {
    supply: c.supply,
    spread: Object.fromEntries(inputs.map((i) => [i, SPREADS[i][is[i] ? 0 : 1]])) as unknown as CrankSpread,
    needs: { leastRpm: c.leastCrankRpm, railLeastV: c.railLeastV },
    known: inputs.filter((i) => is[i]),
  }
}
