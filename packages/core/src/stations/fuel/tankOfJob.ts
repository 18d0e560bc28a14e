import type { FuelDesign } from './fuelDesign.ts'
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
export const moduleFitCaseOf = (design: FuelDesign): ModuleFitCase | null => {
  const { tank } = design.fuel
  const { depthM, gapAboveM } = design.tank
  if (depthM === null || gapAboveM === null) return null
  const hose = design.fuel.feed.legs[0]?.hose ?? design.fuel.feed.hose
  const hangerM = design.figure('fuel.tank.hangerM')
  return {
    tankDepthM: depthM,
    floorClearanceM: design.figure('fuel.tank.floorClearanceM'),
    moduleLengthM: hangerM,
    mostLengthM: tank.mostHangerM ?? hangerM,
    hatHeightM: design.figure('fuel.tank.hatHeightM'),
    fittingHeightM: design.figure('fuel.tank.fittingHeightM'),
    bendRadiusM: design.figure('fuel.tank.bendRadiusM'),
    hoseOutsideM: hose ? outsideOf(hose) : HOSE_OUTSIDE_M,
    gapAboveM,
    airGapM: AIR_GAP_M,
    tiltDeg: tank.tiltDeg ?? TILT_DEG,
    hingeToHatM: tank.hingeToHatM ?? 0,
    swingRoomM: tank.hingeToHatM === null ? null : tank.swingRoomM,
  }
}

export const moduleFitOf = (design: FuelDesign, trace?: Trace): ModuleFitAnswer | null => {
  const c = moduleFitCaseOf(design)
  return c && moduleFit(c, trace)
}

/** Where the pick-up stands against tilting fuel; null while the floor or the pick-up are not measured. */
export const starvationOf = (design: FuelDesign): StarvationAnswer | null => {
  const { floorLengthM, floorWidthM, fromFrontM, fromLeftM } = design.fuel.tank
  if (floorLengthM === null || floorWidthM === null || fromFrontM === null || fromLeftM === null) return null
  return starvation({
    fuelM3: design.figure('fuel.tank.lowM3'),
    lengthM: floorLengthM,
    widthM: floorWidthM,
    fromFrontM: Math.min(fromFrontM, floorLengthM),
    fromLeftM: Math.min(fromLeftM, floorWidthM),
    pickUpHeightM: design.figure('fuel.tank.pickUpHeightM'),
  })
}

const LEAST_GAUGE_SPAN_OHM = 0.1

/** Sender against gauge; null until all four resistances are known and the gauge's differ. */
export const senderOf = (design: FuelDesign): SenderAnswer | null => {
  const { senderEmptyOhm, senderFullOhm, gaugeEmptyOhm, gaugeFullOhm } = design.fuel.tank
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
