import type { LoomBranch } from './openLoops.ts'
import type { Point } from './segments.ts'

/** A branch on the board: from its first node to its other, straight or bent. */
export interface LaidBranch {
  readonly id: string
  readonly points: readonly Point[]
}

/** Branches without loops, by their nodes. */
export interface Tree {
  readonly of: (id: string) => LoomBranch
  readonly at: (node: string) => readonly LoomBranch[]
  readonly between: (a: string, b: string) => LoomBranch
  readonly lengthOf: (path: readonly string[]) => number
}

export const treeOf = (branches: readonly LoomBranch[]): Tree => {
  const byNode = new Map<string, LoomBranch[]>()
  for (const b of branches) for (const node of [b.from, b.to]) byNode.set(node, [...(byNode.get(node) ?? []), b])
  const byId = new Map(branches.map((b) => [b.id, b]))
  const at = (node: string) => byNode.get(node) ?? []
  const between = (a: string, b: string) => at(a).find((x) => x.from === b || x.to === b)!
  return {
    of: (id) => byId.get(id)!,
    at,
    between,
    lengthOf: (path) => path.slice(1).reduce((sum, node, n) => sum + between(path[n]!, node).lengthM, 0),
  }
}

/** The longest way from a node on, as nodes, itself first; not back by where one came from. */
export const longestPath = (tree: Tree, from: string, before: string | null): string[] => {
  let best: string[] = []
  let bestM = -1
  for (const b of tree.at(from)) {
    const next = b.from === from ? b.to : b.from
    if (next === before) continue
    const path = longestPath(tree, next, from)
    const m = b.lengthM + tree.lengthOf(path)
    if (m > bestM) {
      bestM = m
      best = path
    }
  }
  return [from, ...best]
}
