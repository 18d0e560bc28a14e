import type { LogRecord } from '@lochmoor/core'

/** Entries of the log as the page shows them: one by itself, or a row of measurements that stations have entered. */
export type Shown =
  | { readonly kind: 'one'; readonly record: LogRecord }
  | { readonly kind: 'folded'; readonly records: readonly LogRecord[] }

/** Fewer than these in a row stand by themselves. */
const LEAST = 3

/** Whether a station has entered it while somebody measured, and nobody has said anything more of it. */
const isAutomatic = ({ body, corrects, withdraws, storedAt }: LogRecord): boolean =>
  body.kind === 'measurement' &&
  body.field !== null &&
  body.place === '' &&
  body.condition === '' &&
  body.instrument === '' &&
  corrects === null &&
  !withdraws &&
  storedAt !== null

const sameDay = (a: LogRecord, b: LogRecord): boolean => a.who === b.who && a.at.slice(0, 10) === b.at.slice(0, 10)

/**
 * Folds measurements that stations entered one after the other on one day, by one person. Every entry stays where it is.
 * @param open nothing is folded: somebody looks for something
 */
export const foldedRecords = (records: readonly LogRecord[], open: boolean): readonly Shown[] => {
  const parts: Shown[] = []
  let run: LogRecord[] = []
  const end = () => {
    if (run.length >= LEAST) parts.push({ kind: 'folded', records: run })
    else for (const record of run) parts.push({ kind: 'one', record })
    run = []
  }
  for (const r of records) {
    if (open || !isAutomatic(r)) {
      end()
      parts.push({ kind: 'one', record: r })
      continue
    }
    if (run.length > 0 && !sameDay(run[0]!, r)) end()
    run.push(r)
  }
  end()
  return parts
}
