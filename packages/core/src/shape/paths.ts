import type { GroupNode, Leaf, Node } from './node.ts'

type Tree = Readonly<Record<string, unknown>>

const ROLES = ['a', 'b']
const isItem = (value: unknown): value is { readonly id: string } =>
  typeof value === 'object' && value !== null && 'id' in value

/**
 * Where a key of a path stands in a list: items with an id by their id and by nothing else, seats by their role or
 * number; -1 where there is none.
 */
export const placeOf = (list: readonly unknown[], key: string): number => {
  if (list.some(isItem)) return list.findIndex((item) => isItem(item) && item.id === key)
  const place = /^\d+$/.test(key) ? Number(key) : ROLES.indexOf(key)
  return place < list.length ? place : -1
}

const stepInto = (at: unknown, key: string): unknown => {
  if (Array.isArray(at)) return at[placeOf(at, key)] as unknown
  return typeof at === 'object' && at !== null && Object.hasOwn(at, key) ? (at as Tree)[key] : undefined
}

/** The value at a dotted path, e.g. "fuel.feed.legs.{id}.lengthM"; undefined where the path leads nowhere. */
export const valueAt = (root: unknown, path: string): unknown => path.split('.').reduce<unknown>(stepInto, root)

/** A copy with the value at a dotted path replaced. The path must exist: a wrong one is a fault of ours. */
export const withValueAt = <T>(root: T, path: string, value: unknown): T => {
  const [key, ...rest] = path.split('.')
  if (!key || stepInto(root, key) === undefined) throw new Error(`nothing at ${path}`)
  const next = rest.length === 0 ? value : withValueAt(stepInto(root, key), rest.join('.'), value)
  if (!Array.isArray(root)) return { ...root, [key]: next }
  const place = placeOf(root, key)
  return root.map((v: unknown, i) => (i === place ? next : v)) as T
}

/** The part of a shape that a path leads to, whatever the ids of its items; null where it leads nowhere. */
export const nodeAt = (shape: Node, path: string): Node | null =>
  path.split('.').reduce<Node | null>((node, key) => node && childOf(node, key), shape)

const childOf = (node: Node, key: string): Node | null => {
  switch (node.is) {
    case 'group':
      return Object.hasOwn(node.fields, key) ? node.fields[key]! : null
    case 'maybe':
      return childOf(node.of, key)
    case 'list':
      return node.item
    case 'seats':
      return node.names.includes(key) || key === '*' ? node.seat : null
    default:
      return null
  }
}

export const isLeaf = (node: Node): node is Leaf => !['group', 'maybe', 'list', 'seats'].includes(node.is)

/** Every leaf of a shape by its path; items of lists and seats as "*". */
export const leavesOf = (node: Node, path = ''): [path: string, leaf: Leaf][] => {
  const under = (key: string) => (path ? `${path}.${key}` : key)
  switch (node.is) {
    case 'group':
      return Object.entries(node.fields).flatMap(([key, field]) => leavesOf(field, under(key)))
    case 'maybe':
      return leavesOf(node.of, path)
    case 'list':
      return leavesOf(node.item, under('*'))
    case 'seats':
      return leavesOf(node.seat, under('*'))
    default:
      return [[path, node]]
  }
}

type ChildPaths<F> = {
  [K in keyof F & string]: F[K] extends { is: 'group' | 'maybe' | 'list' | 'seats' } ? `${K}.${PathsOf<F[K]>}` : K
}[keyof F & string]

/** Paths of the leaves of a shape, items of lists and seats as "*". */
export type PathsOf<N> =
  N extends GroupNode<infer F>
    ? ChildPaths<F>
    : N extends { is: 'maybe'; of: infer G }
      ? PathsOf<G>
      : N extends { is: 'list'; item: infer G }
        ? `*.${PathsOf<G>}`
        : N extends { is: 'seats'; seat: infer S }
          ? S extends { is: 'group' }
            ? `*.${PathsOf<S>}`
            : '*'
          : never
