/** A point of the board, m. */
export interface Point {
  readonly x: number
  readonly y: number
}
export interface Segment {
  readonly a: Point
  readonly b: Point
}

export const lengthOf = (points: readonly Point[]): number =>
  points.slice(1).reduce((sum, p, n) => sum + Math.hypot(p.x - points[n]!.x, p.y - points[n]!.y), 0)
export const segmentsOf = (points: readonly Point[]): Segment[] => points.slice(1).map((b, n) => ({ a: points[n]!, b }))

const turn = (a: Point, b: Point, c: Point): number => (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x)
const toSegment = (p: Point, { a, b }: Segment): number => {
  const [dx, dy] = [b.x - a.x, b.y - a.y]
  const long = dx * dx + dy * dy
  const t = long === 0 ? 0 : Math.max(0, Math.min(1, ((p.x - a.x) * dx + (p.y - a.y) * dy) / long))
  return Math.hypot(p.x - a.x - t * dx, p.y - a.y - t * dy)
}

/** Smallest distance of two segments, m; 0 where they cross. */
export const distanceOf = (s: Segment, t: Segment): number => {
  const crosses = turn(s.a, s.b, t.a) * turn(s.a, s.b, t.b) < 0 && turn(t.a, t.b, s.a) * turn(t.a, t.b, s.b) < 0
  return crosses ? 0 : Math.min(toSegment(s.a, t), toSegment(s.b, t), toSegment(t.a, s), toSegment(t.b, s))
}

/** Angle between two directions, 0 to pi. */
export const angleBetween = (a: Point, b: Point, c: Point): number => {
  const [ux, uy, vx, vy] = [b.x - a.x, b.y - a.y, c.x - a.x, c.y - a.y]
  return Math.abs(Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy))
}
