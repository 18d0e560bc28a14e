import { fig, say, type VerdictState, plain } from '../../verdict/index.ts'
import { GRAVITY_M_S2 } from '../../fuel/lineLoss.ts'
import { potVolumeM3 } from '../../fuel/tank/starvation.ts'
import { MOST_TANK_VACUUM_PA } from '../../fuel/tank/vent.ts'
import type { FuelCase, FuelVerdict } from './solvedPoint.ts'
import { moduleFitOf, senderOf, starvationOf } from './tankOfJob.ts'
import { ventOf } from './vapourOfJob.ts'

/** Will the hat, its fittings and the hose foul the floor above? */
export const judgeModuleAbove = ({ design }: FuelCase): FuelVerdict | null => {
  if (!design.inTank) return null
  const fit = moduleFitOf(design)
  if (!fit)
    return {
      ...plain,
      id: 'module-above',
      title: 'Clearance above the pump hat',
      state: 'unknown',
      reason: say`Measure the tank’s depth and the gap above it where the hole will be: without them nobody knows whether the hat fouls the floor.`,
      source: 'geometry',
    }
  const hatch = design.fuel.tank.hatch
  if (fit.foulsByM > 0 && (hatch === 'planned' || hatch === 'made'))
    return {
      ...plain,
      id: 'module-above',
      title: hatch === 'made' ? 'Hat reaches into the hatch' : 'Hatch planned above the pump',
      state: hatch === 'made' ? 'ok' : 'caution',
      figureName: 'stack above the tank',
      figure: fig(fit.stackAboveM, 'bore'),
      limitName: 'reaches above the floor by',
      limit: fig(fit.foulsByM, 'bore'),
      next: say`Cut it with the tank out of the car and no fuel about; edge bound, cover raised, screwed and sealed vapour-tight`,
      reason: say`It stands ${fig(fit.foulsByM, 'bore')} into the hatch: its cover must be that much higher. It serves the next pump too; what the floor carries there must not be cut.`,
      source: 'geometry from the measured figures; trade practice',
      workings: ['module'],
    }
  const fouls = fit.foulsByM > 0
  const sweeps = fit.sweepFoulsByM !== null && fit.sweepFoulsByM > 0
  return {
    ...plain,
    id: 'module-above',
    title: fouls
      ? 'Hat fouls the floor above'
      : sweeps
        ? 'Hat fouls while the tank is lifted'
        : 'Clearance above the pump hat',
    state: fouls || sweeps ? 'stop' : 'ok',
    figureName: 'stack above the tank',
    figure: fig(fit.stackAboveM, 'bore'),
    limitName: 'gap less 5 mm',
    limit: fig(fit.stackAboveM - fit.foulsByM, 'bore'),
    margin: fig(-fit.foulsByM, 'bore'),
    reason: fouls
      ? fit.hatThatFitsM > 0
        ? say`Hat, fittings and hose bend are ${fig(fit.foulsByM, 'bore')} too high. A hat of ${fig(fit.hatThatFitsM, 'bore')} would fit, or lower fittings; otherwise a recess in the floor, or the hole somewhere else.`
        : say`Hat, fittings and hose bend are ${fig(fit.foulsByM, 'bore')} too high, and with these fittings no hat would fit: choose fittings that leave sideways, or a pump outside the tank.`
      : sweeps
        ? say`It fits in place, but while the tank is tilted up its top swings ${fig(fit.sweepM, 'bore')} sideways, ${fig(fit.sweepFoulsByM, 'bore')} more than there is room for: lift it level, or connect the hoses first.`
        : say`Hat, fittings and hose bend clear the floor; lifting the tank tilted swings the top ${fig(fit.sweepM, 'bore')} sideways.`,
    source: 'geometry from the measured figures',
    workings: ['module'],
  }
}

/** Does the hanger reach the floor of the tank, and what has to be cut off? */
export const judgeModuleBelow = ({ design }: FuelCase): FuelVerdict | null => {
  const fit = design.inTank ? moduleFitOf(design) : null
  if (!fit) return null
  const short = fit.shortByM > 0
  return {
    ...plain,
    id: 'module-below',
    title: short ? 'Module too short for this tank' : 'Module length',
    state: short ? 'caution' : 'ok',
    figureName: 'length needed',
    figure: fig(fit.wantedLengthM, 'bore'),
    limitName: 'as delivered',
    limit: fig(design.figure('fuel.tank.hangerM'), 'bore'),
    margin: null,
    reason: short
      ? say`Even fully extended it ends ${fig(fit.shortByM, 'bore')} above where the strainer should sit: the pump never reaches that fuel.`
      : fit.cutOffM > 0
        ? say`Cut ${fig(fit.cutOffM, 'bore')} off the module, away from the tank and free of chips; the strainer then sits ${fig(design.figure('fuel.tank.floorClearanceM'), 'bore')} off the floor.`
        : say`Extend it to ${fig(fit.wantedLengthM, 'bore')}.`,
    source: 'geometry; 5 to 10 mm of clearance: rule of thumb',
    workings: ['module'],
  }
}

/** What an ordinary driver reaches on the road. Rule of thumb. */
const ROAD_MS2 = 0.6 * GRAVITY_M_S2
/** A long bend or slip road. Rule of thumb. */
const BEND_S = 6

/** Does the pick-up stay under fuel in bends and under the brakes? */
export const judgeStarvation = ({ design, engine }: FuelCase): FuelVerdict | null => {
  if (!design.fuel.pump) return null
  const dry = starvationOf(design)
  const wantedM3 = potVolumeM3(engine.demand.designM3S, BEND_S)
  const potM3 = design.fuel.tank.potM3
  if (!dry)
    return design.inTank
      ? {
          ...plain,
          id: 'starvation',
          title: 'Fuel pick-up when cornering',
          state: 'unknown',
          reason: say`Measure the tank floor and the pick-up position: this then shows how hard a turn makes it draw air.`,
          source: 'tilted surface',
        }
      : null
  const pot = potM3 !== null && potM3 >= wantedM3
  const soon = dry.leastMS2 < ROAD_MS2
  return {
    ...plain,
    id: 'starvation',
    title: soon && !pot ? 'Fuel pick-up uncovers when cornering' : 'Fuel pick-up when cornering',
    state: soon && !pot ? 'caution' : 'ok',
    figureName: 'uncovers from',
    figure: fig(Math.min(dry.leastMS2, 20), 'acceleration'),
    limitName: 'reached on the road',
    limit: fig(ROAD_MS2, 'acceleration'),
    margin: fig(Math.min(dry.leastMS2, 20) - ROAD_MS2, 'acceleration'),
    reason: soon
      ? pot
        ? say`The tank floor is dry at ${fig(dry.angleDeg, 'angle')}, but the swirl pot holds ${fig(potM3, 'volume')}, enough for ${fig(BEND_S, 'time')}.`
        : say`With ${fig(design.figure('fuel.tank.lowM3'), 'volume')} in it the fuel is ${fig(dry.levelM, 'bore')} deep and uncovers the pick-up at ${fig(dry.angleDeg, 'angle')} of tilt. A swirl pot of ${fig(wantedM3, 'volume', 2)} keeps the engine running for ${fig(BEND_S, 'time')}; let the return line fill it.`
      : say`Even with ${fig(design.figure('fuel.tank.lowM3'), 'volume')} in it the pick-up stays covered up to ${fig(dry.angleDeg, 'angle')} of tilt.`,
    source: 'tilted surface in a flat tank without baffles; 0.6 g and 6 s: rules of thumb',
  }
}

/** Tube is sold in whole and half millimetres: a bore that would do is rounded up, never down. */
const HALF_MM_M = 0.5e-3

/** Does the vent let in what the engine draws and out what heat drives, and does it end where it may? */
export const judgeVent = (c: FuelCase): FuelVerdict | null => {
  const { tank, pump } = c.design.fuel
  if (!pump) return null
  const answer = ventOf(c)
  const inside = tank.ventEnds === 'inside'
  const base = { ...plain, id: 'vent', workings: ['vent'], source: 'air flow through the vent; 1 kPa: rule of thumb' }
  if (!answer && !inside)
    return {
      ...base,
      workings: [],
      title: 'Tank vent',
      state: 'unknown',
      reason: say`Enter the vent’s bore and length. A tank that cannot breathe holds fuel back, and the pump boils it.`,
    }
  const worstPa = answer ? Math.max(answer.vacuumPa, answer.pressurePa) : 0
  const tight = worstPa > MOST_TANK_VACUUM_PA
  const routing = inside
    ? 'It ends inside the car: fuel vapour collects where people sit and something can spark. Route it outside, pointing down.'
    : tank.ventLoop === false
      ? 'It does not loop above the filler neck: a full tank on a slope spills through it.'
      : tank.rollOverValve === false
        ? 'Without a roll-over valve the tank empties through it if the car ends up on its roof.'
        : null
  const state: VerdictState = inside ? 'stop' : tight || routing ? 'caution' : 'ok'
  const fit =
    answer === null
      ? say``
      : answer.leastBoreM === null
        ? say` No bore would do for this line: its valve passes too little, or it is too long.`
        : say` A bore of ${fig(Math.ceil(answer.leastBoreM / HALF_MM_M - 1e-9) * HALF_MM_M, 'bore')} would do for this length.`
  return {
    ...base,
    title: inside ? 'Vent outlet inside the car' : tight ? 'Vent too small' : 'Tank vent',
    state,
    figureName: 'tank pressure changes by',
    figure: answer ? fig(worstPa, 'pressure', 2) : null,
    limitName: 'at most',
    limit: fig(MOST_TANK_VACUUM_PA, 'pressure', 2),
    margin: answer ? fig(MOST_TANK_VACUUM_PA - worstPa, 'pressure', 2) : null,
    reason: routing
      ? say`${routing}`
      : tight
        ? say`A litre of air must come in for every litre drawn, and a warming tank breathes out.${fit}`
        : tank.ventEnds === 'canister'
          ? say`It lets in enough air for the fuel drawn; the charcoal canister stays where the law requires it.`
          : say`It lets in enough air for the fuel drawn, and lets hot vapour out.`,
  }
}

/** Does the gauge read what the sender says? */
export const judgeSender = ({ design }: FuelCase): FuelVerdict | null => {
  const match = senderOf(design)
  if (!match) return null
  const off = match.worstFault > 0.1
  return {
    ...plain,
    id: 'sender',
    title: match.runsBackwards ? 'Fuel gauge runs backwards' : 'Fuel gauge and sender match',
    state: off ? 'caution' : 'ok',
    figureName: 'largest error',
    figure: fig(match.worstFault, 'share'),
    limitName: 'at most',
    limit: fig(0.1, 'share'),
    margin: fig(0.1 - match.worstFault, 'share'),
    reason: say`At empty it shows ${fig(match.showsEmpty, 'share')}, half ${fig(match.showsHalf, 'share')}, full ${fig(match.showsFull, 'share')}.${off ? ' Fit the gauge’s own sender to the module, or a converter between them.' : ''}`,
    source: 'gauge straight between its two resistances; 10 %: rule of thumb',
  }
}
