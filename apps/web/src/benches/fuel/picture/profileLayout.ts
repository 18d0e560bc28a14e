import type { ProfilePart, ProfilePiece } from '@lochmoor/core'

/** A piece with its place on the sheet, px. */
export interface PlacedPiece extends ProfilePiece {
  readonly x0: number
  readonly x1: number
}

/** Width of what has no length, px; lines share the rest in proportion to their length. */
const WIDTH: Readonly<Record<ProfilePart, number>> = {
  tank: 34,
  strainer: 50,
  suction: 0,
  pump: 44,
  filter: 40,
  feed: 0,
  rail: 40,
  regulator: 58,
  return: 0,
}
const LEAST_LINE_PX = 40

/**
 * Lays the pieces from left to right. All lines are drawn to one scale, so that a metre of feed is as long as a metre of
 * return; on a narrow sheet components give way, lines keep their proportion.
 */
export const placePieces = (
  pieces: readonly ProfilePiece[],
  fromX: number,
  toX: number,
): { placed: PlacedPiece[]; pxPerM: number } => {
  const lengthM = pieces.reduce((sum, p) => sum + p.lengthM, 0)
  const lines = pieces.filter((p) => p.part === 'feed' || p.part === 'return' || p.part === 'suction').length
  const fixed = pieces.reduce((sum, p) => sum + WIDTH[p.part], 0)
  const room = toX - fromX
  const squeeze = Math.min(1, Math.max(0.3, (room - lines * LEAST_LINE_PX) / Math.max(1, fixed)))
  const pxPerM = lengthM > 0 ? Math.max(0, room - fixed * squeeze) / lengthM : 0
  let x = fromX
  const placed = pieces.map((p) => {
    const x0 = x
    x += WIDTH[p.part] * squeeze + p.lengthM * pxPerM
    return { ...p, x0, x1: x }
  })
  return { placed, pxPerM }
}

/** Domain of the pressure axis that holds all given pressures and zero, with air above. */
export const pressureDomain = (pressuresPa: readonly number[]): [number, number] => {
  const most = Math.max(50e3, ...pressuresPa)
  const least = Math.min(0, ...pressuresPa)
  return [least - 0.03 * (most - least), most * 1.14]
}
