import type { StackCorner } from './bonnetClearance.ts'

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

/** Eight corners of a rim about the pad's middle: so many are looked at. */
export const rimCorners = (rimM: number, topM: number): StackCorner[] =>
  RIM_PLACES.map((id, i) => {
    const angle = (2 * Math.PI * i) / RIM_PLACES.length
    return { id, rightM: (rimM / 2) * Math.sin(angle), aheadM: (rimM / 2) * Math.cos(angle), topM }
  })
