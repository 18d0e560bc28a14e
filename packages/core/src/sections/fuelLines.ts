import {
  always,
  count,
  emptyOf,
  figure,
  flag,
  group,
  listOf,
  name,
  newItem,
  part,
  whole,
  type ItemOf,
  type ValueOf,
} from '../shape/index.ts'
import type { FittingPart, HosePart } from '../parts/parts.ts'

const hose = part<HosePart>()('hoses')
const fitting = part<FittingPart>()('fittings')

/** One cut piece of a line, from sealing seat to sealing seat. */
export const LEG = group({
  name: name(60),
  /** Null: as the line. */
  hose,
  /** Along the path, by string. */
  lengthM: figure('distance', 0.02, 20, 'm'),
  /** Null where nobody has counted. */
  bends90: whole(0, 20),
  bends45: whole(0, 20),
  /** The tightest one, inside. */
  bendRadiusM: figure('bore', 0, 2, 'm'),
  start: fitting,
  end: fitting,
  /** What one end moves with while the other is fixed to the body; or the leg lies inside the tank. */
  moves: always(['no', 'tank', 'engine', 'inside']),
  /** Nearest approach to the exhaust; null where it does not come near. */
  exhaustGapM: figure('bore', 0, 5, 'm'),
  sleeved: flag,
  /** Near linkage, fan, axle or steering. */
  nearMotion: flag,
  /** Panels it passes through. */
  panels: count(0, 10, 0),
})
export type LineLeg = ItemOf<typeof LEG>
export type LegMoves = LineLeg['moves']
/** A leg of which only the name is known, under the id its maker gave it. */
export const emptyLeg = (id: string, name: string): LineLeg => newItem(LEG, id, { name })

/** One line of the circuit: in one figure, or leg by leg where `legs` is not empty. */
export const LINE = group({
  hose,
  /** Measured bore; wins over the hose's listed one. */
  measuredBoreM: figure('bore', 0.002, 0.03, 'm'),
  lengthM: figure('distance', 0, 20, 'm'),
  /** From start to end, positive upwards. */
  riseM: figure('distance', -3, 3, 'm'),
  /** Null where nobody has counted. */
  bends90: whole(0, 50),
  bends45: whole(0, 50),
  connectors: whole(0, 50),
  legs: listOf(LEG, 40, 'leg'),
})
export type LineDesign = ValueOf<typeof LINE>
export const emptyLine: LineDesign = emptyOf(LINE)

/** What a line has of bends and connectors while nobody has counted: rules of thumb. */
export const USUAL_COUNTS = { bends90: 2, bends45: 0, connectors: 2 } as const
export type LineCount = keyof typeof USUAL_COUNTS

export const LINE_NAMES = ['feed', 'return', 'suction', 'vent'] as const
export type LineName = (typeof LINE_NAMES)[number]
