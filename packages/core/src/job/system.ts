import type { FuelLoop } from './jobDocument.ts'
import type { Known } from './known.ts'
import type { ControllerPart } from './parts.ts'

export type Injection = 'throttle-body-low' | 'throttle-body-high' | 'port'
export type Firing = 'batch' | 'sequential'
export type Timing = 'none' | 'controlled-distributor' | 'locked-distributor' | 'crank-trigger'
/** Where the controller takes engine speed and position from. */
export type Trigger = 'coil' | 'distributor' | 'crank-wheel' | 'crank-and-cam'

/** One way of building the system, without the parts. */
export interface Architecture {
  readonly injection: Injection
  readonly firing: Firing
  readonly timing: Timing
  readonly trigger: Trigger
  readonly oxygenSensors: 1 | 2
  readonly fuelLoop: FuelLoop
  readonly pumpPlace: 'in-tank' | 'in-line'
}

/** What the owner wants of the conversion, and what was chosen for it. */
export interface SystemSection {
  readonly powerLaterW: Known
  readonly boostLaterPa: Known
  /** 1 (as cheap as will do) to 5 (whatever it takes). */
  readonly budgetClass: Known
  readonly originality: 'looks-stock' | 'can-be-undone' | 'free' | null
  readonly welder: 'self' | 'shop' | 'none' | null
  readonly timingControl: 'wanted' | 'later' | 'no' | null
  readonly gearboxControl: boolean | null
  readonly fanControl: boolean | null
  /** Ids of the candidates laid side by side, at most three. */
  readonly compared: readonly string[]
  readonly chosen: Architecture | null
  /** The controller, once picked; the job's own copy. */
  readonly controller: ControllerPart | null
  readonly reason: string
}

export const emptySystem: SystemSection = {
  powerLaterW: null,
  boostLaterPa: null,
  budgetClass: null,
  originality: null,
  welder: null,
  timingControl: null,
  gearboxControl: null,
  fanControl: null,
  compared: [],
  chosen: null,
  controller: null,
  reason: '',
}
