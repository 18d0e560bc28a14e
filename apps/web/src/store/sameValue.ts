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

export interface Difference {
  readonly path: string
  readonly mine: unknown
  readonly theirs: unknown
}

/** The leaves in which two JSON values differ. Parts of the catalogue (things with an id) count as one leaf. */
export const differences = (mine: unknown, theirs: unknown, path = ''): Difference[] => {
  if (sameValue(mine, theirs)) return []
  const plain = (v: unknown): v is Record<string, unknown> =>
    typeof v === 'object' && v !== null && !Array.isArray(v) && !('id' in v)
  if (!plain(mine) || !plain(theirs)) return [{ path, mine, theirs }]
  return [...new Set([...Object.keys(mine), ...Object.keys(theirs)])].flatMap((k) =>
    differences(mine[k], theirs[k], path ? `${path}.${k}` : k),
  )
}
