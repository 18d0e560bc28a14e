import { correctedIds } from './inForce.ts'
import type { LogRecord, RecordBody } from './record.ts'

export type PhotoEntry = LogRecord & { readonly body: Extract<RecordBody, { kind: 'photo' }> }

/** Photographs by the field they belong to, latest first: as corrected last, without those voided and those of no field. */
export const photosAt = (records: readonly LogRecord[]): ReadonlyMap<string, readonly PhotoEntry[]> => {
  const corrected = correctedIds(records)
  const of = new Map<string, PhotoEntry[]>()
  for (const r of records) {
    if (r.body.kind !== 'photo' || r.body.field === null || r.withdraws || corrected.has(r.id)) continue
    of.set(r.body.field, [...(of.get(r.body.field) ?? []), r as PhotoEntry])
  }
  return of
}
