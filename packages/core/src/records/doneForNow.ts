import { correctedIds } from './inForce.ts'
import type { LogRecord, RecordBody } from './record.ts'

export type DoneForNow = LogRecord & { readonly body: Extract<RecordBody, { kind: 'for-now' }> }

/** What was done for now and is still so: neither corrected nor voided since. Dangers first, then the oldest. */
export const doneForNow = (records: readonly LogRecord[]): readonly DoneForNow[] => {
  const corrected = correctedIds(records)
  return records
    .filter((r): r is DoneForNow => r.body.kind === 'for-now' && !r.withdraws && !corrected.has(r.id))
    .sort((a, b) => Number(b.body.danger) - Number(a.body.danger) || a.at.localeCompare(b.at))
}
