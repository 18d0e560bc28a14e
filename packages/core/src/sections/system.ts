import {
  always,
  figure,
  group,
  maybe,
  numeral,
  part,
  seen,
  setOf,
  text,
  whole,
  word,
  type ValueOf,
} from '../shape/index.ts'
import type { ControllerPart } from '../parts/parts.ts'

/** One way of building the system, without the parts. */
export const ARCHITECTURE = group({
  injection: always(['throttle-body-low', 'throttle-body-high', 'port']),
  /** From single parts, as a kit made for this very engine, or on another manifold with the right pad. */
  build: always(['from-parts', 'ready-kit', 'other-manifold']),
  firing: always(['batch', 'sequential']),
  timing: always(['none', 'controlled-distributor', 'locked-distributor', 'crank-trigger']),
  /** Where the controller takes engine speed and position from. */
  trigger: always(['coil', 'distributor', 'crank-wheel', 'crank-and-cam']),
  oxygenSensors: numeral(1, 2),
  fuelLoop: always(['return', 'single-line']),
  pumpPlace: always(['in-tank', 'in-line']),
})
export type Architecture = ValueOf<typeof ARCHITECTURE>
export type Injection = Architecture['injection']
export type Build = Architecture['build']
export type Firing = Architecture['firing']
export type Timing = Architecture['timing']
export type Trigger = Architecture['trigger']

export const USES = ['daily', 'anybody', 'cold-starts', 'long-trips', 'towing', 'shows', 'track'] as const
export type Use = (typeof USES)[number]

export const SIGNALS = [
  'brake',
  'cooling-request',
  'road-speed',
  'knock',
  'oil-pressure',
  'ambient-pressure',
  'second-fan',
  'speedometer',
] as const
export type Signal = (typeof SIGNALS)[number]

export const LATER = ['fan', 'second-sensor', 'gearbox', 'timing', 'signals'] as const
export type Later = (typeof LATER)[number]

/** What the owner wants of the conversion, and what was chosen for it. */
export const SYSTEM = group({
  powerLaterW: figure('power', 1e3, 2e6, 'W'),
  boostLaterPa: figure('pressure', 0, 350e3, 'Pa'),
  /** 1 (as cheap as will do) to 5 (whatever it takes). */
  budgetClass: whole(1, 5, 'from cheap to expensive'),
  originality: word('looks-stock', 'can-be-undone', 'free'),
  welder: word('self', 'shop', 'none'),
  timingControl: word('wanted', 'later', 'no'),
  gearboxControl: seen,
  fanControl: seen,
  /** Ids of the candidates laid side by side, at most three. */
  compared: setOf(text(120), 3),
  chosen: maybe(ARCHITECTURE),
  /** The controller, once picked; the job's own copy. */
  controller: part<ControllerPart>()('controllers'),
  reason: text(2000),
  /** What the owner wants the car for: each is tried at hand-over. */
  uses: setOf(word(...USES), USES.length, true),
  /** Further inputs and outputs, by name. */
  signals: setOf(word(...SIGNALS), SIGNALS.length, true),
  /** A controlled distributor made for this engine, or one of another size that its plugs adapt. */
  distributorSize: word('made-for-it', 'other-size'),
  /** Who tunes it. */
  tuning: word('self', 'shop', 'nobody'),
  /** Left for a later stage; the car works without. */
  later: setOf(word(...LATER), LATER.length, true),
  /** The controller as it was delivered. */
  asDelivered: group({
    revision: text(40),
    pumpSwitch: text(20),
    marketSwitch: text(20),
    connectors: text(80),
  }),
})
export type SystemSection = ValueOf<typeof SYSTEM>
