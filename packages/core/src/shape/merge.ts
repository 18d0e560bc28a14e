import { idsOf, isItems, isTree, keysOf, ORDER, sameValue, shared, under, type Item, type Tree } from './differences.ts'
import type { Node } from './node.ts'
import { placeOf, valueAt, withValueAt } from './paths.ts'

/** A leaf that both sides changed, each in its own way; undefined where a side has removed the item. */
export interface Clash {
  readonly path: string
  readonly base: unknown
  readonly mine: unknown
  readonly theirs: unknown
}

export interface Merge<T> {
  /** Both sides' changes; where they clash, mine. */
  readonly merged: T
  readonly clashes: readonly Clash[]
}

/** `ids` with those that only `other` has put in behind what stands before them there. */
const woven = (ids: readonly string[], other: readonly string[]): string[] => {
  const out = [...ids]
  other.forEach((id, i) => {
    if (out.includes(id)) return
    const before = other.slice(0, i).findLast((o) => out.includes(o))
    out.splice(before === undefined ? 0 : out.indexOf(before) + 1, 0, id)
  })
  return out
}

/**
 * Three-way merge of values of a shape, by leaf inside items: what only one side changed is taken from it, what both
 * changed alike is taken once, what both changed differently is a clash and stands as mine until somebody decides. Items
 * that both added are both kept; an item that one side removed and the other changed is a clash.
 */
export const mergeThree = <T>(shape: Node, base: T, mine: T, theirs: T): Merge<T> => {
  const clashes: Clash[] = []
  const clash = (path: string, b: unknown, m: unknown, t: unknown): unknown => {
    clashes.push({ path, base: b, mine: m, theirs: t })
    return m
  }
  const fields = (of: (key: string) => Node | null, b: Tree, m: Tree, t: Tree, path: string): unknown =>
    Object.fromEntries(
      keysOf(m, t).flatMap((k) => {
        const value = merge(of(k), b[k], m[k], t[k], under(path, k))
        return value === undefined ? [] : [[k, value]]
      }),
    )
  const items = (node: Node, b: readonly Item[], m: readonly Item[], t: readonly Item[], path: string): unknown => {
    const find = (list: readonly Item[], id: string) => list.find((i) => i.id === id)
    const [was, ours, others] = [idsOf(b), idsOf(m), idsOf(t)]
    const weMoved = shared(was, ours).join() !== shared(ours, was).join()
    const theyMoved = shared(was, others).join() !== shared(others, was).join()
    const apart = shared(ours, others).join() !== shared(others, ours).join()
    if (weMoved && theyMoved && apart) clash(under(path, ORDER), was, ours, others)
    const order = theyMoved && !weMoved ? woven(others, ours) : woven(ours, others)
    return order.flatMap((id) => {
      const value = merge(node, find(b, id), find(m, id), find(t, id), under(path, id))
      return value === undefined ? [] : [value]
    })
  }
  const merge = (node: Node | null, b: unknown, m: unknown, t: unknown, path: string): unknown => {
    if (sameValue(m, t)) return m
    if (sameValue(b, m)) return t
    if (sameValue(b, t)) return m
    switch (node?.is) {
      case 'group':
        if (isTree(b) && isTree(m) && isTree(t)) return fields((k) => node.fields[k] ?? null, b, m, t, path)
        break
      case 'maybe':
        return merge(node.of, b, m, t, path)
      case 'list':
        if (isItems(b) && isItems(m) && isItems(t)) return items(node.item, b, m, t, path)
        break
      case 'seats':
        if (Array.isArray(b) && Array.isArray(m) && Array.isArray(t) && m.length === t.length)
          return node.names
            .slice(0, m.length)
            .map((seat, i) =>
              merge(node.seat, (b as unknown[])[i], (m as unknown[])[i], (t as unknown[])[i], under(path, seat)),
            )
    }
    return clash(path, b, m, t)
  }
  return { merged: merge(shape, base, mine, theirs, '') as T, clashes }
}

/** A value with one clash settled: the chosen figure, the item put back or taken out, or the order of a list. */
export const withChoice = <T>(value: T, path: string, chosen: unknown): T => {
  if (path === '') return chosen as T
  const cut = path.lastIndexOf('.')
  const [where, key] = [path.slice(0, Math.max(0, cut)), path.slice(cut + 1)]
  const list = where ? valueAt(value, where) : value
  if (!isItems(list)) return withValueAt(value, path, chosen)
  const put = (next: readonly unknown[]): T => (where ? withValueAt(value, where, next) : (next as T))
  if (key === ORDER) {
    const order = woven(chosen as string[], idsOf(list))
    return put(order.flatMap((id) => list.filter((i) => i.id === id)))
  }
  const place = placeOf(list, key)
  if (chosen === undefined) return put(list.filter((i) => i.id !== key))
  return put(place < 0 ? [...list, chosen] : list.map((i, at) => (at === place ? (chosen as Item) : i)))
}
