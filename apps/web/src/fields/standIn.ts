import {
  describePath,
  foundAt,
  isFigure,
  headOf,
  valueAt,
  type Found,
  type JobDocument,
  type Known,
} from '@lochmoor/core'

/** Where a figure comes from, in words: "from the walk-around: the vacuum at idle"; "assumed" where nobody knows. */
export const originWords = ({ kind, from, why }: Found): string =>
  kind === 'assumed' ? 'assumed' : from === null ? why : `from the ${headOf(from).inSentence}: ${why}`

/** What counts while nothing is entered at a figure's own place, and where it comes from. */
export const standInAt = (job: JobDocument | null, path: string): { si: number; words: string } | null => {
  if (!job || !isFigure(path)) return null
  const found = foundAt(job, path)
  if (found.kind === 'entered' || typeof found.value !== 'number') return null
  return { si: found.value, words: originWords(found) }
}

/** What counts instead of an entry, where something that is known better wins over it. */
export const overruledAt = (job: JobDocument, path: string): string | null => {
  if (!isFigure(path)) return null
  const found = foundAt(job, path)
  const own = valueAt(job, path) as Known | string
  if (found.kind === 'entered' || found.kind === 'assumed' || own === found.value) return null
  const words = describePath(path, job).words
  const value = typeof found.value === 'string' ? (words?.[found.value] ?? found.value) : null
  return value === null ? null : `${value.toLowerCase()}, ${originWords(found)}`
}
