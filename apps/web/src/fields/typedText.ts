import type { Family, Unit } from '@lochmoor/core'

const KEY = 'lochmoor-typed'
/** Entries kept in this browser; the oldest go first. */
const MOST_KEPT = 2000

interface Typed {
  readonly text: string
  /** The unit in which a figure without one was read. */
  readonly unit: string | null
}

const read = (): Map<string, Typed> => {
  try {
    return new Map(JSON.parse(localStorage.getItem(KEY) ?? '[]') as [string, Typed][])
  } catch {
    // Not ours any more, or no storage here: figures are then shown in the unit of the reader.
    return new Map()
  }
}
let kept: Map<string, Typed> | null = null

const keyOf = (jobId: string | null, path: string, si: number): string => `${jobId ?? ''} ${path} ${si.toPrecision(10)}`

/** An entry that carries its own unit, as "1/4 in" or "half past one"; of a bore also "-6", a dash size. */
export const hasOwnUnit = (text: string, family: Family): boolean =>
  /[^\d.,\s/+−-]/.test(text) || (family === 'bore' && /^-\d+$/.test(text.trim()))

/** Remembers how a figure was written, so that 1/4 stays 1/4 wherever this browser shows it again. */
export const rememberTyped = (
  jobId: string | null,
  path: string,
  si: number,
  text: string,
  shown: Unit,
  family: Family,
): void => {
  kept ??= read()
  const key = keyOf(jobId, path, si)
  kept.delete(key)
  kept.set(key, { text: text.trim(), unit: hasOwnUnit(text, family) ? null : shown.id })
  for (const old of kept.keys()) {
    if (kept.size <= MOST_KEPT) break
    kept.delete(old)
  }
  try {
    localStorage.setItem(KEY, JSON.stringify([...kept]))
  } catch {
    // No room: it is remembered until the page is left.
  }
}

/** As the figure was written here, with its unit where that is not the one shown; null where it never was. */
export const typedAs = (
  jobId: string | null,
  path: string,
  si: number,
  shown: Unit,
): { readonly text: string; readonly withUnit: boolean } | null => {
  kept ??= read()
  const typed = kept.get(keyOf(jobId, path, si))
  if (!typed) return null
  if (typed.unit === null) return { text: typed.text, withUnit: true }
  return typed.unit === shown.id ? { text: typed.text, withUnit: false } : null
}

/** For tests: as after a fresh start of the browser. */
export const forgetTyped = (): void => {
  kept = null
}
