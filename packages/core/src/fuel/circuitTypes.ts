import type { PumpPoint } from '../parts/index.ts'
import type { Fluid } from '../engine/fuelProperties.ts'
/** A loss given by one data point: drop(q) = dropPa (a q/flow + (1 - a)(q/flow)²), a = linearShare. */
export interface Loss {
  readonly flowM3S: number
  readonly dropPa: number
  /** 0 (purely quadratic, the default) to 1 (purely linear). */
  readonly linearShare?: number
}

/** One line from start to end. `riseM` is positive where the end lies higher. */
export interface Line {
  readonly boreM: number
  readonly lengthM: number
  readonly roughnessM: number
  /** Sum of the loss coefficients of bends, fittings, entry and exit. */
  readonly minorK: number
  readonly riseM: number
  /** Pieces of another bore that follow in series; the rise is that of the whole. */
  readonly then?: readonly LinePiece[]
}

export type LinePiece = Omit<Line, 'riseM' | 'then'>

export interface FuelRegulator {
  readonly type: 'return' | 'single-line'
  readonly setPressurePa: number
  /** Pressure at the reference hose: boost +, vacuum -, 0 without one (the default). */
  readonly referencePa?: number
  /** Wide open it is this fixed quadratic restriction; null: none. */
  readonly fullOpen: { readonly flowM3S: number; readonly dropPa: number } | null
  /** Rise of the held pressure per flow passed back, >= 0 (default 0). */
  readonly slopePaPerM3S?: number
}

export interface FuelFilter extends Loss {
  readonly position?: 'before-regulator' | 'after-regulator'
}

/** One fuel circuit at one operating point. Pressures gauge unless named otherwise, SI throughout. */
export interface FuelCircuit {
  readonly fluid: Fluid
  readonly tankPressurePa?: number
  readonly strainer: Loss | null
  /** From the tank to an in-line pump; its rise is part of the feed's and not used here. */
  readonly suction?: Line | null
  /** Points in rising pressure with strictly falling flow, at the pump's actual voltage. */
  readonly pump: { readonly curve: readonly PumpPoint[] }
  readonly filter: FuelFilter | null
  readonly feed: Line
  readonly return: Line | null
  readonly demandM3S: number
  readonly regulator: FuelRegulator
  /** Absolute; 101325 by default. */
  readonly ambientPa?: number
  /** Absolute true vapour pressure at the fuel's temperature; asks for `inletMarginPa`. */
  readonly vapourPressurePa?: number
}

export type CircuitState = 'in-control' | 'not-held' | 'lifted' | 'starved'
export type CircuitCause = 'pump' | 'line' | 'return' | 'regulator'

export interface LineFlow {
  readonly velocityMS: number
  readonly reynolds: number
}

/** The answer. Numbers that do not exist in a starved circuit are null; flows that do not occur are 0. */
export interface FuelCircuitAnswer {
  readonly state: CircuitState
  readonly cause: CircuitCause | null
  readonly effectiveSetPa: number
  /** At the point the regulator holds: the rail (return type) or the tank module (single-line). */
  readonly regulatedPa: number | null
  readonly railPa: number | null
  readonly pumpFlowM3S: number
  readonly pumpInletPa: number | null
  readonly pumpOutletPa: number | null
  readonly strainerDropPa: number | null
  readonly filterDropPa: number | null
  readonly feedDropPa: number | null
  readonly feedFlowM3S: number
  readonly returnFlowM3S: number
  readonly returnDropPa: number | null
  /** At the regulator's outlet: tank pressure + static column + return loss. */
  readonly regulatorBackPa: number | null
  readonly feed: LineFlow
  readonly return: LineFlow | null
  /** Absolute inlet pressure minus vapour pressure; null unless the vapour pressure was given. */
  readonly inletMarginPa: number | null
  readonly warnings: readonly string[]
}

export type { Fluid }
export type { PumpPoint }
