import type { Band } from '../../engine/index.ts'
import type { SensorSpot } from '../../sections/index.ts'
import type { Trace } from '../../verdict/index.ts'
import type { ExhaustMoment, ExhaustMomentId } from '../../exhaust/gas/moments.ts'
import { pipeHeat } from '../../exhaust/gas/pipeHeat.ts'
import { gasShare, marchPieceOf, sliceAt, transportS } from '../../exhaust/gas/runHeat.ts'
import { reversion, type ReversionAnswer } from '../../exhaust/gas/reversion.ts'
import { sensorDelay, type SensorDelayAnswer } from '../../exhaust/gas/sensorDelay.ts'
import { hexagonTimeS, wallWarmUpS } from '../../exhaust/gas/wallWarmUp.ts'
import { pieceAt, runOf, tailAfterM, tailOf, type LaidPiece, type Run } from '../../exhaust/pipe/layOut.ts'
import { USUAL_SENSOR } from '../../exhaust/spots/spotContext.ts'
import { momentOf, type ExhaustCase } from './exhaustCase.ts'

export interface HeatAtSpot {
  readonly moment: ExhaustMoment
  readonly gasK: Band
  readonly wallK: Band
  readonly delay: SensorDelayAnswer
}

const ENDS = ['low', 'typical', 'high'] as const
const bandOf = (f: (end: keyof Band) => number): Band => ({ low: f('low'), typical: f('typical'), high: f('high') })
/** Boss and housing as a thickness of steel. Rule of thumb. */
const BOSS_M = 0.006

/** Gas, wall and delay at a place, at one moment. Null: the run is not there. */
export const heatAtSpot = (
  c: ExhaustCase,
  spot: SensorSpot,
  id: ExhaustMomentId,
  traces: { readonly heat?: Trace; readonly delay?: Trace } = {},
): HeatAtSpot | null => {
  const run = runOf(c.runs, spot.run)
  const ends = c.heat[spot.run]?.[id]
  if (!run || !ends) return null
  const moment = momentOf(c, id)
  const at = Object.fromEntries(ENDS.map((e) => [e, sliceAt(run, ends[e], spot.alongM)])) as Record<
    keyof Band,
    ReturnType<typeof sliceAt>
  >
  const gasSeconds = transportS(c.runs, c.heat, spot.run, spot.alongM, id)
  if (traces.heat) {
    const piece = pieceAt(run, spot.alongM)
    pipeHeat(
      {
        massKgS: (moment.gasKgS * gasShare(c.runs, run)) / piece.count,
        boreM: piece.boreM,
        outsideM: piece.outsideM,
        gasK: at.typical.gasK,
        ambientK: moment.ambientK,
        outsideWM2K: moment.outsideWM2K.typical,
        cover: piece.piece.covered,
      },
      traces.heat,
    )
  }
  return {
    moment,
    gasK: bandOf((e) => at[e].gasK),
    wallK: bandOf((e) => at[e].wallK),
    delay: sensorDelay(
      { speedRpm: moment.speedRpm, transportS: gasSeconds, sensorS: moment.sensorS, filmS: moment.filmS },
      traces.delay,
    ),
  }
}

/** How far outside air comes back into the tail that this place breathes through. */
export const reversionAt = (
  c: ExhaustCase,
  spot: SensorSpot,
  id: ExhaustMomentId,
  trace?: Trace,
): ReversionAnswer | null => {
  const own = runOf(c.runs, spot.run)
  if (!own) return null
  const last = runOf(c.runs, 'common') ?? own
  const moment = momentOf(c, id)
  const ends = c.heat[last.id]?.[id]
  if (!ends || last.cylinders.length === 0) return null
  return reversion(
    {
      gasKgS: moment.gasKgS * gasShare(c.runs, last),
      speedRpm: moment.speedRpm,
      cylinders: last.cylinders.length,
      tailK: ends.typical.outK,
      tail: tailOf(c.runs, spot.run),
      tailAfterM: tailAfterM(c.runs, spot.run, spot.alongM),
    },
    trace,
  )
}

/** Time at full load until the hexagon passes its limit, having cruised before. Null: never. */
export const hexagonAtSpot = (c: ExhaustCase, spot: SensorSpot): number | null => {
  const run = runOf(c.runs, spot.run)
  const heat = c.heat[spot.run]
  if (!run || !heat) return null
  const cruise = sliceAt(run, heat.cruise.typical, spot.alongM)
  const full = sliceAt(run, heat.full.typical, spot.alongM)
  return hexagonTimeS({
    beforeK: cruise.wallK,
    settlesK: full.wallK,
    limitK: (c.exhaust.sensor ?? USUAL_SENSOR).mostHexagonK,
    insideWM2K: full.insideWM2K,
    outsideWM2K: full.outsideWM2K,
    bossM: BOSS_M,
  })
}

/** Cold start: until all the wall up to the sensor is dry, s, idling. Null: never within a quarter of an hour. */
export const warmUpAtSpot = (c: ExhaustCase, spot: SensorSpot): number | null => {
  const run = runOf(c.runs, spot.run)
  if (!run) return null
  const moment = momentOf(c, 'idle')
  const walled = (p: LaidPiece, lengthM = p.lengthM) => ({ ...marchPieceOf(p, moment), lengthM, wallM: p.wallM })
  const massOf = (r: Run) => moment.gasKgS * gasShare(c.runs, r)
  const banks = spot.run === 'common' ? c.runs.filter((r) => r.id !== 'common') : []
  return wallWarmUpS({
    pieces: run.pieces
      .filter((p) => p.fromM < spot.alongM)
      .map((p) => walled(p, Math.min(p.lengthM, spot.alongM - p.fromM))),
    massKgS: massOf(run),
    feeds: banks.map((r) => ({ pieces: r.pieces.map((p) => walled(p)), massKgS: massOf(r) })),
    inK: moment.portK.typical,
    ambientK: 283.15,
    outsideWM2K: moment.outsideWM2K.typical,
    wantedK: c.dewPointK,
  })
}
