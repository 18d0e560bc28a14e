/** A length of loom between two nodes. */
export interface LoomBranch {
  readonly id: string
  readonly from: string
  readonly to: string
  /** Above 0. */
  readonly lengthM: number
  /** How many wires run in it: of a loop the thinnest branch is opened. 1 if not given. */
  readonly wires?: number
}

/** Where a loop is opened: the branch ends free, marked, and belongs to the node with the same mark. */
export interface LoopCut {
  readonly branch: string
  /** Node that its end belongs to. */
  readonly node: string
  readonly mark: string
}

/** A loom without loops: a board of its own. */
export interface OpenLoom {
  readonly branches: readonly LoomBranch[]
  readonly cuts: readonly LoopCut[]
}

const markOf = (n: number): string =>
  n < 26 ? String.fromCharCode(65 + n) : `${markOf(Math.floor(n / 26) - 1)}${markOf(n % 26)}`

/**
 * Looms that hang together, each opened into a tree: branches by the number of wires in them, thickest first, as long as
 * they close no loop (Kruskal); one that closes a loop keeps its length and ends free at a marked point.
 */
export const openLoops = (branches: readonly LoomBranch[]): OpenLoom[] => {
  const root = new Map<string, string>()
  const find = (node: string): string => {
    let at = node
    for (let up = root.get(at); up !== undefined && up !== at; up = root.get(at)) at = up
    return at
  }
  const cut = new Map<string, LoopCut>()
  const order = [...branches].sort((x, y) => (y.wires ?? 1) - (x.wires ?? 1) || x.lengthM - y.lengthM)
  for (const b of order) {
    const [one, other] = [find(b.from), find(b.to)]
    if (one === other) cut.set(b.id, { branch: b.id, node: b.to, mark: markOf(cut.size) })
    else root.set(one, other)
  }
  const looms = new Map<string, { branches: LoomBranch[]; cuts: LoopCut[] }>()
  for (const b of branches) {
    const key = find(b.from)
    const loom = looms.get(key) ?? { branches: [], cuts: [] }
    looms.set(key, loom)
    const own = cut.get(b.id)
    loom.branches.push(own ? { ...b, to: `${b.to}#${own.mark}` } : b)
    if (own) loom.cuts.push(own)
  }
  return [...looms.values()]
}
