import type { SensorSpot } from '../../sections/index.ts'
import { gasShare } from '../../exhaust/gas/runHeat.ts'
import type { ExhaustMoment } from '../../exhaust/gas/moments.ts'
import { jointsOf, type Joint } from '../../exhaust/pipe/joints.ts'
import { exhaustLeak, PULSE_SHARE, PULSE_SUCTION_PA, type LeakReading } from '../../exhaust/reading/leak.ts'
import type { Trace } from '../../verdict/index.ts'
import { reversionAt } from './heatAtSpot.ts'
import { chosenSpots, TARGET_LAMBDA, type ExhaustCase } from './exhaustCase.ts'

/** A small leak whose size nobody has measured: taken as this. */
export const USUAL_LEAK_M = 0.002

/** Where a joint lies seen from a spot: what leaks upstream is read in full, downstream by what comes back. */
export const isUpstream = (joint: Joint, spot: SensorSpot): boolean =>
  joint.run === spot.run ? joint.atM < spot.alongM : spot.run === 'common'

export const jointsUpstream = (c: ExhaustCase, spot: SensorSpot): Joint[] =>
  jointsOf(c.runs).filter((j) => isUpstream(j, spot))

/** Joints ahead of any of the chosen sensors, each once. */
export const jointsAhead = (c: ExhaustCase): Joint[] => {
  const spots = chosenSpots(c).map((s) => s.spot)
  return jointsOf(c.runs).filter((j) => spots.some((spot) => isUpstream(j, spot)))
}

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
  /** Share of the hole's suction that counts, by its place. */
  placeShare = 1,
): LeakReading => {
  const own = c.runs.find((r) => r.id === run)
  return exhaustLeak(
    {
      // A share of the inflow is a hole of that share of the area.
      holeM: holeM * Math.sqrt(placeShare),
      suctionPa: PULSE_SUCTION_PA,
      suckingShare: PULSE_SHARE,
      airKgS: moment.airKgS * (own ? gasShare(c.runs, own) : 1),
      lambda: c.openLoopLambda,
      target: TARGET_LAMBDA,
      correctionLimit: c.correctionLimit,
    },
    trace,
  )
}

/** Under more boost than this the pipe before a turbine blows out and sucks nothing in. */
const BLOWS_OUT = 1.02

/**
 * How much of a hole's suction counts for a sensor, 0 to 1, by where the hole is. Ahead of the sensor all of it, but
 * before a turbine under boost none; behind the sensor at idle what the air that comes back between two pulses still
 * reaches, falling evenly to nothing at the length of a pulse, and nothing under load, where the flow hardly turns: rule
 * of thumb.
 */
export const leakPlaceShare = (
  c: ExhaustCase,
  spot: SensorSpot,
  place: Pick<Joint, 'run' | 'atM'>,
  moment: ExhaustMoment,
): number => {
  const upstream = place.run === spot.run ? place.atM < spot.alongM : spot.run === 'common'
  if (upstream) {
    const turbine = c.runs.some((r) =>
      r.pieces.some((p) => p.piece.kind === 'turbine' && (place.run !== r.id || p.fromM > place.atM - 1e-9)),
    )
    return turbine && moment.expansion > BLOWS_OUT ? 0 : 1
  }
  if (place.run !== spot.run || moment.id !== 'idle') return 0
  const reachM = reversionAt(c, spot, moment.id)?.displacementM ?? 0
  return Math.max(0, 1 - (place.atM - spot.alongM) / Math.max(reachM, 1e-6))
}
