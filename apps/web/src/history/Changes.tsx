import type { HistoryEntry } from '@lochmoor/contract'
import { describePath, isItemPath } from '@lochmoor/core'
import { useState } from 'react'
import { showValue, type Reader } from '../jobs/showValue.ts'
import { useJobStore } from '../store/jobStore.ts'

/** More changes at once than these fold away. */
const MOST = 8

/** What one edit changed, each place by its name: what was there and what is there now. */
export const Changes = ({ of: entry, reader }: { of: HistoryEntry; reader: Reader }) => {
  const job = useJobStore((s) => s.document)
  const [all, setAll] = useState(false)
  const shown = all ? entry.changes : entry.changes.slice(0, MOST)
  const hidden = entry.changes.length - shown.length
  return (
    <>
      <ul>
        {shown.map((c) => {
          const path = `${entry.section}.${c.path}`
          return (
            <li key={c.path} className="leading-snug wrap-anywhere">
              {describePath(path, job, c.of).label}:{' '}
              {isItemPath(path) ? (
                <span className="font-semibold">{c.after === null ? 'removed' : 'added'}</span>
              ) : (
                <>
                  <span className="text-soft">{showValue(c.before, path, reader)}</span>
                  {' → '}
                  <span className="font-semibold">{showValue(c.after, path, reader)}</span>
                </>
              )}
            </li>
          )
        })}
      </ul>
      {hidden > 0 && (
        <button type="button" onClick={() => setAll(true)} className="text-accent underline">
          Show {hidden} more
        </button>
      )}
    </>
  )
}
