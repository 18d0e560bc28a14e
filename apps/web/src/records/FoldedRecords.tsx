import { counted, type LogRecord } from '@lochmoor/core'
import { ChevronDown, ChevronRight, Gauge } from 'lucide-react'
import { useState, type ReactNode } from 'react'
import { longTime } from '../jobs/shortTime.ts'
import { plainText } from './RecordRow.tsx'

/** Names told while it is folded. */
const TOLD = 4

/** Measurements that stations entered, as one line that unfolds. */
export const FoldedRecords = ({
  records,
  row,
}: {
  records: readonly LogRecord[]
  row: (r: LogRecord) => ReactNode
}) => {
  const [open, setOpen] = useState(false)
  const Chevron = open ? ChevronDown : ChevronRight
  const [latest] = records
  const rest = records.length - TOLD
  return (
    <>
      <li className="flex gap-3 border-b border-hair py-2 print:break-inside-avoid">
        <Gauge size={20} aria-hidden className="mt-0.5 shrink-0 text-soft" />
        <div className="min-w-0 flex-1">
          <p className="text-soft">
            {longTime(latest!.at)}, {latest!.who}
          </p>
          <button
            type="button"
            aria-expanded={open}
            onClick={() => setOpen(!open)}
            className="flex items-center gap-1 text-left font-semibold hover:underline"
          >
            {counted(records.length, 'measurement')} entered at the stations
            <Chevron size={16} aria-hidden className="shrink-0 print:hidden" />
          </button>
          {!open && (
            <p className="text-soft wrap-anywhere">
              {records
                .slice(0, TOLD)
                .map((r) => plainText(r.body))
                .join(' · ')}
              {rest > 0 && ` · and ${rest} more`}
            </p>
          )}
        </div>
      </li>
      {open && records.map(row)}
    </>
  )
}
