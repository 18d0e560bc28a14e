import { seededRandom } from '../../numeric/seededRandom.ts'
import { layFlat, lengthOf, openLoops, sheetsOf, type FlatLoom, type LoomBranch, type Point } from './index.ts'
import { layInWedges } from './layInWedges.ts'
import { treeOf } from './loomTree.ts'

const branch = (id: string, from: string, to: string, lengthM: number, wires = 1): LoomBranch => ({
  id,
  from,
  to,
  lengthM,
  wires,
})

/** Whether two lines meet elsewhere than in an end that they share, by solving for the point where they do. */
const meet = (a: Point, b: Point, c: Point, d: Point): boolean => {
  const det = (b.x - a.x) * (d.y - c.y) - (b.y - a.y) * (d.x - c.x)
  if (Math.abs(det) < 1e-15) return false
  const t = ((c.x - a.x) * (d.y - c.y) - (c.y - a.y) * (d.x - c.x)) / det
  const u = ((c.x - a.x) * (b.y - a.y) - (c.y - a.y) * (b.x - a.x)) / det
  const within = (x: number) => x > -1e-9 && x < 1 + 1e-9
  if (!within(t) || !within(u)) return false
  const at = { x: a.x + t * (b.x - a.x), y: a.y + t * (b.y - a.y) }
  const same = (p: Point, q: Point) => Math.hypot(p.x - q.x, p.y - q.y) < 1e-7
  return !([a, b].some((p) => same(p, at)) && [c, d].some((p) => same(p, at)))
}

const holds = (tree: readonly LoomBranch[], flat: Pick<FlatLoom, 'branches'>): void => {
  const by = new Map(flat.branches.map((b) => [b.id, b.points]))
  expect([...by.keys()].sort()).toEqual(tree.map((b) => b.id).sort())
  const at = new Map<string, Point>()
  for (const b of tree) {
    const points = by.get(b.id)!
    // A tenth of a millimetre is asked for.
    expect(Math.abs(lengthOf(points) - b.lengthM)).toBeLessThan(1e-7)
    for (const [node, p] of [[b.from, points[0]!], [b.to, points.at(-1)!]] as const) {
      const known = at.get(node)
      if (known) expect(Math.hypot(known.x - p.x, known.y - p.y)).toBeLessThan(1e-9)
      else at.set(node, p)
    }
  } // prettier-ignore
  const lines = flat.branches.flatMap((b) => b.points.slice(1).map((q, n) => ({ p: b.points[n]!, q, id: b.id })))
  let crossed = 0
  lines.forEach((s, n) => {
    for (const t of lines.slice(n + 1)) if (meet(s.p, s.q, t.p, t.q)) crossed++
  })
  expect(crossed).toBe(0)
}

const drawTree = (seed: number, many: number): LoomBranch[] => {
  const random = seededRandom(seed)
  return Array.from({ length: many }, (_, n) =>
    branch(`b${n}`, `n${Math.floor(random() * random() * (n + 1))}`, `n${n + 1}`, 0.02 + 1.2 * random() ** 3),
  )
}

describe('loops', () => {
  it('are opened at their thinnest branch, which keeps its length and ends at a mark', () => {
    const looms = openLoops([
      branch('thick', 'a', 'b', 1, 9),
      branch('thin', 'b', 'c', 0.4, 1),
      branch('middle', 'c', 'a', 0.7, 4),
      branch('other', 'x', 'y', 2),
    ])
    expect(looms).toHaveLength(2)
    expect(looms[0]!.cuts).toEqual([{ branch: 'thin', node: 'c', mark: 'A' }])
    expect(looms[0]!.branches.map((b) => [b.id, b.to])).toEqual([
      ['thick', 'b'],
      ['thin', 'c#A'],
      ['middle', 'a'],
    ])
    expect(looms[1]!.branches.map((b) => b.id)).toEqual(['other'])
  })
  it('of any network: as many cuts as it has loops, and trees are left', () => {
    for (let seed = 1; seed <= 30; seed++) {
      const random = seededRandom(seed)
      const nodes = 3 + Math.floor(random() * 10)
      const all = Array.from({ length: 20 }, (_, n) => {
        const a = Math.floor(random() * nodes)
        return branch(`b${n}`, `n${a}`, `n${(a + 1 + Math.floor(random() * (nodes - 1))) % nodes}`, 0.1 + random())
      })
      for (const { branches } of openLoops(all)) {
        const ends = new Set(branches.flatMap((b) => [b.from, b.to]))
        expect(ends.size).toBe(branches.length + 1)
        holds(branches, layFlat(branches))
      }
    }
  })
})

describe('the loom laid flat', () => {
  it('by hand: a trunk of three, and a branch straight out of it', () => {
    const flat = layFlat([branch('a', '1', '2', 0.5), branch('b', '2', '3', 0.6), branch('c', '2', '4', 0.2)])
    expect(flat.width).toBeCloseTo(1.1, 9)
    expect(flat.height).toBeCloseTo(0.2, 9)
    holds([branch('a', '1', '2', 0.5), branch('b', '2', '3', 0.6), branch('c', '2', '4', 0.2)], flat)
  })
  it('keeps every length to a tenth of a millimetre and crosses nothing: drawn trees, some of them crowded', () => {
    for (let seed = 1; seed <= 14; seed++) {
      const tree = drawTree(seed, 12 + 4 * seed)
      for (const widthM of [Infinity, 1.5]) holds(tree, layFlat(tree, widthM))
    }
  })
  it('a star with forty rays, and a comb with teeth closer than a pencil', () => {
    const star = Array.from({ length: 40 }, (_, n) => branch(`r${n}`, 'hub', `n${n}`, 0.3 + 0.01 * n))
    holds(star, layFlat(star))
    const comb = Array.from({ length: 30 }, (_, n) => [
      branch(`t${n}`, `n${n}`, `n${n + 1}`, 0.004),
      branch(`c${n}`, `n${n + 1}`, `m${n}`, 0.5 + 0.05 * n),
    ]).flat()
    holds(comb, layFlat(comb))
  })
  it('in wedges, when nothing else would do, crosses nothing either', () => {
    for (let seed = 1; seed <= 14; seed++) {
      const tree = drawTree(seed, 40)
      holds(tree, layInWedges(treeOf(tree), 'n0'))
    }
  })
  it('a trunk longer than the board turns at its edge', () => {
    const long = [branch('a', '1', '2', 2), branch('b', '2', '3', 2.5), branch('c', '2', '4', 0.2)]
    const flat = layFlat(long, 2.4)
    expect(flat.width).toBeLessThanOrEqual(2.4 + 1e-9)
    holds(long, flat)
    // What hangs at its ends lies on the board too: the trunk turns earlier.
    const ears = [...long, branch('d', '1', '5', 0.5), branch('e', '3', '6', 0.4), branch('f', '3', '7', 0.4)]
    const all = layFlat(ears, 2.4)
    expect(all.width).toBeLessThanOrEqual(2.4 + 1e-9)
    holds(ears, all)
  })
})

describe('sheets of paper', () => {
  const size = { widthM: 0.28, heightM: 0.19, overlapM: 0.01 }
  it('show every point of every line, and none is blank', () => {
    for (let seed = 1; seed <= 10; seed++) {
      const flat = layFlat(drawTree(seed, 20))
      const lines = flat.branches.map((b) => b.points)
      const sheets = sheetsOf(lines, size)
      const shows = (s: (typeof sheets)[number], p: Point) =>
        p.x >= s.x - 1e-9 && p.x <= s.x + size.widthM + 1e-9 && p.y >= s.y - 1e-9 && p.y <= s.y + size.heightM + 1e-9
      const used = new Set<number>()
      for (const points of lines)
        for (let n = 1; n < points.length; n++)
          for (let k = 0; k <= 60; k++) {
            const [a, b] = [points[n - 1]!, points[n]!]
            const p = { x: a.x + ((b.x - a.x) * k) / 60, y: a.y + ((b.y - a.y) * k) / 60 }
            const on = sheets.flatMap((s, i) => (shows(s, p) ? [i] : []))
            expect(on.length).toBeGreaterThan(0)
            for (const i of on) used.add(i)
          }
      // A sheet that a line only grazes may be met by no point that was looked at.
      expect(used.size).toBeGreaterThanOrEqual(sheets.length - 2)
    }
  })
})
