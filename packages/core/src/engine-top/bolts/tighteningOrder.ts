/** Where a bolt stands, m: to the right and up, as one looks at the part. */
export interface BoltPlace {
  readonly xM: number
  readonly yM: number
}

export interface TighteningOrder {
  readonly centre: BoltPlace
  /** Places of the list, first to last. */
  readonly order: readonly number[]
  /** By place of the list: on which ring it stands, 0 nearest to the centre. */
  readonly ringOf: readonly number[]
}

/** Distances within this of the ring's first belong to one ring. */
const RING_SHARE = 0.05
/** Below this share of the pattern's size two distances are one. */
const SAME_SHARE = 1e-9

/** Clockwise from straight up, 0 to below 2 pi. */
const clockwise = (from: BoltPlace, p: BoltPlace): number => {
  const angle = Math.atan2(p.xM - from.xM, p.yM - from.yM)
  return angle < -1e-12 ? angle + 2 * Math.PI : Math.max(0, angle)
}
const apart = (a: BoltPlace, b: BoltPlace): number => Math.hypot(a.xM - b.xM, a.yM - b.yM)

/**
 * The order in which a pattern is tightened: ring by ring from its centroid outwards. A ring holds what lies within 5 % of
 * its nearest bolt's distance. The first ring begins with the nearest bolt (of several, the first clockwise from the top);
 * the next is always the one nearest to the last one's reflection through the centre, and where that one is taken already, the next
 * free one of the ring clockwise from the top. Another ring begins the same way, from the last bolt of the ring before.
 * Trade practice: from the centre outward, crosswise.
 */
export const tighteningOrder = (places: readonly BoltPlace[]): TighteningOrder => {
  const n = places.length
  const centre: BoltPlace = {
    xM: places.reduce((sum, p) => sum + p.xM, 0) / Math.max(1, n),
    yM: places.reduce((sum, p) => sum + p.yM, 0) / Math.max(1, n),
  }
  const distances = places.map((p) => apart(centre, p))
  const sizeM = Math.max(0, ...distances)
  const ringOf = ringsOf(distances, sizeM)
  const order: number[] = []
  const turn = places.map((p) => clockwise(centre, p))
  for (let ring = 0; order.length < n; ring++) {
    const own = places
      .map((_, i) => i)
      .filter((i) => ringOf[i] === ring)
      .sort((a, b) => turn[a]! - turn[b]! || a - b)
    const free = new Set(own)
    while (free.size > 0) {
      const next = nextOf(places, centre, own, free, order.at(-1) ?? null, distances, sizeM)
      free.delete(next)
      order.push(next)
    }
  }
  return { centre, order, ringOf }
}

const ringsOf = (distances: readonly number[], sizeM: number): number[] => {
  const ringOf = distances.map(() => 0)
  let ring = -1
  let ringM = -Infinity
  for (const i of distances.map((_, k) => k).sort((a, b) => distances[a]! - distances[b]!)) {
    if (distances[i]! > ringM * (1 + RING_SHARE) + SAME_SHARE * sizeM) {
      ring++
      ringM = distances[i]!
    }
    ringOf[i] = ring
  }
  return ringOf
}

/** @param own of the ring, clockwise from the top @param last the bolt before, null for the very first */
const nextOf = (
  places: readonly BoltPlace[],
  centre: BoltPlace,
  own: readonly number[],
  free: ReadonlySet<number>,
  last: number | null,
  distances: readonly number[],
  sizeM: number,
): number => {
  const least = (of: (i: number) => number): number => {
    const figures = own.map(of)
    const best = Math.min(...figures)
    return own[figures.findIndex((x) => x <= best + SAME_SHARE * sizeM)]!
  }
  if (last === null) return least((i) => distances[i]!)
  const at = places[last]!
  const reflection: BoltPlace = { xM: 2 * centre.xM - at.xM, yM: 2 * centre.yM - at.yM }
  const opposite = least((i) => apart(places[i]!, reflection))
  return free.has(opposite) ? opposite : own.find((i) => free.has(i))!
}
