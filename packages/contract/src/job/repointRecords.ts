import { idOfOld } from './migrations.ts'

/** What a section held from a time on, oldest first, in the shape in which it was stored then. */
export type SectionVersions = readonly { readonly at: string; readonly value: unknown }[]

type Tree = Readonly<Record<string, unknown>>
const isTree = (v: unknown): v is Tree => typeof v === 'object' && v !== null

/** Where lists without ids stood, and what their items are called in ids. */
const LISTS: readonly (readonly [
  path: RegExp,
  list: (m: RegExpExecArray) => string,
  now: (m: RegExpExecArray) => string,
])[] = [
  [/^fuel\.(feed|return|suction|vent)\.legs\.(\d+)\.(.+)$/, (m) => `${m[1]}-leg`, (m) => `fuel.${m[1]}.legs`],
  [
    /^exhaust\.banks\.([01])\.pieces\.(\d+)\.(.+)$/,
    (m) => `bank-${m[1] === '0' ? 'a' : 'b'}-piece`,
    (m) => `exhaust.banks.${m[1] === '0' ? 'a' : 'b'}.pieces`,
  ],
  [/^exhaust\.(common)\.(\d+)\.(.+)$/, () => 'common-piece', () => 'exhaust.common'],
  [/^exhaust\.(obstacles)\.(\d+)\.(.+)$/, () => 'obstacle', () => 'exhaust.obstacles'],
]

const at = (value: unknown, keys: readonly string[]): unknown =>
  keys.reduce<unknown>((v, k) => (isTree(v) ? v[k] : undefined), value)

/** What the items of a list were called, or null where they cannot be told apart. */
const names = (value: unknown, keys: readonly string[]): string | null => {
  const list = at(value, keys)
  if (!Array.isArray(list)) return null
  const called = list.map((i: unknown) => (isTree(i) ? String(i.name) : ''))
  return new Set(called).size === called.length ? JSON.stringify(called) : null
}

/**
 * The place of a log book entry that was made when items of lists had no ids yet, as "fuel.feed.legs.1.lengthM": by the
 * id of its item where it is certain which one it was, else as it stands, which leads nowhere and makes it read-only. It is
 * certain where the list has held the same items in the same order ever since.
 * @param versions of the section the field lies in, oldest first
 * @param madeAt when the entry was made, ISO
 */
export const repointField = (field: string, madeAt: string, versions: SectionVersions): string => {
  for (const [pattern, list, now] of LISTS) {
    const m = pattern.exec(field)
    if (!m) continue
    const [index, rest] = [Number(m[2]), m[3]!]
    const keys = field.split('.').slice(1, -(rest.split('.').length + 1))
    const before = versions.filter((v) => v.at <= madeAt).at(-1)
    const since = versions.filter((v) => v.at > madeAt)
    const held = [...(before ? [before] : []), ...since].map((v) => names(v.value, keys))
    const [first] = held
    const certain =
      typeof first === 'string' && held.every((n) => n === first) && index < (JSON.parse(first) as string[]).length
    return certain ? `${now(m)}.${idOfOld(list(m), index)}.${rest}` : field
  }
  return field.replace(
    /^exhaust\.(banks|spots)\.([01])\./,
    (_, l: string, i: string) => `exhaust.${l}.${i === '0' ? 'a' : 'b'}.`,
  )
}
