import type { LogRecord } from './record.ts'

/** Ids of entries that a later one corrects or withdraws. */
export const correctedIds = (records: readonly LogRecord[]): ReadonlySet<string> =>
  new Set(records.flatMap((r) => (r.corrects === null ? [] : [r.corrects])))

/**
 * For each entry of the document, its measurements that hold, latest first: not corrected, not withdrawn. The first one
 * wins; the others stay visible. Equal times keep the order in which they were stored.
 */
export const validMeasurements = (records: readonly LogRecord[]): ReadonlyMap<string, readonly LogRecord[]> => {
  const corrected = correctedIds(records)
  const byField = new Map<string, LogRecord[]>()
  for (const r of records) {
    if (r.body.kind !== 'measurement' || r.body.field === null) continue
    if (r.withdraws || corrected.has(r.id)) continue
    byField.set(r.body.field, [...(byField.get(r.body.field) ?? []), r])
  }
  for (const [field, list] of byField)
    byField.set(
      field,
      list
        .map((r, i) => ({ r, i }))
        .sort((a, b) => b.r.at.localeCompare(a.r.at) || b.i - a.i)
        .map(({ r }) => r),
    )
  return byField
}

/** The measurement that counts for an entry of the document, or null. */
export const measurementInForce = (records: readonly LogRecord[], field: string): LogRecord | null =>
  validMeasurements(records).get(field)?.[0] ?? null
