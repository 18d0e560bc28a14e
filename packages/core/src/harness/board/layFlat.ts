import type { LoomBranch } from './openLoops.ts'
import { angleBetween, distanceOf, segmentsOf, type Point, type Segment } from './segments.ts'
import { layInWedges } from './layInWedges.ts'
import { longestPath, treeOf, type LaidBranch, type Tree } from './loomTree.ts'

export interface FlatLoom {
  readonly branches: readonly LaidBranch[]
  readonly nodes: ReadonlyMap<string, Point>
  readonly width: number
  readonly height: number
  /** Smallest gap between branches that do not meet, as it was tried for, m. */
  readonly gapM: number
}

/** Gaps between branches, tried in this order, m. */
const GAPS_M = [0.03, 0.015, 0.006, 0.002]
const LEAST_ANGLE = (12 * Math.PI) / 180
/** Branches longer than this turn and go on beside the trunk. */
const STRAIGHT_M = 0.35
const LANES_M = [0.06, 0.1, 0.15, 0.2, 0.26, 0.33, 0.4, 0.5, 0.62, 0.75, 0.9, 1.1, 1.3]
const ANGLES = [90, 60, 120, 75, 105, 45, 135, 30, 150, 20, 160]
/** Between two rows of a trunk that turns back at the board's edge, m; tried in this order. */
const ROWS_M = [0.5, 0.7, 1, 1.4, 2]

/** A line by the length along it. */
type Line = (s: number) => Point

const along = (from: Point, angle: number, s: number): Point => ({
  x: from.x + s * Math.cos(angle),
  y: from.y + s * Math.sin(angle),
})

/** Corners of a line that runs from `from` by these legs. */
interface Leg {
  readonly angle: number
  readonly lengthM: number
}
const lineOf = (from: Point, legs: readonly Leg[]): { readonly at: Line; readonly corners: readonly number[] } => {
  const corners: number[] = []
  legs.reduce((sum, leg) => {
    if (sum > 0) corners.push(sum)
    return sum + leg.lengthM
  }, 0)
  return {
    corners,
    at: (s) => {
      let at = from
      let left = s
      for (const leg of legs) {
        const step = Math.min(left, leg.lengthM)
        at = along(at, leg.angle, step)
        left -= step
        if (left <= 0) return at
      }
      return at
    },
  }
}

interface Placed extends Segment {
  /** Nodes that it touches. */
  readonly nodes: readonly string[]
}

class Board {
  readonly branches: LaidBranch[] = []
  readonly nodes = new Map<string, Point>()
  private readonly placed: Placed[] = []

  constructor(
    private readonly tree: Tree,
    private readonly gapM: number,
  ) {}

  /** Lays a path of nodes along a line, if that keeps clear of all that lies there. */
  lay(path: readonly string[], from: Point, legs: readonly Leg[]): boolean {
    const { at, corners } = lineOf(from, legs)
    const made: { id: string; points: Point[]; nodes: [string, string] }[] = []
    let s = 0
    for (let n = 1; n < path.length; n++) {
      const [a, b] = [path[n - 1]!, path[n]!]
      const branch = this.tree.between(a, b)
      const end = s + branch.lengthM
      const bends = corners.filter((c) => c > s + 1e-9 && c < end - 1e-9)
      const points = [s, ...bends, end].map(at)
      made.push({ id: branch.id, points: branch.from === a ? points : [...points].reverse(), nodes: [a, b] })
      s = end
    }
    const segments = made.flatMap((m): Placed[] =>
      segmentsOf(m.points).map((g, k, all) => ({
        ...g,
        nodes: m.nodes.filter((node) => {
          const first = m.id !== '' && node === this.tree.of(m.id).from
          return first ? k === 0 : k === all.length - 1
        }),
      })),
    )
    if (!this.clear(segments, path[0]!, from)) return false
    this.placed.push(...segments)
    for (const m of made) {
      this.branches.push({ id: m.id, points: m.points })
      const { from: first, to } = this.tree.of(m.id)
      this.nodes.set(first, m.points[0]!)
      this.nodes.set(to, m.points[m.points.length - 1]!)
    }
    return true
  }

  private clear(segments: readonly Placed[], root: string, from: Point): boolean {
    for (const s of segments)
      for (const t of this.placed) {
        if (s.nodes.includes(root) && t.nodes.includes(root)) {
          const far = (g: Segment): Point => (Math.hypot(g.a.x - from.x, g.a.y - from.y) < 1e-9 ? g.b : g.a)
          if (angleBetween(from, far(s), far(t)) < LEAST_ANGLE) return false
        } else if (distanceOf(s, t) < this.gapM) return false
      }
    return true
  }

  /** Direction in which a path arrives at one of its nodes. */
  heading(node: string, before: string): number {
    const { id, from } = this.tree.between(before, node)
    const { points } = this.branches.find((b) => b.id === id)!
    const [p, q] = from === before ? points.slice(-2) : [points[1]!, points[0]!]
    return Math.atan2(q!.y - p!.y, q!.x - p!.x)
  }
}

/** Ways for a path that hangs at a node of another: straight where it is short, else bent to lie beside it. */
const waysFor = (heading: number, lengthM: number): Leg[][] => {
  const straight = ANGLES.flatMap((deg) =>
    [1, -1].map((side) => [{ angle: heading + (side * deg * Math.PI) / 180, lengthM }]),
  )
  const bent = LANES_M.filter((h) => h < lengthM - 0.02).flatMap((h) =>
    [1, -1].flatMap((side) =>
      [0, Math.PI].map((back) => [
        { angle: heading + (side * Math.PI) / 2, lengthM: h },
        { angle: heading + back, lengthM: lengthM - h },
      ]),
    ),
  )
  return lengthM <= STRAIGHT_M ? [...straight, ...bent] : [...bent, ...straight]
}

const hang = (board: Board, tree: Tree, path: readonly string[]): boolean => {
  const inPath = new Set(path)
  const hanging = path
    .flatMap((node, n) =>
      tree
        .at(node)
        .map((b) => (b.from === node ? b.to : b.from))
        .filter((other) => !inPath.has(other) && !board.nodes.has(other))
        .map((other) => ({ node, n, path: longestPath(tree, other, node) })),
    )
    .map((h) => ({ ...h, path: [h.node, ...h.path] }))
    .map((h) => ({ ...h, lengthM: tree.lengthOf(h.path) }))
    .sort((x, y) => x.lengthM - y.lengthM)
  for (const h of hanging) {
    const before = path[h.n - 1]
    const heading = before === undefined ? 0 : board.heading(h.node, before)
    const from = board.nodes.get(h.node)!
    if (!waysFor(heading, h.lengthM).some((legs) => board.lay(h.path, from, legs))) return false
  }
  return hanging.every((h) => hang(board, tree, h.path))
}

/** A trunk of this length on a board of this width: to and fro. */
const trunkLegs = (lengthM: number, widthM: number, rowM: number): Leg[] => {
  const legs: Leg[] = []
  let left = lengthM
  for (let row = 0; left > 1e-9; row++) {
    const run = Math.min(left, widthM)
    legs.push({ angle: row % 2 === 0 ? 0 : Math.PI, lengthM: run })
    left -= run
    if (left <= 1e-9) break
    const down = Math.min(left, rowM)
    legs.push({ angle: Math.PI / 2, lengthM: down })
    left -= down
  }
  return legs
}

const finished = (branches: readonly LaidBranch[], nodes: ReadonlyMap<string, Point>, gapM: number): FlatLoom => {
  const points = branches.flatMap((b) => b.points)
  const [x0, y0] = [Math.min(...points.map((p) => p.x)), Math.min(...points.map((p) => p.y))]
  const shift = (p: Point): Point => ({ x: p.x - x0, y: p.y - y0 })
  return {
    branches: branches.map((b) => ({ id: b.id, points: b.points.map(shift) })),
    nodes: new Map([...nodes].map(([id, p]) => [id, shift(p)])),
    width: Math.max(...points.map((p) => p.x)) - x0,
    height: Math.max(...points.map((p) => p.y)) - y0,
    gapM,
  }
}

/** How often the trunk is made to turn earlier, so that what hangs at its ends lies on the board too; not below this share. */
const TURNS_TRIED = 5
const LEAST_TRUNK = 0.35

/**
 * A tree of branches laid flat at true length, nothing crossing: the longest way as a trunk, to and fro on a board of a
 * width; what hangs on it straight out or bent beside it, where there is room, shortest first; then what hangs on that.
 * Where that finds no room, every branch gets a wedge of its own: large, but always possible.
 * @param widthM of the board; the trunk turns early enough for its branches to lie on it too. Where none does, the
 * narrowest that was found: `width` says so.
 */
export const layFlat = (branches: readonly LoomBranch[], widthM = Infinity): FlatLoom => {
  const tree = treeOf(branches)
  const trunk = longestPath(tree, longestPath(tree, branches[0]!.from, null).at(-1)!, null)
  let narrowest: FlatLoom | null = null
  let turnM = widthM
  for (let n = 0; n < TURNS_TRIED; n++) {
    const flat = layTrunk(tree, trunk, turnM)
    if (!flat) break
    if (flat.width <= widthM * (1 + 1e-9)) return flat
    if (flat.width < (narrowest?.width ?? Infinity)) narrowest = flat
    turnM = Math.max(LEAST_TRUNK * widthM, turnM - (flat.width - widthM) - 0.01)
  }
  if (narrowest) return narrowest
  const wedges = layInWedges(tree, trunk[Math.floor(trunk.length / 2)]!)
  return finished(wedges.branches, wedges.nodes, 0)
}

/** With the trunk turning at a width; null where some branch finds no room. */
const layTrunk = (tree: Tree, trunk: readonly string[], widthM: number): FlatLoom | null => {
  const lengthM = tree.lengthOf(trunk)
  for (const gapM of GAPS_M)
    for (const rowM of lengthM > widthM ? ROWS_M : [0]) {
      const board = new Board(tree, gapM)
      if (board.lay(trunk, { x: 0, y: 0 }, trunkLegs(lengthM, widthM, rowM)) && hang(board, tree, trunk))
        return finished(board.branches, board.nodes, gapM)
    }
  return null
}
