import { figureOf } from '../../figures/index.ts'
import { type JobDocument } from '../../job/index.ts'
import type { Known } from '../../quantity/index.ts'
import type { Trace } from '../../verdict/index.ts'
import { outsideOf } from '../../fuel/lines/legs.ts'
import { moduleFit, type ModuleFitAnswer, type ModuleFitCase } from '../../fuel/tank/moduleFit.ts'
import { senderMatch, type SenderAnswer } from '../../fuel/tank/senderMatch.ts'
import { starvation, type StarvationAnswer } from '../../fuel/tank/starvation.ts'

/** Kept free between the stack and the floor above: rubbing and drumming. Rule of thumb. */
export const AIR_GAP_M = 0.005
/** Tilt while a tank is brought up to its straps. Rule of thumb. */
const TILT_DEG = 15
const HOSE_OUTSIDE_M = 0.014

/** The module's fit as measured; null while tank depth or the gap above are not known. */
export const moduleFitCaseOf = (job: JobDocument): ModuleFitCase | null => {
  const { tank } = job.fuel
  const { depthM, gapAboveM } = job.walkAround.tank
  if (depthM === null || gapAboveM === null) return null
  const hose = job.fuel.feed.legs[0]?.hose ?? job.fuel.feed.hose
  const hangerM = figureOf(job, 'fuel.tank.hangerM')
  return {
    tankDepthM: depthM,
    floorClearanceM: figureOf(job, 'fuel.tank.floorClearanceM'),
    moduleLengthM: hangerM,
    mostLengthM: tank.mostHangerM ?? hangerM,
    hatHeightM: figureOf(job, 'fuel.tank.hatHeightM'),
    fittingHeightM: figureOf(job, 'fuel.tank.fittingHeightM'),
    bendRadiusM: figureOf(job, 'fuel.tank.bendRadiusM'),
    hoseOutsideM: hose ? outsideOf(hose) : HOSE_OUTSIDE_M,
    gapAboveM,
    airGapM: AIR_GAP_M,
    tiltDeg: tank.tiltDeg ?? TILT_DEG,
    hingeToHatM: tank.hingeToHatM ?? 0,
    swingRoomM: tank.hingeToHatM === null ? null : tank.swingRoomM,
  }
}

export const moduleFitOf = (job: JobDocument, trace?: Trace): ModuleFitAnswer | null => {
  const c = moduleFitCaseOf(job)
  return c && moduleFit(c, trace)
}

/** Where the pick-up stands against tilting fuel; null while the floor or the pick-up are not measured. */
export const starvationOf = (job: JobDocument): StarvationAnswer | null => {
  const { floorLengthM, floorWidthM, fromFrontM, fromLeftM } = job.fuel.tank
  if (floorLengthM === null || floorWidthM === null || fromFrontM === null || fromLeftM === null) return null
  return starvation({
    fuelM3: figureOf(job, 'fuel.tank.lowM3'),
    lengthM: floorLengthM,
    widthM: floorWidthM,
    fromFrontM: Math.min(fromFrontM, floorLengthM),
    fromLeftM: Math.min(fromLeftM, floorWidthM),
    pickUpHeightM: figureOf(job, 'fuel.tank.pickUpHeightM'),
  })
}

const LEAST_GAUGE_SPAN_OHM = 0.1

/** Sender against gauge; null until all four resistances are known and the gauge's differ. */
export const senderOf = (job: JobDocument): SenderAnswer | null => {
  const { senderEmptyOhm, senderFullOhm, gaugeEmptyOhm, gaugeFullOhm } = job.fuel.tank
  const known: readonly Known[] = [senderEmptyOhm, senderFullOhm, gaugeEmptyOhm, gaugeFullOhm]
  if (known.includes(null)) return null
  // A gauge whose two ends are one resistance, as near as anybody measures, shows nothing.
  if (Math.abs(gaugeEmptyOhm! - gaugeFullOhm!) < LEAST_GAUGE_SPAN_OHM) return null
  return senderMatch({
    senderEmptyOhm: senderEmptyOhm!,
    senderFullOhm: senderFullOhm!,
    gaugeEmptyOhm: gaugeEmptyOhm!,
    gaugeFullOhm: gaugeFullOhm!,
  })
}
