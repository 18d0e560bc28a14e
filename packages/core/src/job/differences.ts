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

/** One leaf in which two JSON values differ. */
export interface Difference {
  readonly path: string
  readonly before: unknown
  readonly after: unknown
}

const isBranch = (v: unknown): v is Readonly<Record<string, unknown>> =>
  typeof v === 'object' && v !== null && !Array.isArray(v) && !('id' in v)

/** The leaves in which two JSON values differ. Lists, and parts of the catalogue (things with an id), count as one leaf. */
export const differences = (before: unknown, after: unknown, path = ''): Difference[] => {
  if (sameValue(before, after)) return []
  if (!isBranch(before) || !isBranch(after)) return [{ path, before, after }]
  return [...new Set([...Object.keys(before), ...Object.keys(after)])].flatMap((k) =>
    differences(before[k], after[k], path ? `${path}.${k}` : k),
  )
}

/** A leaf that both sides changed, each in its own way. */
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

/**
 * Three-way merge of JSON values by leaf: what only one side changed is taken from it, what both changed alike is taken
 * once, what both changed differently is a clash and stands as mine until somebody decides.
 */
export const mergeThree = <T>(base: T, mine: T, theirs: T): Merge<T> => {
  const clashes: Clash[] = []
  const merge = (b: unknown, m: unknown, t: unknown, path: string): unknown => {
    if (sameValue(m, t)) return m
    if (sameValue(b, m)) return t
    if (sameValue(b, t)) return m
    if (isBranch(b) && isBranch(m) && isBranch(t))
      return Object.fromEntries(
        [...new Set([...Object.keys(m), ...Object.keys(t)])].map((k) => [
          k,
          merge(b[k], m[k], t[k], path ? `${path}.${k}` : k),
        ]),
      )
    clashes.push({ path, base: b, mine: m, theirs: t })
    return m
  }
  return { merged: merge(base, mine, theirs, '') as T, clashes }
}
