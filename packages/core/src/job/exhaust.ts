import type { Known } from './known.ts'
import type { BungPart, SensorPart } from './parts.ts'

/** What a piece of the exhaust is, from the ports to the open end. */
export const PIECE_KINDS = [
  'primaries',
  'log',
  'merge',
  'pipe',
  'flexible',
  'turbine',
  'catalyst',
  'silencer',
  'crossover',
  'open-end',
] as const
export type PieceKind = (typeof PIECE_KINDS)[number]

/** How the upstream end of a piece is joined to what comes before it; one-piece: the same tube goes on, bent or not. */
export const JOINT_KINDS = ['one-piece', 'gasket', 'welded', 'flange', 'slip', 'clamped', 'ball'] as const
export type JointKind = (typeof JOINT_KINDS)[number]

/** One piece of an exhaust as measured, m and degrees. */
export interface ExhaustPiece {
  readonly name: string
  readonly kind: PieceKind
  /** Alike side by side, such as primaries: each carries its share of the gas. */
  readonly count: number
  readonly lengthM: Known
  /** Outside diameter by caliper. */
  readonly outsideM: Known
  /** Once around by tape; where both are given the tape decides. */
  readonly roundM: Known
  readonly wallM: Known
  /** Spread evenly over the length of the piece; 0 straight. */
  readonly bendDeg: Known
  /** Of the centreline. */
  readonly bendRadiusM: Known
  /** Where the bend turns to, as a clock angle looking against the flow: 0 up, 90 right, 180 down, 270 left. */
  readonly bendClockDeg: Known
  /** At the start of the piece: rise towards the tail, down is negative. Null: as the piece before it ends. */
  readonly inclinationDeg: Known
  readonly joint: JointKind
  readonly jointState: 'tight' | 'leaks' | null
  /** Of the leak found at that joint: a round hole of the same area. */
  readonly leakM: Known
  readonly covered: 'bare' | 'wrapped' | 'coated'
  /** Turbine only: where the wastegate's gas comes back, downstream of the piece's end. */
  readonly wastegateReturnM: Known
}

export const emptyPiece = (kind: PieceKind, name: string): ExhaustPiece => ({
  name,
  kind,
  count: 1,
  lengthM: null,
  outsideM: null,
  roundM: null,
  wallM: null,
  bendDeg: null,
  bendRadiusM: null,
  bendClockDeg: null,
  inclinationDeg: null,
  joint: kind === 'primaries' || kind === 'log' ? 'gasket' : 'welded',
  jointState: null,
  leakM: null,
  covered: 'bare',
  wastegateReturnM: null,
})

/** One bank from its ports to where it joins the other, or to the open end. */
export interface ExhaustBank {
  /** Numbers of the cylinders that breathe into it. */
  readonly cylinders: readonly number[]
  /** First port: height above the ground and place right of the car's middle. */
  readonly portHeightM: Known
  readonly portAcrossM: Known
  /** In plan, at the ports: 0 rearwards, 90 to the right. */
  readonly headingDeg: Known
  readonly pieces: readonly ExhaustPiece[]
}

export const emptyBank: ExhaustBank = {
  cylinders: [],
  portHeightM: null,
  portAcrossM: null,
  headingDeg: null,
  pieces: [],
}

/** A stretch of exhaust that has its own measure from its own merge: a bank, or the pipe that both banks share. */
export type RunId = 'a' | 'b' | 'common'

/** A thing near the pipe, as a patch on the unrolled pipe at a distance from its surface. */
export interface ExhaustObstacle {
  readonly name: string
  readonly run: RunId
  /** Middle of it, from the merge's downstream edge (the common pipe: from its start), downstream positive. */
  readonly alongM: Known
  /** Along the pipe. */
  readonly lengthM: Known
  /** Clock angle of its middle, looking against the flow; 0 is the top line. */
  readonly clockDeg: Known
  /** Around the pipe. */
  readonly widthDeg: Known
  /** From the pipe's surface. */
  readonly gapM: Known
  readonly moves: boolean
  /** The same at the other end of its travel; null: as at the first. */
  readonly otherAlongM: Known
  readonly otherClockDeg: Known
  readonly otherGapM: Known
}

export const emptyObstacle = (name: string, run: RunId): ExhaustObstacle => ({
  name,
  run,
  alongM: null,
  lengthM: null,
  clockDeg: null,
  widthDeg: null,
  gapM: null,
  moves: false,
  otherAlongM: null,
  otherClockDeg: null,
  otherGapM: null,
})

/** Where a sensor shall sit. */
export interface SensorSpot {
  readonly run: RunId
  /** Hole centre from the merge's downstream edge, along the top line. */
  readonly alongM: number
  /** Looking against the flow, 0 the top line, 90 right. */
  readonly clockDeg: number
}

export const DISTANCE_SCHOOLS = ['near', 'middle', 'far', 'far-racing'] as const
export type DistanceSchool = (typeof DISTANCE_SCHOOLS)[number]
export const ANGLE_SCHOOLS = ['level', 'five', 'ten'] as const
export type AngleSchool = (typeof ANGLE_SCHOOLS)[number]

/** The exhaust as measured, what is near it, and what was decided about its sensors. */
export interface ExhaustSection {
  readonly banks: readonly ExhaustBank[]
  /** After both banks have joined; empty where they never do or there is one only. */
  readonly common: readonly ExhaustPiece[]
  readonly obstacles: readonly ExhaustObstacle[]
  /** To be kept under the car. */
  readonly groundClearanceM: Known
  readonly school: DistanceSchool
  readonly angleSchool: AngleSchool
  /** 0 to 2. Null: as the chosen system wants it. */
  readonly sensorCount: Known
  readonly spots: readonly SensorSpot[]
  readonly sensor: SensorPart | null
  /** Type entered in the controller before the sensor was plugged in. */
  readonly typeSet: boolean | null
  readonly bung: BungPart | null
  readonly material: 'mild-steel' | 'stainless' | 'aluminised' | 'cast' | null
  readonly joinBy: 'weld' | 'clamp' | null
  /** Path of the cable from the sensor to the harness's connector, as a string laid where it will lie. */
  readonly cablePathM: Known
  /** Least distance of that path from the pipe. */
  readonly cableGapM: Known
  readonly airInjection: 'none' | 'ports' | 'catalyst' | 'shut-off' | null
  readonly heatRiser: 'none' | 'working' | 'wired-open' | 'seized' | null
  readonly heatRiserBank: 'a' | 'b' | null
  readonly leadedFuel: boolean | null
  /** Most the loop may add or take away. */
  readonly correctionLimit: Known
  /** Mixture in open loop, lambda. */
  readonly openLoopLambda: Known
  /** Which bank's injectors the controller steers by sensor A and by sensor B. */
  readonly steers: { readonly a: 'a' | 'b' | null; readonly b: 'a' | 'b' | null }
  /** What unplugging one injector of bank A showed. */
  readonly bankTest: 'own-went-lean' | 'other-went-lean' | null
}

export const emptyExhaust: ExhaustSection = {
  banks: [],
  common: [],
  obstacles: [],
  groundClearanceM: null,
  school: 'middle',
  angleSchool: 'ten',
  sensorCount: null,
  spots: [],
  sensor: null,
  typeSet: null,
  bung: null,
  material: null,
  joinBy: null,
  cablePathM: null,
  cableGapM: null,
  airInjection: null,
  heatRiser: null,
  heatRiserBank: null,
  leadedFuel: null,
  correctionLimit: null,
  openLoopLambda: null,
  steers: { a: null, b: null },
  bankTest: null,
}
