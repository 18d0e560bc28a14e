/** A point or direction of the engine bay, m: right, forward, up. */
export type Vector = readonly [right: number, forward: number, up: number]

export const plus = (a: Vector, b: Vector): Vector => [a[0] + b[0], a[1] + b[1], a[2] + b[2]]
export const minus = (a: Vector, b: Vector): Vector => [a[0] - b[0], a[1] - b[1], a[2] - b[2]]
export const times = (k: number, a: Vector): Vector => [k * a[0], k * a[1], k * a[2]]
export const dot = (a: Vector, b: Vector): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
export const cross = (a: Vector, b: Vector): Vector => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
]
export const size = (a: Vector): number => Math.hypot(...a)
export const unit = (a: Vector): Vector => times(1 / size(a), a)

/** Straight up is where levers of a level shaft are measured from; of an upright shaft, straight ahead. */
const UP: Vector = [0, 0, 1]
const AHEAD: Vector = [0, 1, 0]
const ALONG = 0.999

/**
 * The plane in which a lever turns: where it points at 0° (as far up as it can, straight ahead on an upright shaft) and at
 * 90°, turning clockwise as one looks along the shaft.
 */
export const planeOf = (shaft: Vector): { readonly zero: Vector; readonly quarter: Vector } => {
  const along = unit(shaft)
  const from = Math.abs(dot(along, UP)) > ALONG ? AHEAD : UP
  const zero = unit(minus(from, times(dot(from, along), along)))
  return { zero, quarter: cross(along, zero) }
}
