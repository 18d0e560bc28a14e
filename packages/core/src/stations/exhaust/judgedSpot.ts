import type { SensorSpot } from '../../sections/index.ts'
import { judgeSpot, type JudgedSpot } from '../../exhaust/spots/judgeSpot.ts'
import { contextOf, type ExhaustCase } from './exhaustCase.ts'

/** A spot by the rules of its run; null where that run is not there. */
export const judgedSpotOf = (c: ExhaustCase, spot: SensorSpot): JudgedSpot | null => {
  const ctx = contextOf(c, spot.run)
  return ctx && judgeSpot(ctx, spot.alongM, spot.clockDeg)
}
