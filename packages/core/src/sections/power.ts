import { WIRE_SIZE_IDS } from '../parts/index.ts'
import {
  always,
  figure,
  group,
  listOf,
  name,
  newItem,
  seen,
  text,
  whole,
  word,
  type ItemOf,
  type ValueOf,
} from '../shape/index.ts'

/** Every wire that the design names, from the battery on. */
export const WIRE_ROLES = [
  'starterCable',
  'batteryEarth',
  'engineStrap',
  'bodyStrap',
  'chargeCable',
  'oldFeed',
  'lightsFeed',
  'ignitionFeed',
  'ecuFeed',
  'ecuEarth',
  'keyedFeed',
  'pumpFeed',
  'pumpEarth',
  'fanFeed',
  'fanEarth',
] as const
export type WireRole = (typeof WIRE_ROLES)[number]

const [firstSize, ...sizes] = WIRE_SIZE_IDS

/** One wire, one way. Null: not measured or not decided yet. */
export const POWER_WIRE = group({
  lengthM: figure('distance', 0.05, 20, 'm'),
  size: word<string>(firstSize!, ...sizes),
  /** How its two terminals look. */
  joints: word('good', 'fair', 'poor', 'rusty'),
  ambient: word('cabin', 'bay', 'hot'),
  insulation: word('xlpe', 'pvc'),
  /** Wires of its bundle that carry current at the same time, itself among them. */
  loadedWires: whole(1, 20),
  fuseA: figure('current', 1, 300, 'A'),
  /** End to end with the starter turning: it decides over length and size. */
  crankDropV: figure('voltage', 0, 12, 'V'),
})
export type PowerWire = ValueOf<typeof POWER_WIRE>

/** What a generator gives at a speed of its own shaft. */
const OUTPUT_POINT = group({
  speedRpm: figure('engineSpeed', 0, 20_000, 'rpm of its own shaft'),
  currentA: figure('current', 0, 300, 'A'),
})
export type OutputPoint = ItemOf<typeof OUTPUT_POINT>
export const emptyOutputPoint = (id: string): OutputPoint => newItem(OUTPUT_POINT, id, {})

/** An old wire that comes alive with the key, as a meter found it. */
const KEYED_WIRE = group({
  name: name(60),
  /** Key off, key on, and with the starter turning; the battery's own terminals in that same start. */
  offV: figure('voltage', 0, 16, 'V'),
  runV: figure('voltage', 0, 16, 'V'),
  startV: figure('voltage', 0, 16, 'V'),
  postsV: figure('voltage', 0, 16, 'V'),
})
export type KeyedWire = ItemOf<typeof KEYED_WIRE>
export const emptyKeyedWire = (id: string, called: string): KeyedWire => newItem(KEYED_WIRE, id, { name: called })

/** One position of the old fuse box. */
const BOX_POSITION = group({
  name: name(40),
  /** What hangs on it; empty where nothing does. */
  feeds: text(80),
  live: word('always', 'run', 'run-and-start', 'lights'),
  ratingA: figure('current', 1, 100, 'A'),
})
export type BoxPosition = ItemOf<typeof BOX_POSITION>
export const emptyBoxPosition = (id: string, called: string): BoxPosition => newItem(BOX_POSITION, id, { name: called })

/** Where the return of a sensor goes; a thermistor may by mistake go to the 5 V reference. */
const RETURNS = ['ecu', 'block', 'head', 'body', 'battery'] as const
const THERMISTOR_RETURNS = [...RETURNS, 'reference'] as const
export type SensorReturn = (typeof THERMISTOR_RETURNS)[number]

/** The car's supply as found, and how the conversion is fed and earthed. */
export const POWER = group({
  battery: group({
    /** By which its cold-crank current was measured. */
    standard: word('en', 'sae'),
    /** Where it shall be; null: where it is. */
    place: word('bay', 'boot', 'under-seat'),
  }),
  generator: group({
    /** At its terminal, warm. */
    regulatorV: figure('voltage', 12, 16, 'V'),
    /** Of its own shaft. */
    cutInRpm: figure('engineSpeed', 300, 4000, 'rpm of its own shaft'),
    output: listOf(OUTPUT_POINT, 12, 'point'),
    /** Where its output cable ends. */
    joins: word('starter-stud', 'old-main', 'battery'),
  }),
  old: group({
    bulkheadConnector: seen,
    fusibleLink: seen,
    /** Full: battery, keyed feed and generator field together. */
    killSwitch: word('none', 'battery', 'ignition', 'full'),
    /** A charging lamp between ignition and the generator's field. */
    chargeLamp: seen,
    keyedWires: listOf(KEYED_WIRE, 12, 'keyed wire'),
    box: listOf(BOX_POSITION, 24, 'position'),
  }),
  starter: group({ powerW: figure('heat', 300, 6000, 'W') }),
  design: group({
    ecuFeed: always(['battery', 'starter-stud', 'kill-switch', 'old-main', 'ignition']),
    ecuEarth: always(['battery', 'block', 'head', 'body']),
    keyedFeed: always(['relay', 'run-and-start', 'run-only', 'after-ballast']),
    pumpFeed: always(['battery', 'starter-stud', 'old-main']),
    pumpEarth: always(['body', 'battery', 'frame']),
    /** Whether ECU and pump have a relay each. */
    relays: always(['separate', 'shared']),
    fan: word('none', 'relay', 'old-switch'),
    heaterFeed: always(['keyed', 'pump-relay', 'constant']),
    gaugesFeed: always(['ignition', 'pump-relay']),
    /** Crank and cam pick-ups, knock and Hall sensors. */
    pickUpFeed: always(['ecu', 'own-branch', 'coil-branch']),
    /** Battery away from the engine: posts for a helper battery and a timing light. */
    jumpPosts: seen,
    /** What makes the pump stop with the engine. */
    pumpCut: always(['ecu', 'oil-pressure']),
    /** What feeds the ignition coils. */
    coilFeed: always(['key', 'relay']),
    /** Which side of the fan relay's coil the ECU switches. */
    fanTrigger: always(['earth', 'positive']),
    /** Across the relay coils. */
    damping: always(['none', 'diode', 'resistor']),
    /** A diode in the lead of the charging lamp. */
    lampDiode: seen,
  }),
  loads: group({
    ecuW: figure('heat', 1, 200, 'W'),
    headlampsW: figure('heat', 0, 500, 'W'),
    sideLampsW: figure('heat', 0, 200, 'W'),
    blowerA: figure('current', 0, 40, 'A'),
    wipersA: figure('current', 0, 30, 'A'),
    ignitionA: figure('current', 0, 30, 'A'),
    fanA: figure('current', 1, 60, 'A'),
    heaterW: figure('heat', 1, 100, 'W'),
    gaugesA: figure('current', 0, 10, 'A'),
    /** Key off. */
    restA: figure('current', 0, 2, 'A'),
  }),
  relay: group({
    /** Both at 20 °C. */
    pullInV: figure('voltage', 3, 11, 'V'),
    dropOutV: figure('voltage', 0.5, 8, 'V'),
    coilOhm: figure('resistance', 30, 400, 'ohm'),
    /** Of its coil in a hot bay. */
    coilK: figure('temperature', 253.15, 398.15, 'K'),
  }),
  /** Where the return of each sensor goes. */
  sensors: group({
    coolant: always(THERMISTOR_RETURNS),
    air: always(THERMISTOR_RETURNS),
    manifold: always(RETURNS),
    throttle: always(RETURNS),
    oxygen: always(RETURNS),
  }),
  /** Least mean speed of the crank that starts it. */
  leastCrankRpm: figure('engineSpeed', 40, 300, 'rpm'),
  wires: group({
    starterCable: POWER_WIRE,
    batteryEarth: POWER_WIRE,
    engineStrap: POWER_WIRE,
    bodyStrap: POWER_WIRE,
    chargeCable: POWER_WIRE,
    oldFeed: POWER_WIRE,
    lightsFeed: POWER_WIRE,
    ignitionFeed: POWER_WIRE,
    ecuFeed: POWER_WIRE,
    ecuEarth: POWER_WIRE,
    keyedFeed: POWER_WIRE,
    pumpFeed: POWER_WIRE,
    pumpEarth: POWER_WIRE,
    fanFeed: POWER_WIRE,
    fanEarth: POWER_WIRE,
  }),
})
export type PowerSection = ValueOf<typeof POWER>
export type PowerDesign = PowerSection['design']
