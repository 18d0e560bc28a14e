import type { SensorSpot } from '../../job/index.ts'
import { gasShare } from '../gas/runHeat.ts'
import type { ExhaustMoment } from '../gas/moments.ts'
import { jointsOf, type Joint } from '../pipe/joints.ts'
import { exhaustLeak, PULSE_SHARE, PULSE_SUCTION_PA, type LeakReading } from '../reading/leak.ts'
import type { Trace } from '../../verdict/index.ts'
import { correctionLimitOf, openLoopLambdaOf, TARGET_LAMBDA, type ExhaustCase } from './exhaustCase.ts'

/** A small leak whose size nobody has measured: taken as this. */
export const USUAL_LEAK_M = 0.002

/** Where a joint lies seen from a spot: what leaks upstream is read in full, downstream by what comes back. */
export const isUpstream = (joint: Joint, spot: SensorSpot): boolean =>
  joint.run === spot.run ? joint.atM < spot.alongM : spot.run === 'common'

export const jointsUpstream = (c: ExhaustCase, spot: SensorSpot): Joint[] =>
  jointsOf(c.runs).filter((j) => isUpstream(j, spot))

/** Joints below the sensor that a pulse's length reaches: they count too. */
export const jointsInReach = (c: ExhaustCase, spot: SensorSpot, reachM: number): Joint[] =>
  jointsOf(c.runs).filter((j) => j.run === spot.run && j.atM >= spot.alongM && j.atM < spot.alongM + reachM)

/** One hole of the area of all: sqrt of the sum of squares. */
export const leakHoleM = (joints: readonly Joint[]): number =>
  Math.sqrt(joints.filter((j) => j.state === 'leaks').reduce((sum, j) => sum + (j.leakM ?? USUAL_LEAK_M) ** 2, 0))

/** What a hole ahead of a spot does at one moment. */
export const leakAt = (
  c: ExhaustCase,
  run: SensorSpot['run'],
  holeM: number,
  moment: ExhaustMoment,
  trace?: Trace,
): LeakReading => {
  const own = c.runs.find((r) => r.id === run)
  return exhaustLeak(
    {
      holeM,
      suctionPa: PULSE_SUCTION_PA,
      suckingShare: PULSE_SHARE,
      airKgS: moment.airKgS * (own ? gasShare(c.runs, own) : 1),
      lambda: openLoopLambdaOf(c.job),
      target: TARGET_LAMBDA,
      correctionLimit: correctionLimitOf(c.job),
    },
    trace,
  )
}
