import type { LaidBranch, Tree } from './loomTree.ts'
import type { Point } from './segments.ts'

/** Each wedge is narrower than a half plane: then what goes on in a part of its directions stays within it. */
const WIDEST = 0.9 * Math.PI

/**
 * Every branch straight, each with all that hangs on it in a wedge of directions of its own. A wedge moved along one of
 * its own directions stays within itself, and wedges of one node share nothing but it: so nothing crosses, whatever the
 * lengths.
 */
export const layInWedges = (
  tree: Tree,
  root: string,
): { readonly branches: LaidBranch[]; readonly nodes: Map<string, Point> } => {
  const branches: LaidBranch[] = []
  const nodes = new Map<string, Point>([[root, { x: 0, y: 0 }]])
  const leaves = (node: string, before: string | null): number => {
    const next = tree.at(node).map((b) => (b.from === node ? b.to : b.from)).filter((n) => n !== before) // prettier-ignore
    return next.length === 0 ? 1 : next.reduce((sum, n) => sum + leaves(n, node), 0)
  }
  const spread = (node: string, before: string | null, from: number, wide: number): void => {
    const next = tree.at(node).flatMap((b) => {
      const to = b.from === node ? b.to : b.from
      return to === before ? [] : [{ b, to, leaves: leaves(to, node) }]
    })
    const all = next.reduce((sum, n) => sum + n.leaves, 0)
    let start = from
    for (const { b, leaves: own, to } of next) {
      const share = (wide * own) / all
      const inner = Math.min(share * 0.9, WIDEST)
      const angle = start + share / 2
      const at = nodes.get(node)!
      const end = { x: at.x + b.lengthM * Math.cos(angle), y: at.y + b.lengthM * Math.sin(angle) }
      nodes.set(to, end)
      branches.push({ id: b.id, points: b.from === node ? [at, end] : [end, at] })
      spread(to, node, angle - inner / 2, inner)
      start += share
    }
  }
  spread(root, null, 0, 2 * Math.PI)
  return { branches, nodes }
}
