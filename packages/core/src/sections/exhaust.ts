import {
  always,
  count,
  figure,
  flag,
  given,
  group,
  listOf,
  maybe,
  name,
  newItem,
  part,
  seats,
  seen,
  setOf,
  text,
  whole,
  word,
  emptyOf,
  type ItemOf,
  type ValueOf,
} from '../shape/index.ts'
import type { BungPart, SensorPart } from '../parts/parts.ts'

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
export const PIECE = group({
  name: name(60),
  kind: always(PIECE_KINDS, 'pipe'),
  /** Alike side by side, such as primaries: each carries its share of the gas. */
  count: count(1, 8, 1),
  lengthM: figure('bore', 0.005, 6, 'm'),
  /** Outside diameter by caliper. */
  outsideM: figure('bore', 0.012, 0.3, 'm'),
  /** Once around by tape; where both are given the tape decides. */
  roundM: figure('bore', 0.04, 0.95, 'm'),
  wallM: figure('bore', 0.0004, 0.02, 'm'),
  /** Spread evenly over the length of the piece; 0 straight. */
  bendDeg: figure('angle', 0, 180, 'degrees'),
  /** Of the centreline. */
  bendRadiusM: figure('bore', 0.01, 2, 'm'),
  /** Where the bend turns to, as a clock angle looking against the flow: 0 up, 90 right, 180 down, 270 left. */
  bendClockDeg: figure('clock', 0, 360, 'degrees'),
  /** At the start of the piece: rise towards the tail, down is negative. Null: as the piece before it ends. */
  inclinationDeg: figure('angle', -90, 90, 'degrees'),
  joint: always(JOINT_KINDS, 'welded'),
  jointState: word('tight', 'leaks'),
  /** Of the leak found at that joint: a round hole of the same area. */
  leakM: figure('bore', 0, 0.03, 'm'),
  covered: always(['bare', 'wrapped', 'coated']),
  /** Turbine only: where the wastegate's gas comes back, downstream of the piece's end. */
  wastegateReturnM: figure('bore', 0, 3, 'm'),
})
export type ExhaustPiece = ItemOf<typeof PIECE>
/** A piece of which only kind and name are known, under the id its maker gave it. */
export const emptyPiece = (id: string, kind: PieceKind, name: string): ExhaustPiece =>
  newItem(PIECE, id, { kind, name, joint: kind === 'primaries' || kind === 'log' ? 'gasket' : 'welded' })

const PIECES = listOf(PIECE, 40, 'piece')

/** One bank from its ports to where it joins the other, or to the open end. */
export const BANK = group({
  /** Numbers of the cylinders that breathe into it. */
  cylinders: setOf(whole(1, 16), 16, true),
  /** First port: height above the ground and place right of the car's middle. */
  portHeightM: figure('bore', 0, 2, 'm'),
  portAcrossM: figure('bore', -2, 2, 'm'),
  /** In plan, at the ports: 0 rearwards, 90 to the right. */
  headingDeg: figure('angle', -180, 180, 'degrees'),
  pieces: PIECES,
})
export type ExhaustBank = ValueOf<typeof BANK>
export const emptyBank: ExhaustBank = emptyOf(BANK)

const RUNS = ['a', 'b', 'common'] as const
/** A stretch of exhaust that has its own measure from its own merge: a bank, or the pipe that both banks share. */
export type RunId = (typeof RUNS)[number]

/** Where the pieces of a stretch stand in the document. */
export const piecesPath = (run: RunId): string => (run === 'common' ? 'exhaust.common' : `exhaust.banks.${run}.pieces`)

const alongM = figure('bore', -3, 8, 'm')
const clockDeg = figure('clock', 0, 360, 'degrees')
const gapM = figure('bore', 0, 1, 'm')

/** A thing near the pipe, as a patch on the unrolled pipe at a distance from its surface. */
export const OBSTACLE = group({
  name: name(60),
  run: always(RUNS),
  /** Middle of it, from the merge's downstream edge (the common pipe: from its start), downstream positive. */
  alongM,
  /** Along the pipe. */
  lengthM: figure('bore', 0.005, 3, 'm'),
  /** Clock angle of its middle, looking against the flow; 0 is the top line. */
  clockDeg,
  /** Around the pipe. */
  widthDeg: figure('angle', 1, 360, 'degrees'),
  /** From the pipe's surface. */
  gapM,
  /** Column, rack, box or arm: measured at both locks. */
  steering: flag,
  moves: flag,
  /** The same at the other end of its travel; null: as at the first. */
  otherAlongM: alongM,
  otherClockDeg: clockDeg,
  otherGapM: gapM,
})
export type ExhaustObstacle = ItemOf<typeof OBSTACLE>
/** An obstacle of which only name and stretch are known, under the id its maker gave it. */
export const emptyObstacle = (id: string, name: string, run: RunId): ExhaustObstacle =>
  newItem(OBSTACLE, id, { name, run })

/** Where a sensor shall sit. */
export const SPOT = group({
  run: always(RUNS),
  /** Hole centre from the merge's downstream edge, along the top line. */
  alongM: given('bore', -3, 8, 'm', 0),
  /** Looking against the flow, 0 the top line, 90 right. */
  clockDeg: given('clock', 0, 360, 'degrees', 0),
})
export type SensorSpot = ValueOf<typeof SPOT>

/** A bung as found, which nobody would drill anew only because it could sit better. */
export const FOUND = group({
  run: always(RUNS),
  alongM: figure('bore', -3, 8, 'm'),
  clockDeg: figure('clock', 0, 360, 'degrees'),
  thread: word('fits', 'other'),
  /** Used as it is, on record, with the reason. */
  accepted: flag,
  reason: text(400),
})
export type FoundBung = ValueOf<typeof FOUND>
export const emptyFound: FoundBung = emptyOf(FOUND)

export const DISTANCE_SCHOOLS = ['near', 'middle', 'far', 'far-racing'] as const
export type DistanceSchool = (typeof DISTANCE_SCHOOLS)[number]
export const ANGLE_SCHOOLS = ['level', 'five', 'ten'] as const
export type AngleSchool = (typeof ANGLE_SCHOOLS)[number]

const bank = word('a', 'b')

/** The exhaust as measured, what is near it, and what was decided about its sensors. */
export const EXHAUST = group({
  banks: seats(BANK, ['a', 'b'], 'bank'),
  /** After both banks have joined; empty where they never do or there is one only. */
  common: PIECES,
  obstacles: listOf(OBSTACLE, 40, 'obstacle'),
  /** To be kept under the car. */
  groundClearanceM: figure('bore', 0, 0.6, 'm'),
  school: always(DISTANCE_SCHOOLS, 'middle'),
  angleSchool: always(ANGLE_SCHOOLS, 'ten'),
  /** 0 to 2. Null: as the chosen system wants it. */
  sensorCount: whole(0, 2),
  spots: seats(SPOT, ['a', 'b'], 'spot'),
  sensor: part<SensorPart>()('sensors'),
  /** Type entered in the controller before the sensor was plugged in. */
  typeSet: seen,
  bung: part<BungPart>()('bungs'),
  material: word('mild-steel', 'stainless', 'aluminised', 'cast'),
  joinBy: word('weld', 'clamp'),
  /** Path of the cable from the sensor to the harness's connector, as a string laid where it will lie. */
  cablePathM: figure('bore', 0, 5, 'm'),
  /** Least distance of that path from the pipe. */
  cableGapM: figure('bore', 0, 1, 'm'),
  airInjection: word('none', 'ports', 'catalyst', 'shut-off', 'removed'),
  /** What was seen to where the air pump was taken off. */
  airPump: setOf(word('ports-plugged', 'belt-fits', 'bracket-off', 'allowed'), 4, true),
  heatRiser: word('none', 'working', 'wired-open', 'seized'),
  heatRiserBank: bank,
  leadedFuel: seen,
  /** Most the loop may add or take away. */
  correctionLimit: figure('share', 0.02, 1, 'share of the fuel'),
  /** Lean end of the display that shows the sensor: anything leaner stands there. */
  readsToLambda: figure('lambda', 1.05, 10, 'lambda'),
  /** Mixture in open loop, lambda. */
  openLoopLambda: figure('lambda', 0.6, 1.5, 'lambda'),
  /** Which bank's injectors the controller steers by sensor A and by sensor B. */
  steers: group({ a: bank, b: bank }),
  /** What unplugging one injector of bank A showed. */
  bankTest: word('own-went-lean', 'other-went-lean'),
  /** A bung that was there already. */
  found: maybe(FOUND),
  /** Clamped now, welded later. */
  weldLater: seen,
  /** How the hole is closed on the way to the welder. */
  trip: word('plugged', 'sensor-powered', 'sensor-unpowered'),
  /** The stretch with the sensor made removable by flanges. */
  flanged: seen,
  coating: word('none', 'before-holes', 'after-holes'),
  /** Pipework off the car under pressure, before and after it is coated. */
  benchBefore: word('tight', 'leaks'),
  benchAfter: word('tight', 'leaks'),
  /** What was done to the leads between sensor and harness. */
  lead: word('whole', 'extension-altered', 'sensor-lead-cut'),
  /** Where the surplus of the lead is stowed. */
  surplusAt: text(80),
})
export type ExhaustSection = ValueOf<typeof EXHAUST>
export const emptyExhaust: ExhaustSection = emptyOf(EXHAUST)
