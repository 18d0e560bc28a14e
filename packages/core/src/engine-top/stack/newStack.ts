import { CLAY_REACH_M, type StackCorner } from './bonnetClearance.ts'

/** Piece of a stack by its kind, with its height where it was measured, m. */
export interface PieceOnPad<K extends string = string> {
  readonly kind: K
  readonly heightM: number | null
}
export interface PieceLevel<K extends string = string> extends PieceOnPad<K> {
  /** Above the old pad, m; null from the first piece on that nobody has measured. */
  readonly fromM: number | null
  readonly toM: number | null
}

/** Where each piece stands, from the pad up: the sum of all below it. */
export const levelsOf = <K extends string>(pieces: readonly PieceOnPad<K>[]): PieceLevel<K>[] => {
  let at: number | null = 0
  return pieces.map((p) => {
    const fromM: number | null = at
    at = at === null || p.heightM === null ? null : at + p.heightM
    return { ...p, fromM, toM: at }
  })
}

/** Points of a round rim, from the front clockwise as seen from above. */
export const RIM_PLACES = [
  'rim-front',
  'rim-front-right',
  'rim-right',
  'rim-rear-right',
  'rim-rear',
  'rim-rear-left',
  'rim-left',
  'rim-front-left',
] as const

/** Between two of them, of a rim so wide that clay at the eight places leaves a stretch between them unknown. */
export const betweenPlaces = (i: number): string => `${RIM_PLACES[i]!}--${RIM_PLACES[(i + 1) % RIM_PLACES.length]!}`

/** Corners of a rim about the pad's middle: at the eight places, and of a wide one half way between them. */
export const rimCorners = (rimM: number, topM: number): StackCorner[] => {
  const n = RIM_PLACES.length
  const at = (id: string, turn: number): StackCorner => ({
    id,
    rightM: (rimM / 2) * Math.sin(turn),
    aheadM: (rimM / 2) * Math.cos(turn),
    topM,
  })
  const step = (2 * Math.PI) / n
  const wide = (rimM / 2) * 2 * Math.sin(step / 4) > CLAY_REACH_M
  return RIM_PLACES.flatMap((id, i) => [at(id, step * i), ...(wide ? [at(betweenPlaces(i), step * (i + 0.5))] : [])])
}
