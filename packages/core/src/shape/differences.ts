import type { Node, ListNode } from './node.ts'

/** Deep equality of JSON values, whatever the order of keys. */
export const sameValue = (a: unknown, b: unknown): boolean => {
  if (Object.is(a, b)) return true
  if (typeof a !== 'object' || typeof b !== 'object' || a === null || b === null) return false
  const [ka, kb] = [Object.keys(a), Object.keys(b)]
  return (
    ka.length === kb.length &&
    ka.every((k) => k in b && sameValue((a as Record<string, unknown>)[k], (b as Record<string, unknown>)[k]))
  )
}

/** One leaf in which two values of a shape differ; undefined where an item is not there. */
export interface Difference {
  readonly path: string
  readonly before: unknown
  readonly after: unknown
}

export type Tree = Readonly<Record<string, unknown>>
export interface Item extends Tree {
  readonly id: string
}
export const isTree = (v: unknown): v is Tree => typeof v === 'object' && v !== null && !Array.isArray(v)
/** A list all of whose items have an id, as this version stores them. */
export const isItems = (v: unknown): v is readonly Item[] =>
  Array.isArray(v) && v.every((i) => isTree(i) && typeof i['id'] === 'string')
export const under = (path: string, key: string): string => (path ? `${path}.${key}` : key)
export const keysOf = (...trees: readonly Tree[]): string[] => [...new Set(trees.flatMap((t) => Object.keys(t)))]
/** The order of a list is a leaf of its own, under this name. */
export const ORDER = 'order'
export const idsOf = (items: readonly Item[]): string[] => items.map((i) => i.id)
/** Ids that both lists have, in the order of the first. */
export const shared = (a: readonly string[], b: readonly string[]): string[] => a.filter((id) => b.includes(id))

const calledOf = (items: readonly Item[]) => items.map((i) => (typeof i['name'] === 'string' ? i['name'] : i.id))

const ofItems = (node: ListNode, before: readonly Item[], after: readonly Item[], path: string): Difference[] => {
  const [then, now] = [idsOf(before), idsOf(after)]
  const moved = shared(then, now).join() !== shared(now, then).join()
  return [
    ...[...new Set([...then, ...now])].flatMap((id) => {
      const [b, a] = [before.find((i) => i.id === id), after.find((i) => i.id === id)]
      return b && a ? differences(node.item, b, a, under(path, id)) : [{ path: under(path, id), before: b, after: a }]
    }),
    ...(moved ? [{ path: under(path, ORDER), before: calledOf(before), after: calledOf(after) }] : []),
  ]
}

/**
 * The leaves in which two values of a shape differ. Items of lists are known by their id wherever they stand; what does
 * not have this shape, as an older version stored it, counts as one leaf.
 */
export const differences = (node: Node | null, before: unknown, after: unknown, path = ''): Difference[] => {
  if (sameValue(before, after)) return []
  const whole = [{ path, before, after }]
  switch (node?.is) {
    case 'group':
      return isTree(before) && isTree(after)
        ? keysOf(before, after).flatMap((k) => differences(node.fields[k] ?? null, before[k], after[k], under(path, k)))
        : whole
    case 'maybe':
      return isTree(before) && isTree(after) ? differences(node.of, before, after, path) : whole
    case 'list':
      return isItems(before) && isItems(after) ? ofItems(node, before, after, path) : whole
    case 'seats':
      return Array.isArray(before) && Array.isArray(after)
        ? node.names
            .slice(0, Math.max(before.length, after.length))
            .flatMap((seat, i) => differences(node.seat, before[i], after[i], under(path, seat)))
        : whole
    default:
      return whole
  }
}
