import {
  CONDITION_WORDS,
  CONDITIONS,
  DEVICES,
  NODE,
  type ConditionId,
  type DeviceId,
  type LoadFigures,
  type RelayFigures,
} from '../../power/index.ts'
import { fig, plain, say } from '../../verdict/index.ts'
import type { PowerCase, PowerVerdict } from './powerCase.ts'
import { DEVICE_WORDS, loadAt, voltsOfDevice, worksIn } from './deviceVolts.ts'

const PERCENT_BASE_V = 12
/** 3 % critical, 5 % limit, of 12 V, out and back: ABYC E-11 and ISO 13297, from memory; trade practice. */
const PUMP_GOOD_V = 0.03 * PERCENT_BASE_V
const PUMP_LIMIT_V = 0.05 * PERCENT_BASE_V

/** What the pump loses on its way out and back, running. */
export const judgePump = (c: PowerCase): PowerVerdict => {
  const base = {
    ...plain,
    id: 'pump-volts',
    source: 'solved network; 3 % good, 5 % limit of 12 V: standards, from memory',
  }
  const found = loadAt(c.solved, 'full-load', 'pump')
  const atPosts = c.solved.at['full-load'].nodesV[NODE.post]
  if (!found || atPosts === null || atPosts === undefined || found.voltageV < 3)
    return { ...base, title: 'Pump without supply', state: 'stop', reason: say`At full load the pump has ${fig(found?.voltageV ?? 0, 'voltage', 1)}: its relay is not pulled in, or its feed or earth is open.` } // prettier-ignore
  const lostV = atPosts - found.voltageV
  const earthV = found.liftV ?? 0
  return {
    ...base,
    title:
      lostV > PUMP_LIMIT_V
        ? 'Pump loses too many volts'
        : lostV > PUMP_GOOD_V
          ? 'Pump feed and earth drop'
          : 'Pump supply OK',
    state: lostV > PUMP_LIMIT_V ? 'stop' : lostV > PUMP_GOOD_V ? 'caution' : 'ok',
    figureName: 'drop from the battery terminals',
    figure: fig(lostV, 'voltage', 2),
    limitName: 'at most',
    limit: fig(PUMP_LIMIT_V, 'voltage', 1),
    margin: fig(PUMP_LIMIT_V - lostV, 'voltage', 2),
    next: say`A thicker pump feed, straight from the battery; the pump’s own earth wire to clean metal or to the battery`,
    reason: say`${fig(found.voltageV, 'voltage', 1)} at the pump at ${fig(found.currentA, 'current', 1)}; ${fig(earthV, 'voltage', 2)} of the drop is on its earth side. Its flow falls some 12 % for each volt.`,
    pointId: 'full-load',
    workings: ['pump-wires'],
  }
}

/** Every device that has too little or too much somewhere, worst first; those judged by a rule of their own are left out. */
const OWN_RULE: readonly DeviceId[] = ['ecu', 'keyed', 'pump', 'starter', 'heater', 'injectors']
const FALLS_SHORT_V: Readonly<Partial<Record<DeviceId, number>>> = {
  ignition: 7,
  fan: 10.5,
  headlamps: 10.5,
  'side-lamps': 10.5,
  blower: 9,
  wipers: 9,
  gauges: 8,
  solenoid: 6,
}
const MOST_V: Readonly<Partial<Record<DeviceId, number>>> = { headlamps: 15, 'side-lamps': 15 }
const ELECTRONICS_MOST_V = 16

export const judgeOthers = (c: PowerCase): PowerVerdict[] =>
  DEVICES.filter((d) => !OWN_RULE.includes(d)).flatMap((device): PowerVerdict[] => {
    const all = voltsOfDevice(c.solved, device)
    if (all.length === 0) return []
    const worst = all.reduce((a, b) => (b.volts < a.volts ? b : a))
    const least = device === 'ignition' && c.supply.old.ballast ? 5 : (FALLS_SHORT_V[device] ?? 8)
    const most = MOST_V[device] ?? ELECTRONICS_MOST_V
    const highest = all.reduce((a, b) => (b.volts > a.volts ? b : a))
    const over = highest.volts > most
    const short = worst.volts < least
    const shown = over ? highest : worst
    return [
      {
        ...plain,
        id: `device-${device}`,
        subject: { kind: 'device', sensor: DEVICES.indexOf(device) },
        title: over
          ? `${DEVICE_WORDS[device]}: too many volts`
          : short
            ? `${DEVICE_WORDS[device]}: too few volts`
            : `${DEVICE_WORDS[device]}: volts`,
        state: over || short ? (device === 'ignition' || device === 'solenoid' || over ? 'stop' : 'caution') : 'ok',
        figureName: over ? 'highest' : 'lowest',
        figure: fig(shown.volts, 'voltage', 1),
        limitName: over ? 'at most' : 'at least',
        limit: fig(over ? most : least, 'voltage', 1),
        margin: fig(over ? most - shown.volts : shown.volts - least, 'voltage', 1),
        reason: say`${CONDITION_WORDS[shown.condition]}: ${fig(shown.amps, 'current', 1)}${shown.liftV !== null && Math.abs(shown.liftV) > 0.05 ? say`, its earth lifted by ${fig(shown.liftV, 'voltage', 2)}` : ''}.`,
        source: 'solved network; minimum voltage of the device: typical',
        pointId: shown.condition,
      },
    ]
  })

/** A relay that would let go above where it pulls in is none: one of the two figures is wrong. */
export const judgeRelayFigures = (c: PowerCase): PowerVerdict | null => {
  const { pullInV, dropOutV } = c.supply.relay
  if (dropOutV < pullInV) return null
  return {
    ...plain,
    id: 'relay-figures',
    subject: { kind: 'relay', sensor: 0 },
    title: 'Relay drops out above its pull-in voltage',
    state: 'stop',
    figureName: 'drop-out',
    figure: fig(dropOutV, 'voltage', 1),
    limitName: 'below the pull-in of',
    limit: fig(pullInV, 'voltage', 1),
    margin: fig(pullInV - dropOutV, 'voltage', 1),
    next: say`Read both figures off the data sheet again`,
    reason: say`No relay does that: one of the two figures is wrong.`,
    source: 'a relay holds with less than it pulls in with',
  }
}

/** Relays that must be pulled in, and in which conditions. */
const RELAY_WORDS: Readonly<Record<string, string>> = {
  'keyed-relay': 'Keyed-feed relay',
  'pump-relay': 'Pump relay',
  'shared-relay': 'Relay of ECU and pump',
  'fan-relay': 'Fan relay',
}
const relayWorksIn = (c: PowerCase, id: string): readonly ConditionId[] =>
  worksIn(c.supply, id === 'fan-relay' ? 'fan' : id === 'pump-relay' ? 'pump' : 'ecu')

/** Does every relay pull in, hold at the deepest sag, and not chatter? */
export const judgeRelays = (c: PowerCase): PowerVerdict[] =>
  (c.solved.car.network.relays ?? []).flatMap(({ id }): PowerVerdict[] => {
    const all = CONDITIONS.filter((k) => relayWorksIn(c, id).includes(k)).map((condition) => ({
      condition,
      f: c.solved.at[condition].parts[id] as RelayFigures,
      chatters: c.solved.at[condition].chattering.includes(id),
    }))
    const chatter = all.find((a) => a.chatters)
    const out = all.find((a) => !a.f.energised)
    const worst = all.reduce((a, b) => (Math.abs(b.f.coilV) < Math.abs(a.f.coilV) ? b : a))
    const shown = chatter ?? out ?? worst
    const pull = shown.f.pullInV
    const marginal = Math.abs(worst.f.coilV) < pull
    const name = RELAY_WORDS[id] ?? id
    return [
      {
        ...plain,
        id: `relay-${id}`,
        subject: { kind: 'relay', sensor: 0 },
        title: chatter
          ? `${name} chatters`
          : out
            ? `${name} does not pull in`
            : marginal
              ? `${name} only just holds`
              : `${name} holds`,
        state: chatter || out ? 'stop' : marginal ? 'caution' : 'ok',
        figureName: 'coil',
        figure: fig(Math.abs(shown.f.coilV), 'voltage', 1),
        limitName: 'pulls in at',
        limit: fig(pull, 'voltage', 1),
        margin: fig(Math.abs(shown.f.coilV) - pull, 'voltage', 1),
        reason: say`${CONDITION_WORDS[shown.condition]}. With its coil at ${fig(c.supply.relay.coilK, 'temperature', 0)} it pulls in at ${fig(pull, 'voltage', 1)} and drops out at ${fig(shown.f.dropOutV, 'voltage', 1)}${marginal && !out && !chatter ? ': once dropped out at this sag it would not pull in again' : ''}.`,
        source: 'solved network; resistance of copper by temperature',
        pointId: shown.condition,
      },
    ]
  })

/** Devices that nothing connects, and loads that pull the supply down. */
export const judgeConnected = (c: PowerCase): PowerVerdict[] => {
  const bare = DEVICES.filter((d) => {
    const all = voltsOfDevice(c.solved, d)
    return all.length > 0 && all.every((v) => Math.abs(v.volts) < 0.5)
  })
  const collapsed = CONDITIONS.flatMap((id) => c.solved.at[id].collapsed.map((load) => ({ id, load })))
  return [
    ...bare.map((d): PowerVerdict => ({
      ...plain,
      id: `bare-${d}`,
      subject: { kind: 'bare', sensor: DEVICES.indexOf(d) },
      title: `${DEVICE_WORDS[d]} connected to nothing`,
      state: 'stop',
      reason: say`No feed or no earth reaches it in any condition in which it must work.`,
      source: 'solved network',
    })),
    ...collapsed.slice(0, 1).map(({ id, load }): PowerVerdict => ({
      ...plain,
      id: 'collapse',
      title: `Supply of the ${DEVICE_WORDS[load as DeviceId] ?? load} collapses`,
      state: 'stop',
      reason: say`${CONDITION_WORDS[id]}: the lower the voltage, the more an electronic load draws; its feed cannot carry that.`,
      source: 'solved network',
      pointId: id,
    })),
  ]
}

/** What is lost in the old charging path, and how hot its joints get. */
export const judgeOldPath = (c: PowerCase): PowerVerdict | null => {
  const parts = ['ammeter', 'bulkhead-connector', 'fusible-link'].filter((id) => c.solved.at['night-rain'].parts[id])
  if (parts.length === 0) return null
  const hottest = parts
    .map((id) => ({ id, f: c.solved.at['night-rain'].parts[id] as LoadFigures & { lossW: number } }))
    .reduce((a, b) => (b.f.lossW > a.f.lossW ? b : a))
  const words = { ammeter: 'Ammeter', 'bulkhead-connector': 'Bulkhead connector', 'fusible-link': 'Fusible link' }
  const name = words[hottest.id as keyof typeof words]
  const { lossW, currentA } = hottest.f
  return {
    ...plain,
    id: 'old-path',
    title: lossW > 3 ? `${name} gets hot` : 'Old charging path',
    state: lossW > 8 ? 'stop' : lossW > 3 ? 'caution' : 'ok',
    figureName: 'heat in it',
    figure: fig(lossW, 'heat', 1),
    limitName: 'at most',
    limit: fig(3, 'heat', 0),
    margin: fig(3 - lossW, 'heat', 1),
    next: say`Take the charging cable straight to the starter stud, and the new loads off the old path`,
    reason: say`${name}: ${fig(Math.abs(currentA), 'current', 0)} through it idling at night in rain. Measure its drop: 5 mΩ at 30 A is 4.5 W in one joint.`,
    source: 'solved network; 3 W in a joint: rule of thumb',
    pointId: 'night-rain',
  }
}

/** What of the old wiring nobody has looked for, and what is taken for granted until then. */
export const judgeOldWiring = (c: PowerCase): PowerVerdict => {
  const { ammeter } = c.found.wiring
  const { bulkheadConnector, chargeLamp, fusibleLink, killSwitch } = c.power.old
  const open = [
    ...(ammeter === null ? ['ammeter'] : []),
    ...(bulkheadConnector === null ? ['bulkhead connector'] : []),
    ...(fusibleLink === null ? ['fusible link'] : []),
    ...(c.coilResistor === null ? ['ballast of the coil'] : []),
    ...(killSwitch === null ? ['kill switch'] : []),
    ...(chargeLamp === null ? ['charging lamp'] : []),
  ]
  const base = { ...plain, id: 'old-wiring', source: 'as found' }
  return open.length === 0
    ? { ...base, title: 'Old wiring looked at', state: 'ok', reason: say`Ammeter, connector, link, ballast, kill switch and charging lamp are as found.` } // prettier-ignore
    : {
        ...base,
        title: 'Old wiring not looked at yet',
        state: 'unknown',
        next: say`Look for: ${open.join(', ')}`,
        reason: say`Not looked for: ${open.join(', ')}. Until then they are taken as not there, a charging lamp as there where no ammeter is.`,
      }
}
