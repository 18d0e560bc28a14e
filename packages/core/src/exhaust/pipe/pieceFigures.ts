import type { ExhaustPiece, PieceKind } from '../../sections/index.ts'
import type { Known } from '../../quantity/index.ts'

/** A piece with every figure that computing needs; what is assumed is named. */
export interface SizedPiece {
  readonly piece: ExhaustPiece
  readonly lengthM: number
  readonly outsideM: number
  readonly wallM: number
  readonly boreM: number
  readonly bendDeg: number
  readonly bendClockDeg: number
  readonly count: number
  /** Figures of this piece that were not measured. */
  readonly assumed: readonly ('length' | 'diameter' | 'wall')[]
}

/** Usual lengths, m: house assumptions, shown where they are used. */
const USUAL_LENGTH_M: Readonly<Record<PieceKind, number>> = {
  primaries: 0.5,
  log: 0.45,
  merge: 0.1,
  pipe: 0.5,
  flexible: 0.15,
  turbine: 0.15,
  catalyst: 0.3,
  silencer: 0.5,
  crossover: 0.1,
  'open-end': 0.01,
}
const USUAL_OUTSIDE_M: Readonly<Partial<Record<PieceKind, number>>> = { primaries: 0.0381, silencer: 0.13 }
const USUAL_PIPE_OUTSIDE_M = 0.0508
const USUAL_WALL_M = 0.0015

/** Where a wastegate's gas comes back behind its turbine, until it is measured. Rule of thumb. */
export const USUAL_WASTEGATE_RETURN_M = 0.15

/** Diameter from the tape around the pipe: d = circumference/pi; the caliper's where there is no tape. */
export const outsideDiameterM = (piece: Pick<ExhaustPiece, 'roundM' | 'outsideM'>): Known =>
  piece.roundM !== null ? piece.roundM / Math.PI : piece.outsideM

/** Every piece sized: what is not measured follows the pipe before it, else a usual figure. */
export const sizedPieces = (pieces: readonly ExhaustPiece[]): SizedPiece[] => {
  let lastM: number | null = null
  return pieces.map((piece) => {
    const measuredM = outsideDiameterM(piece)
    const outsideM = measuredM ?? USUAL_OUTSIDE_M[piece.kind] ?? lastM ?? USUAL_PIPE_OUTSIDE_M
    if (piece.kind === 'pipe' || piece.kind === 'merge') lastM = outsideM
    const wallM = Math.min(piece.wallM ?? USUAL_WALL_M, outsideM / 3)
    return {
      piece,
      lengthM: piece.lengthM ?? USUAL_LENGTH_M[piece.kind],
      outsideM,
      wallM,
      boreM: outsideM - 2 * wallM,
      bendDeg: piece.bendDeg ?? 0,
      bendClockDeg: piece.bendClockDeg ?? 180,
      count: piece.count,
      assumed: [
        ...(piece.lengthM === null ? (['length'] as const) : []),
        ...(measuredM === null ? (['diameter'] as const) : []),
        ...(piece.wallM === null ? (['wall'] as const) : []),
      ],
    }
  })
}
