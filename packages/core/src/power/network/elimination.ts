/**
 * Elimination of a symmetric conductance matrix by star-mesh transformation: each node in turn is taken out and its
 * neighbours are joined by what it carried between them. Only sums and products of conductances occur, no differences, so
 * that 1e-9 S beside 1e6 S is kept to full relative accuracy (the idea of Grassmann, Taksar and Heyman, Operations Research
 * 33 (1985) 1107; star-mesh: Rosen 1924). Order: least degree first, worked out once for a topology.
 */
export interface Elimination {
  readonly size: number
  /** Place in `edgeS` of the conductance between two nodes; -1 where nothing can join them. */
  edgeAt(a: number, b: number): number
  /** Conductance between pairs of nodes, S: filled anew before each `factor`. */
  readonly edgeS: Float64Array
  /** Conductance of each node to the reference, S. */
  readonly groundS: Float64Array
  /** Takes the nodes out. False where a node holds no positive conductance: no passive network then. */
  factor(): boolean
  /** Solves for the voltages by injected currents, in place. */
  solve(currentA: Float64Array): void
}

/** @param pairs nodes (0 to size-1) that something can join */
export const elimination = (size: number, pairs: readonly (readonly [number, number])[]): Elimination => {
  const near = Array.from({ length: size }, () => new Set<number>())
  for (const [a, b] of pairs)
    if (a !== b) {
      near[a]!.add(b)
      near[b]!.add(a)
    }
  const order: number[] = []
  const place = new Int32Array(size)
  const left = new Set(near.keys())
  const later: number[][] = []
  while (left.size > 0) {
    let best = -1
    for (const k of left) if (best < 0 || near[k]!.size < near[best]!.size) best = k
    place[best] = order.length
    order.push(best)
    const ring = [...near[best]!]
    later.push(ring)
    left.delete(best)
    for (const i of ring) {
      near[i]!.delete(best)
      for (const j of ring) if (i !== j) near[i]!.add(j)
    }
  }
  // Everything below in places of the order.
  const start = new Int32Array(size + 1)
  const ends: number[] = []
  const edgeOf = new Map<number, number>()
  for (let k = 0; k < size; k++) {
    start[k] = ends.length
    for (const i of later[k]!.map((node) => place[node]!).sort((a, b) => a - b)) {
      edgeOf.set(k * size + i, ends.length)
      ends.push(i)
    }
  }
  start[size] = ends.length
  const end = Int32Array.from(ends)
  const meets: number[] = []
  for (let k = 0; k < size; k++)
    for (let p = start[k]!; p < start[k + 1]!; p++)
      for (let q = p + 1; q < start[k + 1]!; q++) meets.push(edgeOf.get(end[p]! * size + end[q]!)!)
  const meet = Int32Array.from(meets)
  const edgeS = new Float64Array(ends.length)
  const groundS = new Float64Array(size)
  const weight = new Float64Array(ends.length)
  const inverse = new Float64Array(size)
  const ground = new Float64Array(size)
  const edge = new Float64Array(ends.length)
  const x = new Float64Array(size)

  return {
    size,
    edgeS,
    groundS,
    edgeAt: (a, b) => {
      const [k, i] = place[a]! < place[b]! ? [place[a]!, place[b]!] : [place[b]!, place[a]!]
      return edgeOf.get(k * size + i) ?? -1
    },
    factor: () => {
      for (let k = 0; k < size; k++) ground[k] = groundS[order[k]!]!
      edge.set(edgeS)
      let at = 0
      for (let k = 0; k < size; k++) {
        const [from, to] = [start[k]!, start[k + 1]!]
        const own = ground[k]!
        let sum = own
        for (let p = from; p < to; p++) sum += edge[p]!
        if (!(sum > 0)) return false
        const inv = 1 / sum
        inverse[k] = inv
        for (let p = from; p < to; p++) {
          const w = edge[p]! * inv
          weight[p] = w
          ground[end[p]!]! += w * own
          for (let q = p + 1; q < to; q++) edge[meet[at++]!]! += w * edge[q]!
        }
      }
      return true
    },
    solve: (currentA) => {
      for (let k = 0; k < size; k++) x[k] = currentA[order[k]!]!
      for (let k = 0; k < size; k++) {
        const own = x[k]!
        for (let p = start[k]!; p < start[k + 1]!; p++) x[end[p]!]! += weight[p]! * own
      }
      for (let k = size - 1; k >= 0; k--) {
        let v = x[k]! * inverse[k]!
        for (let p = start[k]!; p < start[k + 1]!; p++) v += weight[p]! * x[end[p]!]!
        x[k] = v
      }
      for (let k = 0; k < size; k++) currentA[order[k]!] = x[k]!
    },
  }
}
