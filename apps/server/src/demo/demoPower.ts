import {
  emptyJob,
  type BoxPosition,
  type KeyedWire,
  type PowerSection,
  type PowerWire,
  type WireRole,
} from '@lochmoor/core'

const { power: nothing } = emptyJob('')
const noWire = nothing.wires.ecuFeed

const wired = (wires: Partial<Record<WireRole, Partial<PowerWire>>>): PowerSection['wires'] => ({
  ...nothing.wires,
  ...Object.fromEntries(Object.entries(wires).map(([role, w]) => [role, { ...noWire, ...w }])),
})
const output = (...points: readonly (readonly [number, number])[]): PowerSection['generator']['output'] =>
  points.map(([speedRpm, currentA], i) => ({ id: `point-${i + 1}`, speedRpm, currentA }))
const good = (lengthM: number, size: string, more: Partial<PowerWire> = {}): Partial<PowerWire> => ({
  lengthM,
  size,
  joints: 'good',
  ...more,
})

const keyed = (
  ...wires: readonly (readonly [name: string, offV: number, runV: number, startV: number, postsV: number])[]
): KeyedWire[] =>
  wires.map(([name, offV, runV, startV, postsV], i) => ({ id: `keyed-${i + 1}`, name, offV, runV, startV, postsV }))
const fuseBox = (
  ...positions: readonly (readonly [feeds: string, live: BoxPosition['live'], ratingA: number])[]
): BoxPosition[] =>
  positions.map(([feeds, live, ratingA], i) => ({ id: `box-${i + 1}`, name: String(i + 1), feeds, live, ratingA }))

/** Positive earth: refused before anything is worked out. */
export const CARRIER_POWER: PowerSection = { ...nothing, battery: { standard: 'en', place: null } }

/** Fed and earthed at the battery, every wire measured: right, with margin. */
export const CURLEW_POWER: PowerSection = {
  ...nothing,
  battery: { standard: 'en', place: 'bay' },
  generator: {
    regulatorV: 14.3,
    cutInRpm: 1050,
    joins: 'starter-stud',
    output: output([1050, 0], [1300, 20], [1700, 34], [3000, 47], [6000, 56]),
  },
  old: {
    bulkheadConnector: true,
    fusibleLink: false,
    killSwitch: 'none',
    chargeLamp: true,
    keyedWires: keyed(
      ['ignition feed', 0, 12.3, 10.2, 10.5],
      ['heater blower', 0, 12.2, 0, 10.5],
      ['solenoid', 0, 0, 10, 10.4],
    ),
    box: fuseBox(
      ['horn, interior lamp', 'always', 20],
      ['wipers, gauges', 'run', 15],
      ['', 'run', 10],
      ['head and side lamps', 'lights', 20],
    ),
  },
  starter: { powerW: 1500 },
  loads: {
    ecuW: 9,
    headlampsW: 110,
    sideLampsW: 28,
    blowerA: 4.5,
    wipersA: 2.8,
    ignitionA: 3.6,
    fanA: null,
    heaterW: 14,
    gaugesA: 0.6,
    restA: 0.015,
  },
  relay: { pullInV: 7.2, dropOutV: 2.6, coilOhm: 90, coilK: 323.15 },
  wires: wired({
    starterCable: good(0.75, 'mm2-25', { crankDropV: 0.18, ambient: 'bay' }),
    batteryEarth: good(0.55, 'mm2-25', { crankDropV: 0.08, ambient: 'bay' }),
    engineStrap: good(0.35, 'mm2-16', { ambient: 'bay' }),
    bodyStrap: good(0.4, 'mm2-10', { ambient: 'bay' }),
    chargeCable: good(0.9, 'mm2-10', { ambient: 'bay' }),
    oldFeed: { lengthM: 1.3, size: 'mm2-4', joints: 'fair', ambient: 'cabin' },
    lightsFeed: { lengthM: 0.8, size: 'mm2-4', joints: 'fair', ambient: 'cabin' },
    ignitionFeed: { lengthM: 1.2, size: 'mm2-1.5', joints: 'fair', ambient: 'bay' },
    ecuFeed: good(1.6, 'mm2-4', { ambient: 'cabin', fuseA: 20 }),
    ecuEarth: good(1.6, 'mm2-4', { ambient: 'cabin' }),
    keyedFeed: good(0.8, 'mm2-1', { ambient: 'cabin' }),
    pumpFeed: good(4.6, 'mm2-2.5', { ambient: 'cabin', fuseA: 15 }),
    pumpEarth: good(0.4, 'mm2-2.5', { ambient: 'cabin' }),
  }),
}

/** Battery moved to the boot on a cable that was at hand: cranking cold, what it drops resets the ECU at the stud. */
export const WARDEN_POWER: PowerSection = {
  ...nothing,
  battery: { standard: 'sae', place: 'boot' },
  generator: { ...nothing.generator, regulatorV: 14.1, output: output([900, 0], [1260, 31], [2000, 48], [6000, 70]) },
  old: {
    ...nothing.old,
    bulkheadConnector: true,
    fusibleLink: false,
    killSwitch: 'none',
    chargeLamp: true,
    keyedWires: keyed(['choke heater', 0, 12.2, 9.7, 10.1], ['radio', 0, 12.3, 0, 10.1]),
    box: fuseBox(
      ['horn, clock', 'always', 20],
      ['wipers, blower', 'run', 20],
      ['brake lamps', 'run', 10],
      ['lamps', 'lights', 20],
    ),
  },
  design: { ...nothing.design, ecuFeed: 'starter-stud', ecuEarth: 'block', jumpPosts: false },
  wires: wired({
    starterCable: { lengthM: 4.8, size: 'mm2-16', joints: 'fair', ambient: 'cabin' },
    bodyStrap: good(0.5, 'mm2-16', { ambient: 'cabin' }),
    engineStrap: { lengthM: 0.45, size: 'mm2-16', joints: 'fair', ambient: 'bay' },
    ecuFeed: good(1.4, 'mm2-4', { ambient: 'cabin', fuseA: 20 }),
    ecuEarth: good(1.2, 'mm2-4', { ambient: 'bay' }),
    pumpFeed: good(1.2, 'mm2-2.5', { ambient: 'cabin', fuseA: 15 }),
  }),
}

/** A dynamo that gives nothing at idle, whatever its pulley. */
export const LINNET_POWER: PowerSection = {
  ...nothing,
  generator: { ...nothing.generator, regulatorV: 14, cutInRpm: 1350, joins: 'old-main' },
  wires: wired({ pumpFeed: good(4.2, 'mm2-1.5', { ambient: 'cabin', fuseA: 10 }) }),
}
