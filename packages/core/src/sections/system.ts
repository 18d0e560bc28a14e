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
})
export type SystemSection = ValueOf<typeof SYSTEM>
