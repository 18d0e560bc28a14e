import type { Known } from './known.ts'
import type { FittingPart, HosePart } from './parts.ts'

/** What one end of a leg moves with while the other is fixed to the body; or the leg lies inside the tank. */
export type LegMoves = 'no' | 'tank' | 'engine' | 'inside'

/** One cut piece of a line, from sealing seat to sealing seat. */
export interface LineLeg {
  readonly name: string
  /** Null: as the line. */
  readonly hose: HosePart | null
  /** Along the path, by string. */
  readonly lengthM: Known
  readonly bends90: number
  readonly bends45: number
  /** The tightest one, inside. */
  readonly bendRadiusM: Known
  readonly start: FittingPart | null
  readonly end: FittingPart | null
  readonly moves: LegMoves
  /** Nearest approach to the exhaust; null where it does not come near. */
  readonly exhaustGapM: Known
  readonly sleeved: boolean
  /** Near linkage, fan, axle or steering. */
  readonly nearMotion: boolean
  /** Panels it passes through. */
  readonly panels: number
}

/** One line of the circuit: in one figure, or leg by leg where `legs` is not empty. */
export interface LineDesign {
  readonly hose: HosePart | null
  /** Measured bore; wins over the hose's listed one. */
  readonly measuredBoreM: Known
  readonly lengthM: Known
  /** From start to end, positive upwards. */
  readonly riseM: Known
  readonly bends90: number
  readonly bends45: number
  readonly connectors: number
  readonly legs: readonly LineLeg[]
}

export const LINE_NAMES = ['feed', 'return', 'suction', 'vent'] as const
export type LineName = (typeof LINE_NAMES)[number]

export const emptyLine: LineDesign = {
  hose: null,
  measuredBoreM: null,
  lengthM: null,
  riseM: null,
  bends90: 2,
  bends45: 0,
  connectors: 2,
  legs: [],
}

export const emptyLeg = (name: string): LineLeg => ({
  name,
  hose: null,
  lengthM: null,
  bends90: 0,
  bends45: 0,
  bendRadiusM: null,
  start: null,
  end: null,
  moves: 'no',
  exhaustGapM: null,
  sleeved: false,
  nearMotion: false,
  panels: 0,
})
