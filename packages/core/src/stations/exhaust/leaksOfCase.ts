import type { SensorSpot } from '../../sections/index.ts'
import { gasShare } from '../../exhaust/gas/runHeat.ts'
import type { ExhaustMoment } from '../../exhaust/gas/moments.ts'
import { runOf } from '../../exhaust/pipe/layOut.ts'
import { jointsOf, type Joint } from '../../exhaust/pipe/joints.ts'
import { exhaustLeak, PULSE_SHARE, PULSE_SUCTION_PA, type LeakReading } from '../../exhaust/reading/leak.ts'
import type { Trace } from '../../verdict/index.ts'
import { chosenSpots, TARGET_LAMBDA, type ExhaustCase } from './exhaustCase.ts'

/** A small leak whose size nobody has measured: taken as this. */
export const USUAL_LEAK_M = 0.002

/** Where a joint lies seen from a spot: what leaks upstream is read in full, downstream by what comes back. */
export const isUpstream = (joint: Joint, spot: SensorSpot): boolean =>
  joint.run === spot.run ? joint.atM < spot.alongM : spot.run === 'common'

export const jointsUpstream = (c: ExhaustCase, spot: SensorSpot): Joint[] =>
  jointsOf(c.runs).filter((j) => isUpstream(j, spot))

/**
 * How far behind a sensor a leak still counts at idle and light load: the gas swings back between the pulses. 450 to
 * 600 mm in the trade. Rule of thumb.
 */
export const LEAK_REACH_M = 0.5

/** How far behind a spot a joint lies along the flow, m; null where it lies ahead of it or in another pipe. */
export const behindM = (c: ExhaustCase, spot: SensorSpot, place: Pick<Joint, 'run' | 'atM'>): number | null => {
  if (place.run === spot.run) return place.atM >= spot.alongM ? place.atM - spot.alongM : null
  const [own, common] = [runOf(c.runs, spot.run), runOf(c.runs, 'common')]
  if (place.run !== 'common' || !own || !common) return null
  return own.toM - spot.alongM + place.atM - common.fromM
}

/** Joints that a spot reads: all ahead of it, and those behind it within reach. */
export const jointsRead = (c: ExhaustCase, spot: SensorSpot): Joint[] =>
  jointsOf(c.runs).filter((j) => isUpstream(j, spot) || (behindM(c, spot, j) ?? Infinity) < LEAK_REACH_M)

/** Joints that any of the chosen sensors reads, each once. */
export const jointsReadByAny = (c: ExhaustCase): Joint[] => {
  const spots = chosenSpots(c).map((s) => s.spot)
  return jointsOf(c.runs).filter((j) =>
    spots.some((spot) => jointsRead(c, spot).some((r) => r.run === j.run && r.pieceId === j.pieceId)),
  )
}

/** One hole of the area of all that leaks, each counted by its place: sqrt of the sum of squares. */
export const leakHoleM = (c: ExhaustCase, spot: SensorSpot, moment: ExhaustMoment): number =>
  Math.sqrt(
    jointsRead(c, spot)
      .filter((j) => j.state === 'leaks')
      .reduce((sum, j) => sum + leakPlaceShare(c, spot, j, moment) * (j.leakM ?? USUAL_LEAK_M) ** 2, 0),
  )

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
 * before a turbine under boost none; behind the sensor at idle what swings back between two pulses, falling evenly to
 * nothing at `LEAK_REACH_M`, and nothing under load, where the flow hardly turns: rule of thumb.
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
  const distanceM = moment.id === 'idle' ? behindM(c, spot, place) : null
  return distanceM === null ? 0 : Math.max(0, 1 - distanceM / LEAK_REACH_M)
}
