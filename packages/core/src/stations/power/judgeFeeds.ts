import { fig, plain, say } from '../../verdict/index.ts'
import type { PowerCase, PowerVerdict } from './powerCase.ts'
import { loadAt } from './deviceVolts.ts'

const FEED_WORDS = {
  battery: 'the battery terminals',
  'starter-stud': 'the starter stud',
  'kill-switch': 'the kill switch',
  'old-main': 'the old fuse box',
  ignition: 'the ignition switch',
} as const

/** What the place of the ECU's feed costs it. */
export const judgeEcuFeed = (c: PowerCase): PowerVerdict => {
  const at = (condition: 'crank-cold' | 'fan-inrush') => {
    const post = (c.solved.at[condition].parts['battery'] as { voltageV: number }).voltageV
    const ecu = loadAt(c.solved, condition, 'ecu')?.voltageV ?? 0
    return { post, ecu, lost: post - ecu }
  }
  const crank = at('crank-cold')
  const fan = at('fan-inrush')
  const { ecuFeed } = c.power.design
  const direct = ecuFeed === 'battery'
  const limitV = 0.3
  const worst = Math.max(crank.lost, fan.lost)
  return {
    ...plain,
    id: 'ecu-feed',
    title: direct
      ? worst > limitV
        ? 'ECU feed and earth drop too much'
        : 'ECU fed straight from the battery'
      : `ECU fed from ${FEED_WORDS[ecuFeed]}`,
    state: !direct && worst > 2 * limitV ? 'stop' : !direct || worst > limitV ? 'caution' : 'ok',
    figureName: 'lost between battery and ECU',
    figure: fig(worst, 'voltage', 2),
    limitName: 'at most',
    limit: fig(limitV, 'voltage', 1),
    margin: fig(limitV - worst, 'voltage', 2),
    next: say`Take ECU positive and negative straight to the battery terminals, alone, fused at the battery`,
    reason: say`${fig(crank.ecu, 'voltage', 1)} at the ECU with ${fig(crank.post, 'voltage', 1)} at the terminals while cranking cold; ${fig(fan.ecu, 'voltage', 1)} with ${fig(fan.post, 'voltage', 1)} as the fan starts.${direct ? '' : ' The battery is the buffer between consumers; anywhere else they pull the ECU down.'}`,
    source: 'solved network; 0.3 V feed and earth: proposed, typical',
    pointId: crank.lost >= fan.lost ? 'crank-cold' : 'fan-inrush',
    workings: ['ecu-wires'],
  }
}

/** One relay for ECU and pump: no pump-off with engine stall, and a welded contact keeps the pump running. */
export const judgeSharedRelay = (c: PowerCase): PowerVerdict => {
  const shared = c.power.design.relays === 'shared'
  return {
    ...plain,
    id: 'shared-relay',
    title: shared ? 'ECU and pump on one relay' : 'A relay each for ECU and pump',
    state: shared ? 'stop' : 'ok',
    next: say`A relay each; the pump’s driven by the ECU`,
    reason: shared
      ? say`The pump runs on when the engine stalls, since the ECU does not drive it; a welded or slow contact leaves both live; the pump’s inrush pulls the ECU down.`
      : say`The ECU drops the pump when the engine stalls.`,
    source: 'trade practice',
  }
}

/** A sensor heater that is live with the key only. */
export const judgeHeater = (c: PowerCase): PowerVerdict => {
  const off = loadAt(c.solved, 'key-off', 'heater')
  const amps = Math.abs(off?.currentA ?? 0)
  const live = amps > 0.05
  return {
    ...plain,
    id: 'heater',
    title: live ? 'Oxygen sensor heater live with the key off' : 'Oxygen sensor heater live with the key only',
    state: live ? 'stop' : 'ok',
    figureName: 'key off',
    figure: fig(amps, 'current', 1),
    limitName: 'at most',
    limit: fig(0, 'current', 0),
    margin: fig(-amps, 'current', 1),
    next: say`Feed it from the keyed feed or the pump relay`,
    reason: live
      ? say`It empties the battery overnight and heats a sensor in a cold, wet pipe.`
      : say`Fed from ${c.power.design.heaterFeed === 'pump-relay' ? 'the pump relay: live while the engine turns' : 'the keyed feed'}.`,
    source: 'solved network',
    pointId: 'key-off',
  }
}

/** Gauges chained on a relay that something else needs. */
export const judgeGauges = (c: PowerCase): PowerVerdict => {
  const chained = c.power.design.gaugesFeed === 'pump-relay'
  return {
    ...plain,
    id: 'gauges-feed',
    title: chained ? 'Gauges chained on the pump relay' : 'Gauges on a branch of their own',
    state: chained ? 'caution' : 'ok',
    next: say`Feed gauges from the ignition circuit, with a fuse of their own`,
    reason: chained
      ? say`A short in a gauge blows the pump’s fuse, and every added gauge takes volts from the pump.`
      : say`A short in a gauge leaves the pump alone.`,
    source: 'trade practice',
  }
}

/** The supply as a path of noise. */
export const judgeNoisePath = (c: PowerCase): PowerVerdict => {
  const noisy = c.power.design.pickUpFeed === 'coil-branch'
  return {
    ...plain,
    id: 'noise-path',
    title: noisy ? 'Pick-ups fed from the branch of coils or injectors' : 'Pick-ups fed apart from coils and injectors',
    state: noisy ? 'stop' : 'ok',
    next: say`Feed them from the ECU, or from a branch of their own with a filter`,
    reason: noisy
      ? say`They see every switching of coils and injectors on their supply: false teeth, false knock.`
      : say`Their supply carries no switching of coils or injectors.`,
    source: 'trade practice',
  }
}

/** Battery away from the engine: where a helper battery and a timing light get their terminals. */
export const judgeJumpPosts = (c: PowerCase): PowerVerdict | null => {
  if (c.supply.batteryPlace === 'bay') return null
  const { jumpPosts } = c.power.design
  const drop = c.solved.at['crank-cold'].parts['starterCable'] as { dropV?: number } | undefined
  return {
    ...plain,
    id: 'jump-posts',
    title: jumpPosts === true ? 'Jump posts at the engine' : 'No jump posts at the engine',
    state: jumpPosts === true ? 'ok' : 'caution',
    next: say`Fit a positive post at the starter cable and a negative one on the block, both covered`,
    reason: say`With the battery ${c.supply.batteryPlace === 'boot' ? 'in the boot' : 'under a seat'} a timing light and a helper battery need both terminals at the engine.${drop?.dropV !== undefined ? say` The starter cable drops ${fig(drop.dropV, 'voltage', 2)} cranking cold.` : ''}`,
    source: 'trade practice',
  }
}
