import type { ExhaustSection, RunId } from '../../sections/index.ts'
import type { Known } from '../../quantity/index.ts'
import { sizedPieces, type SizedPiece } from './pieceFigures.ts'

/** x rearwards, y to the right, z up, m. */
export type Point3 = readonly [x: number, y: number, z: number]

/** A place on a run's centreline. */
export interface Place {
  readonly at: Point3
  /** Unit vector downstream. */
  readonly along: Point3
  /** Unit vector to the top line: the highest line of the pipe; of an upright pipe the forward one. */
  readonly top: Point3
}

export interface LaidPiece extends SizedPiece {
  readonly index: number
  /** From the run's merge edge, downstream positive. */
  readonly fromM: number
  readonly toM: number
  /** Cylinders whose gas flows in one of its pipes. */
  readonly cylindersEach: number
  readonly start: Place
  readonly end: Place
}

export interface Run {
  readonly id: RunId
  readonly pieces: readonly LaidPiece[]
  /** Numbers of the cylinders whose gas comes out at its end. */
  readonly cylinders: readonly number[]
  /** Where the last of them have come together; before 0 where a turbine follows. */
  readonly mergedM: number
  readonly fromM: number
  readonly toM: number
}

const dot = (a: Point3, b: Point3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
const cross = (a: Point3, b: Point3): Point3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
]
const scaled = (a: Point3, k: number): Point3 => [a[0] * k, a[1] * k, a[2] * k]
const plus = (a: Point3, b: Point3): Point3 => [a[0] + b[0], a[1] + b[1], a[2] + b[2]]
const unit = (a: Point3): Point3 => scaled(a, 1 / Math.hypot(...a))
/** Turns a about the unit axis (Rodrigues). */
const turned = (a: Point3, axis: Point3, rad: number): Point3 =>
  plus(
    plus(scaled(a, Math.cos(rad)), scaled(cross(axis, a), Math.sin(rad))),
    scaled(axis, dot(axis, a) * (1 - Math.cos(rad))),
  )
const RAD = Math.PI / 180
/** Less of a bend is none: its radius would lose all its digits. */
const LEAST_BEND_DEG = 1e-3
/** Steeper than this a pipe has no top line of its own. */
const UPRIGHT = 0.9998

/** The highest line of a pipe that runs along this direction. */
export const topLine = (along: Point3): Point3 => {
  const up: Point3 = Math.abs(along[2]) > UPRIGHT ? [-1, 0, 0] : [0, 0, 1]
  return unit(plus(up, scaled(along, -dot(up, along))))
}

/**
 * Unit vector out of the pipe's surface at a clock angle: looking against the flow, from the tail towards the ports, 0
 * the top line, 90 to the right. On a pipe that runs rearwards that is the right side of the car.
 */
export const outwards = ({ along, top }: Place, clockDeg: number): Point3 => {
  // Against the flow the view goes along -along: right = forward × up = -(along × top).
  const right = scaled(cross(along, top), -1)
  return plus(scaled(top, Math.cos(clockDeg * RAD)), scaled(right, Math.sin(clockDeg * RAD)))
}

/** Angle of a sensor's axis above the horizontal, degrees: asin of its upward part. */
export const elevationDeg = (place: Place, clockDeg: number): number =>
  Math.asin(Math.max(-1, Math.min(1, outwards(place, clockDeg)[2]))) / RAD

/** Rise of the pipe towards the tail, degrees. */
export const inclinationDeg = (place: Place): number => Math.asin(Math.max(-1, Math.min(1, place.along[2]))) / RAD

const headed = (headingDeg: number, inclination: number): Point3 => [
  Math.cos(inclination * RAD) * Math.cos(headingDeg * RAD),
  Math.cos(inclination * RAD) * Math.sin(headingDeg * RAD),
  Math.sin(inclination * RAD),
]

const placeOf = (at: Point3, along: Point3): Place => ({ at, along, top: topLine(along) })

/** Along a piece from its start: straight, or a circle towards the bend's clock angle. */
const within = (start: Place, piece: Pick<SizedPiece, 'lengthM' | 'bendDeg' | 'bendClockDeg'>, xM: number): Place => {
  if (piece.bendDeg < LEAST_BEND_DEG || piece.lengthM === 0)
    return placeOf(plus(start.at, scaled(start.along, xM)), start.along)
  const towards = outwards(start, piece.bendClockDeg)
  const radiusM = piece.lengthM / (piece.bendDeg * RAD)
  const rad = xM / radiusM
  const at = plus(
    start.at,
    plus(scaled(start.along, radiusM * Math.sin(rad)), scaled(towards, radiusM * (1 - Math.cos(rad)))),
  )
  return placeOf(at, unit(turned(start.along, cross(start.along, towards), rad)))
}

/** Where a run's place is known: from its merge edge. */
export const placeAt = (run: Run, alongM: number): Place => {
  const piece = pieceAt(run, alongM)
  return within(piece.start, piece, Math.min(Math.max(alongM - piece.fromM, 0), piece.lengthM))
}

/** Height above the ground of a place on a run's centreline, m: placeAt without its directions. */
export const heightAtM = (run: Run, alongM: number): number => {
  const { start, fromM, lengthM, bendDeg, bendClockDeg } = pieceAt(run, alongM)
  const xM = Math.min(Math.max(alongM - fromM, 0), lengthM)
  if (bendDeg < LEAST_BEND_DEG || lengthM === 0) return start.at[2] + start.along[2] * xM
  const radiusM = lengthM / (bendDeg * RAD)
  const rad = xM / radiusM
  return (
    start.at[2] +
    start.along[2] * radiusM * Math.sin(rad) +
    outwards(start, bendClockDeg)[2] * radiusM * (1 - Math.cos(rad))
  )
}

/** The piece that holds a place; its upstream edge belongs to it. */
export const pieceAt = (run: Run, alongM: number): LaidPiece => {
  for (let i = run.pieces.length - 1; i > 0; i--) {
    const piece = run.pieces[i]!
    if (alongM >= piece.fromM) return piece
  }
  return run.pieces[0]!
}

/**
 * Cylinders in one pipe of each piece: side by side they share; a merge brings together what comes; along a log they
 * join one after the other, all have at its end.
 */
const cylindersEach = (pieces: readonly SizedPiece[], cylinders: number): number[] =>
  pieces.map((p) => (p.count > 1 ? cylinders / p.count : cylinders))

const lastEdgeM = (pieces: readonly SizedPiece[], ends: (p: SizedPiece) => boolean): number => {
  let edgeM = 0
  let atM = 0
  for (const p of pieces) {
    atM += p.lengthM
    if (ends(p)) edgeM = atM
  }
  return edgeM
}
const merges = (p: SizedPiece): boolean => p.piece.kind === 'merge' || p.piece.kind === 'log' || p.count > 1
/** From where distances are taken: the merge's downstream edge, or a turbine's outlet, which mixes once more. */
const originM = (pieces: readonly SizedPiece[]): number =>
  lastEdgeM(pieces, (p) => merges(p) || p.piece.kind === 'turbine')

interface Begin {
  readonly id: RunId
  readonly cylinders: readonly number[]
  readonly place: Place
}

const layRun = (sized: readonly SizedPiece[], { id, cylinders, place }: Begin): Run => {
  const edgeM = originM(sized)
  const each = cylindersEach(sized, cylinders.length)
  let fromM = -edgeM
  let at = place
  const pieces = sized.map((s, index): LaidPiece => {
    const rise: Known = s.piece.inclinationDeg
    const heading = Math.atan2(at.along[1], at.along[0]) / RAD
    // An upright pipe has lost its heading: it goes on rearwards.
    const flat = Math.hypot(at.along[0], at.along[1]) > 0.02
    const start = rise === null ? at : placeOf(at.at, headed(flat ? heading : 0, rise))
    const end = within(start, s, s.lengthM)
    const laid = { ...s, index, fromM, toM: fromM + s.lengthM, cylindersEach: each[index]!, start, end }
    at = end
    fromM = laid.toM
    return laid
  })
  return { id, pieces, cylinders, mergedM: lastEdgeM(sized, merges) - edgeM, fromM: -edgeM, toM: fromM }
}

/** Of the first port above the ground, until it is measured. House figure, for drawing and ground only. */
export const USUAL_PORT_HEIGHT_M = 0.55
/** Right of the car's middle, until it is measured: for the drawing only. */
export const usualPortAcrossM = (exhaust: ExhaustSection, bank: number): number =>
  exhaust.banks.length > 1 && bank === 0 ? -0.2 : 0.2

/** All runs of an exhaust, laid out in space from what was measured. A bank without pieces has no run. */
export const layOut = (exhaust: ExhaustSection): Run[] => {
  const banks = exhaust.banks.flatMap((bank, i): Run[] => {
    if (bank.pieces.length === 0) return []
    const sized = sizedPieces(bank.pieces)
    const place = placeOf(
      [0, bank.portAcrossM ?? usualPortAcrossM(exhaust, i), bank.portHeightM ?? USUAL_PORT_HEIGHT_M],
      headed(bank.headingDeg ?? 0, 0),
    )
    return [layRun(sized, { id: i === 0 ? 'a' : 'b', cylinders: bank.cylinders, place })]
  })
  const first = banks[0]
  if (!first || exhaust.common.length === 0) return banks
  const joined = banks.flatMap((r) => [...r.cylinders])
  // The pipe that both share begins midway between their ends and runs rearwards until a bend says otherwise.
  const ends = banks.map((r) => r.pieces.at(-1)!.end.at)
  const middle = scaled(
    ends.reduce((sum, e) => plus(sum, e), [0, 0, 0]),
    1 / ends.length,
  )
  const place = placeOf(middle, headed(0, 0))
  const common = layRun(sizedPieces(exhaust.common), { id: 'common', cylinders: joined, place })
  return [...banks, common]
}

/** A run by its name. */
export const runOf = (runs: readonly Run[], id: RunId): Run | null => runs.find((r) => r.id === id) ?? null

/** Pipe downstream of a place to the open end, m. */
export const tailAfterM = (runs: readonly Run[], id: RunId, alongM: number): number => {
  const own = runOf(runs, id)
  if (!own) return 0
  const common = id === 'common' ? null : runOf(runs, 'common')
  return own.toM - alongM + (common ? common.toM - common.fromM : 0)
}

/** The pipe that a place breathes through, from the open end upstream to the ports of its run. */
export const tailOf = (runs: readonly Run[], id: RunId): { readonly lengthM: number; readonly areaM2: number }[] => {
  const own = runOf(runs, id)
  const common = id === 'common' ? null : runOf(runs, 'common')
  return [...(own?.pieces ?? []), ...(common?.pieces ?? [])]
    .reverse()
    .map((p) => ({ lengthM: p.lengthM, areaM2: p.count * (Math.PI / 4) * p.boreM ** 2 }))
}
