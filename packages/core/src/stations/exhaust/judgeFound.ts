import { fig, plain, say } from '../../verdict/index.ts'
import { FAIR_SCORE } from '../../exhaust/spots/judgeSpot.ts'
import type { SensorSpot } from '../../sections/index.ts'
import { chosenSpots, type ExhaustCase, type ExhaustVerdict } from './exhaustCase.ts'
import { judgedSpotOf } from './judgedSpot.ts'

const SAME_M = 0.005
const SAME_DEG = 3

/** Where the bung that is there sits; null where it is not measured. */
export const foundSpot = (c: ExhaustCase): SensorSpot | null => {
  const { found } = c.exhaust
  return found && found.alongM !== null && found.clockDeg !== null
    ? { run: found.run, alongM: found.alongM, clockDeg: found.clockDeg }
    : null
}

/** Whether a sensor goes into the bung that is there. */
export const isInFound = (c: ExhaustCase, { run, alongM, clockDeg }: SensorSpot): boolean => {
  const there = foundSpot(c)
  if (!there) return false
  const turn = Math.abs(((clockDeg - there.clockDeg + 540) % 360) - 180)
  return run === there.run && Math.abs(alongM - there.alongM) <= SAME_M && turn <= SAME_DEG
}

/** Used as it is, with a reason on record. */
export const isAccepted = (c: ExhaustCase): boolean =>
  c.exhaust.found !== null && c.exhaust.found.accepted && c.exhaust.found.reason.trim() !== ''

/** A bung that was there already, judged where it is: right, a risk, or accepted on record. */
export const judgeFound = (c: ExhaustCase): ExhaustVerdict | null => {
  const { found } = c.exhaust
  if (!found) return null
  const base = { ...plain, id: 'found', source: 'hard rules, then weights: trade practice' }
  const spot = foundSpot(c)
  const sensors = chosenSpots(c)
  // The better place is chosen already: what is left of the old one is a hole.
  if (spot && !found.accepted && sensors.length > 0 && !sensors.some((s) => isInFound(c, s.spot)))
    return {
      ...base,
      title: 'Bung as found not used',
      state: 'caution',
      next: say`Close it with a plug and its washer, and test it for leaks`,
      reason: say`The sensor goes elsewhere. Open or weeping, the old bung lets air in that the sensor reads as lean.`,
    }
  if (found.thread === 'other')
    return {
      ...base,
      title: 'Bung as found has another thread',
      state: 'stop',
      next: say`Weld a new bung in, or fit a thread adapter that the sensor’s maker allows`,
      reason: say`The sensor would strip it or never seal.`,
    }
  const judged = spot && judgedSpotOf(c, spot)
  if (!judged)
    return {
      ...base,
      title: 'Bung as found not measured',
      state: 'unknown',
      next: say`Measure where it sits along and around the pipe`,
      reason: say`Once measured it is checked like any other position.`,
    }
  const figures = {
    figureName: 'score',
    figure: fig(judged.score, 'count'),
    limitName: 'fair from',
    limit: fig(FAIR_SCORE, 'count'),
    margin: fig(judged.score - FAIR_SCORE, 'count'),
  }
  const [first, ...more] = judged.forbidden
  // Ruled out is ruled out, whatever its score.
  const shown = first ? {} : figures
  const poor = first?.says ?? (judged.state === 'ok' ? undefined : judged.losses[0]?.says)
  if (!poor && found.thread === null)
    return {
      ...base,
      ...figures,
      title: 'Thread of the bung not tried',
      state: 'unknown',
      next: say`Clean it, and run the sensor or a plug in by hand`,
      reason: say`It sits right. Whether the sensor goes into it shows only when it is tried.`,
    }
  if (!poor)
    return {
      ...base,
      ...figures,
      title: 'Bung as found sits right',
      state: 'ok',
      reason: say`No rule is against it: clean its thread, and use it.`,
    }
  if (found.accepted && found.reason.trim() === '')
    return {
      ...base,
      ...shown,
      title: 'Reason for using the bung missing',
      state: 'unknown',
      next: say`Enter why it is used as it is`,
      reason: say`It departs from practice: ${poor} Whoever works on the car next must be able to read why.`,
    }
  return {
    ...base,
    ...shown,
    title: found.accepted ? 'Bung as found used on record' : first ? 'Bung as found: position ruled out' : 'Bung as found sits poorly', // prettier-ignore
    state: found.accepted || !first ? 'caution' : 'stop',
    next: found.accepted ? say`Check the sensor in free air after a month` : say`Plug it and drill a better place, or use it on record with a reason`,
    reason: found.accepted
      ? say`${poor}${more.length > 0 ? ` And ${more.length} more.` : ''} Used all the same: ${found.reason.trim()}`
      : say`${poor}${more.length > 0 ? ` And ${more.length} more against it.` : ''}`,
  } // prettier-ignore
}

/** Clamped now and welded later: how the car gets to the welder. */
export const judgeTrip = (c: ExhaustCase): ExhaustVerdict | null => {
  const { weldLater, trip } = c.exhaust
  if (weldLater !== true && trip === null) return null
  const base = { ...plain, id: 'trip', source: 'trade practice; sensor makers forbid it' }
  if (trip === 'sensor-unpowered')
    return {
      ...base,
      title: 'Unpowered sensor in a running exhaust',
      state: 'stop',
      next: say`Take the sensor out and close the hole with the blanking plug`,
      reason: say`Some advise driving to the welder so. A cold tip collects soot and water, and is ruined within minutes.`,
    }
  if (trip === null)
    return {
      ...base,
      title: 'Trip to the welder not settled',
      state: 'unknown',
      next: say`Say how the hole is closed on the way`,
      reason: say`Clamped now, welded later: the hole has to be closed, and the sensor kept out of the gas unless it is powered.`,
    }
  return {
    ...base,
    title: trip === 'plugged' ? 'Plugged for the trip' : 'Sensor powered on the trip',
    state: trip === 'plugged' ? 'ok' : 'caution',
    next: say`Close the hole with the blanking plug: it costs nothing and cannot fail`,
    reason:
      trip === 'plugged'
        ? say`The sensor travels in its box.`
        : say`Right only with its heater on and the type set: a fuse that fails on the way ruins it.`,
  }
}

/** Leads between sensor and harness: one may be cut, the other never. */
export const judgeLead = (c: ExhaustCase): ExhaustVerdict | null => {
  const { lead, sensor } = c.exhaust
  if (lead === null || c.sensorCount === 0) return null
  const base = { ...plain, id: 'sensor-lead', source: 'data sheet of the sensor' }
  if (lead !== 'sensor-lead-cut')
    return {
      ...base,
      title: lead === 'whole' ? 'Sensor leads as delivered' : 'Extension altered, sensor’s own lead whole',
      state: 'ok',
      reason: lead === 'whole' ? say`Nothing cut, nothing spliced.` : say`An extension between plug and harness may be shortened or made: it carries no calibration.`,
    } // prettier-ignore
  const calibrated = sensor?.calibratedLead ?? null
  return {
    ...base,
    title: calibrated === false ? 'Sensor’s own lead cut' : 'Calibrated lead cut',
    state: calibrated === false ? 'caution' : calibrated ? 'stop' : 'unknown',
    next: calibrated === false ? say`Solder nothing in the bay: crimp, seal, and test in free air` : calibrated ? say`Fit a new sensor with a lead that reaches` : say`Look in its data sheet whether the lead carries a calibration resistor or reference air`,
    reason: calibrated === false
      ? say`Its sheet allows it; the joint is the next fault all the same.`
      : calibrated
        ? say`It carries a calibration resistor or breathes reference air: cut or spliced it reads wrong by an amount nobody can tell.`
        : say`Where it carries calibration or reference air, the reading is lost with it.`,
  } // prettier-ignore
}

/** From so much on a lead has to be stowed. Rule of thumb. */
const SURPLUS_M = 0.3

/** What is left of a lead: kept for a later exhaust, and where. */
export const judgeSurplus = (c: ExhaustCase): ExhaustVerdict | null => {
  const { sensor, surplusAt } = c.exhaust
  if (!sensor || c.cablePathM === null || c.sensorCount === 0) return null
  const surplusM = sensor.cableM - c.cablePathM
  if (surplusM < SURPLUS_M) return null
  const stowed = surplusAt.trim() !== ''
  return {
    ...plain,
    id: 'surplus-lead',
    title: stowed ? 'Surplus lead stowed' : 'Surplus lead not stowed',
    state: stowed ? 'ok' : 'caution',
    figureName: 'surplus',
    figure: fig(surplusM, 'bore', 0),
    limitName: 'stow from',
    limit: fig(SURPLUS_M, 'bore', 0),
    next: say`Lay it in one flat loop where it is cool, tie it, and enter where`,
    reason: stowed
      ? say`At ${surplusAt.trim()}: kept whole for a later exhaust.`
      : say`Never shortened: it is kept for a later exhaust. Coiled tight or near the pipe it picks up noise and cooks.`,
    source: 'tape; 300 mm: rule of thumb',
  }
}
