import type { FilterPart, HosePart, PumpPart, RegulatorPart } from '../../parts/index.ts'
import type { FuelLoop } from '../../sections/index.ts'
import type { Fluid, Line, Loss } from '../circuitTypes.ts'

/** One moment the system must stand. */
export interface CombinationPoint {
  readonly id: string
  readonly fluid: Fluid
  readonly demandM3S: number
  readonly voltageV: number
  readonly referencePa: number
  /** Drop of the fine filter over its clean one. */
  readonly filterFactor: number
}

/** Way of a line whatever hose it is made of. */
export interface LinePath {
  readonly lengthM: number
  readonly riseM: number
  readonly minorK: number
}

export interface CombinationCase {
  readonly loop: FuelLoop
  readonly setPressurePa: number
  readonly referenced: boolean
  readonly ethanolShare: number
  readonly highV: number
  readonly points: readonly CombinationPoint[]
  /** The point heat and current are told for. */
  readonly cruiseId: string
  /** Between which the rail of a single line sinks. */
  readonly idleId: string
  readonly fullId: string
  readonly pumpCount: number
  /** Before a pump in the line. */
  readonly strainer: Loss | null
  /** On a pump that hangs in the tank. */
  readonly sock: Loss | null
  /** Before an in-line pump. */
  readonly suction: Line | null
  readonly feedPath: LinePath
  readonly returnPath: LinePath
  /** The fuel comes back warmer by this. */
  readonly returnWarmerK: number
  readonly pumps: readonly PumpPart[]
  readonly feeds: readonly HosePart[]
  /** Not used in a single-line system. */
  readonly returns: readonly HosePart[]
  readonly filters: readonly FilterPart[]
  readonly regulators: readonly RegulatorPart[]
}

/** Every reason against a combination, in the order in which they are asked: the later, the nearer to passing. */
export const COMBINATION_FAILURES = [
  'pump stalls at a voltage',
  'regulator is made for a module',
  'regulator cannot be set to it',
  'regulator has no reference port',
  'hose is not rated for the fuel',
  'shut-off pressure of the pump not known',
  'hose is not rated for the pressure',
  'filter is not rated for the pressure',
  'regulator is not rated for the pressure',
  'pressure not maintained',
  'rail pressure above set',
  'feed drops too much of the pressure',
  'reserve below 15 %',
  'less than 10 % return-line margin',
  'feed drops more than 4 % of the pressure',
] as const
export type CombinationFailure = (typeof COMBINATION_FAILURES)[number]

export interface Combination {
  readonly pumpId: string
  readonly feedId: string
  /** Null in a single-line system. */
  readonly returnId: string | null
  readonly filterId: string
  readonly regulatorId: string
  /** Null where it passes; else the first reason against it. */
  readonly fails: CombinationFailure | null
  /** Demand to spare at the tightest moment, as a share. */
  readonly reserve: number
  readonly tightestId: string
  /** Share of the set pressure left behind the regulator at the moment of most return; 1 in a single line. */
  readonly headroom: number
  /** At cruise. */
  readonly currentA: number
  readonly heatW: number
  /** 1 to 5. */
  readonly noiseClass: number
  /** Sum of the price classes of its parts. */
  readonly price: number
  /** Not beaten in price, noise and reserve at once by another that passes. */
  readonly best: boolean
}
