import { chargingBalance, restTimeS, type DriveBalance } from '../../power/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import { loadAt } from './deviceVolts.ts'
import type { PowerCase, PowerVerdict } from './powerCase.ts'

/** What the charging sheet shows. */
export interface Charging {
  readonly drives: readonly DriveBalance[]
  /** State of charge below which it does not start cold; null: not even as it is. */
  readonly leastCharge: number | null
}
export const chargingOf = (c: PowerCase): Charging => ({
  drives: chargingBalance(c.supply, c.leastCharge),
  leastCharge: c.leastCharge,
})
const WEEK_S = 7 * 86_400
/** A car that stands over a holiday. Rule of thumb. */
const GOOD_WEEKS = 3

/** What flows with the key off, A: by the network. */
export const drainA = (c: PowerCase): number =>
  Math.max(0, (loadAt(c.solved, 'key-off', 'battery') as { currentA: number } | null)?.currentA ?? 0)

export const weeksAtRest = (c: PowerCase): number =>
  c.leastCharge === null
    ? 0
    : restTimeS({ drainA: drainA(c), capacityC: c.supply.capacityC, charge: c.supply.battery.charge, leastCharge: c.leastCharge }) / WEEK_S // prettier-ignore

/** How long may it stand? */
export const judgeRest = (c: PowerCase): PowerVerdict => {
  const amps = drainA(c)
  const weeks = weeksAtRest(c)
  const base = { ...plain, id: 'rest', source: 'solved network, key off; self-discharge typical; three weeks: rule of thumb' } // prettier-ignore
  if (c.leastCharge === null)
    return {
      ...base,
      title: 'Does not start cold even now',
      state: 'caution',
      next: say`First whatever keeps it from starting`,
      reason: say`At ${fig(c.supply.coldestK, 'temperature', 0)} and its present charge: weeks at rest are beside the point until it does.`,
      pointId: 'crank-cold',
    }
  return {
    ...base,
    title: weeks < GOOD_WEEKS ? 'Drains the battery at rest' : 'Battery at rest',
    state: weeks < 1 ? 'stop' : weeks < GOOD_WEEKS ? 'caution' : 'ok',
    figureName: 'weeks until it does not start cold',
    figure: fig(weeks, 'count', 1),
    limitName: 'at least',
    limit: fig(GOOD_WEEKS, 'count', 0),
    margin: fig(weeks - GOOD_WEEKS, 'count', 1),
    next: say`Find what draws current with the key off: pull fuses one by one with a meter in the earth lead`,
    reason: say`${fig(amps, 'current', 2)} with the key off and the battery’s own loss, down to ${fig(c.leastCharge, 'share', 0)} of its charge. A maintenance charger, or the memory feed’s fuse out over the winter.`,
    pointId: 'key-off',
  }
}

/** More than that, and injectors open late and mixture shifts as a fan cuts in. Rule of thumb. */
const DIP_V = 0.5

/** What the fan's inrush takes from the ECU beyond what it takes from the battery's terminals. */
export const judgeFanDip = (c: PowerCase): PowerVerdict | null => {
  if (c.supply.fan === 'none') return null
  const ecuV = loadAt(c.solved, 'fan-inrush', 'ecu')?.voltageV ?? 0
  const dip = (c.solved.at['fan-inrush'].parts['battery'] as { voltageV: number }).voltageV - ecuV
  const low = ecuV < c.supply.ecu.leastV
  return {
    ...plain,
    id: 'fan-dip',
    title: low
      ? 'ECU resets as the fan starts'
      : dip > DIP_V
        ? 'Fan pulls the ECU down as it starts'
        : 'ECU supply as the fan starts',
    state: low ? 'stop' : dip > DIP_V ? 'caution' : 'ok',
    figureName: 'lost between battery and ECU',
    figure: fig(dip, 'voltage', 2),
    limitName: 'at most',
    limit: fig(DIP_V, 'voltage', 1),
    margin: fig(DIP_V - dip, 'voltage', 2),
    next: say`Feed the ECU at the battery terminals; the fan on a relay of its own`,
    reason: say`${fig(ecuV, 'voltage', 1)} at the ECU: the mixture shifts each time the fan cuts in, and the log shows nothing else.`,
    source: 'solved network; 0.5 V: rule of thumb',
    pointId: 'fan-inrush',
  }
}

/** Fan on the old wiring: its inrush and its current go through key and fuse box. */
export const judgeFanFeed = (c: PowerCase): PowerVerdict | null => {
  if (c.supply.fan === 'none') return null
  const old = c.supply.fan === 'old-switch'
  const inrush = (loadAt(c.solved, 'fan-inrush', 'fan')?.currentA ?? 0)
  return {
    ...plain,
    id: 'fan-feed',
    title: old ? 'Fan on the old wiring' : 'Fan on a relay of its own',
    state: old ? 'caution' : 'ok',
    figureName: 'inrush',
    figure: fig(inrush, 'current', 0),
    next: say`A relay, fed from the battery with a fuse, its coil driven by the ECU`,
    reason: old
      ? say`Its inrush goes through key switch and old feed and pulls down everything on them; in the wind it feeds back.`
      : say`Its inrush comes straight from the battery; the ECU switches its coil.`,
    source: 'solved network; trade practice',
    pointId: 'fan-inrush',
  }
} // prettier-ignore
