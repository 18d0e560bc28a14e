import type { FuelDesign } from './fuelDesign.ts'
import { fig, say, type Sentence } from '../../verdict/index.ts'
import { linesInUse, reachOf } from './linesOfJob.ts'
import { hoseOfLeg } from '../../fuel/lines/legs.ts'

export interface LeakTest {
  readonly testPa: number
  readonly weakestPa: number | null
  readonly timeS: number
  readonly allowedFallPa: number
  readonly steps: readonly Sentence[]
}

const TIME_S = 600
/** Fall that temperature and swelling alone explain. Rule of thumb. */
const FALL_SHARE = 0.05
/** Test at this over the set pressure, never above what the weakest part stands. Rule of thumb. */
const TEST_FACTOR = 1.5

/** How to prove the joints before the engine runs and after. */
export const leakTestOf = (design: FuelDesign): LeakTest => {
  const setPa = design.figure('fuel.setPressurePa') + design.figure('vehicle.boostPa')
  const ratings = linesInUse(design)
    .filter((l) => l === 'feed')
    .flatMap((l) => {
      const line = design.fuel[l]
      return line.legs.length > 0
        ? line.legs.flatMap((leg) => [
            hoseOfLeg(line, leg)?.mostPressurePa,
            leg.start?.mostPressurePa,
            leg.end?.mostPressurePa,
          ])
        : [line.hose?.mostPressurePa]
    })
    .concat(
      design.fuel.filter?.mostPressurePa ?? [],
      design.fuel.regulator?.mostPressurePa ?? [],
      design.fuel.gaugeMostPa ?? [],
    )
    .filter((x): x is number => typeof x === 'number')
  const weakestPa = ratings.length > 0 ? Math.min(...ratings) : null
  const testPa = weakestPa === null ? TEST_FACTOR * setPa : Math.min(TEST_FACTOR * setPa, weakestPa)
  const allowedFallPa = FALL_SHARE * testPa
  const reachPa = reachOf(design)?.mostPa ?? null
  const byPump = design.loop === 'return' && (reachPa === null || reachPa >= testPa)
  return {
    testPa,
    weakestPa,
    timeS: TIME_S,
    allowedFallPa,
    steps: [
      say`Cold engine, doors open, extinguisher at hand, no hot lamp or heater. Connect the battery last.`,
      say`Tug every hose; dry check first: look at every joint in the list.`,
      byPump
        ? say`Gauge at the rail. Never pinch a hose: close the return with a proper valve, run the pump in short bursts up to ${fig(testPa, 'pressure')} and switch off.`
        : design.loop === 'return'
          ? say`Gauge at the rail. Never pinch a hose: close the return with a proper valve. The car’s own pump does not reach ${fig(testPa, 'pressure')}: bring the line up to it with a hand pump and fuel.`
          : say`Gauge at the rail. A hand pump with fuel brings the line to ${fig(testPa, 'pressure')} past the regulator’s check valve; the car’s own pump stops at set pressure.`,
      say`Wait ${fig(TIME_S, 'time', 0)}: no more than ${fig(allowedFallPa, 'pressure')} may be lost. Wipe every joint with paper and smell it.`,
      say`Release the pressure into a closed can before undoing anything.`,
      say`Repeat after the first start, after the first heat cycle, and after the first hundred miles.`,
    ],
  }
}
