import {
  counted,
  correctedIds,
  RECORD_KINDS,
  validMeasurements,
  valueAt,
  type JobDocument,
  type LogRecord,
  type RecordKind,
} from '@lochmoor/core'
import { Download, Printer } from 'lucide-react'
import { useEffect, useState } from 'react'
import { ownDataIsThere } from '../shell/arrived.ts'
import { Button } from '../shell/Button.tsx'
import { Trouble } from '../shell/Trouble.tsx'
import { useJobStore } from '../store/jobStore.ts'
import { useMayWrite } from '../store/sessionStore.ts'
import { EntryForm } from './EntryForm.tsx'
import { FoldedRecords } from './FoldedRecords.tsx'
import { foldedRecords } from './foldedRecords.ts'
import { standsOn } from './measure.ts'
import { KIND_WORDS, RecordRow } from './RecordRow.tsx'
import { useBook } from './useBook.ts'

const SEARCH_SETTLE_MS = 250

/** Whether an entry was made of an item that is gone, or of one that cannot be told any more. */
const isGone = ({ body }: LogRecord, job: JobDocument): boolean =>
  body.kind === 'measurement' && body.field !== null && valueAt(job, body.field) === undefined

/** The log book: only ever added to. */
export const LogBookPage = () => {
  const jobId = useJobStore((s) => s.jobId)!
  const job = useJobStore((s) => s.document!)
  const { title, year } = job.vehicle
  const mayWrite = useMayWrite()
  const [kind, setKind] = useState('')
  const [typed, setTyped] = useState('')
  const [search, setSearch] = useState('')
  const [correcting, setCorrecting] = useState<string | null>(null)
  useEffect(ownDataIsThere, [])
  useEffect(() => {
    const timer = setTimeout(() => setSearch(typed.trim()), SEARCH_SETTLE_MS)
    return () => clearTimeout(timer)
  }, [typed])
  const book = useBook({ kind, search })
  const corrected = correctedIds(book.records)
  const valid = validMeasurements([...book.records].reverse())
  // A later entry may have been decided against: the computation stands on the latest one that says what the job has.
  const inUse = new Set([...valid.values()].flatMap((list) => list.find((r) => standsOn(job, r.body))?.id ?? []))
  const row = (r: LogRecord) => (
    <RecordRow
      key={r.id}
      record={r}
      jobId={jobId}
      corrected={corrected.has(r.id)}
      inForce={inUse.has(r.id)}
      gone={isGone(r, job)}
      old={r.corrects === null ? null : (book.records.find((o) => o.id === r.corrects) ?? null)}
      onCorrect={mayWrite && r.storedAt !== null ? () => setCorrecting(r.id) : null}
    />
  )
  const target = book.records.find((r) => r.id === correcting) ?? null
  return (
    <div className="min-h-0 flex-1 lg:overflow-y-auto print:overflow-visible">
      <div className="mx-auto grid w-full max-w-6xl gap-6 p-3 lg:grid-cols-[20rem_minmax(0,1fr)] lg:p-6 print:block">
        {mayWrite && (
          <aside aria-label="New entry" className="print:hidden">
            <EntryForm key={correcting ?? 'new'} corrects={target} onDone={() => setCorrecting(null)} />
          </aside>
        )}
        <section aria-label="Job log" className={mayWrite ? '' : 'lg:col-span-2'}>
          <h2 className="hidden text-xl font-extrabold print:block">
            Job log: {title}
            {year === null ? '' : ` ${year}`}
          </h2>
          <div className="mb-2 flex flex-wrap items-center gap-3 print:hidden">
            <input
              type="search"
              aria-label="Search the job log"
              placeholder="Search the job log"
              value={typed}
              onChange={(e) => setTyped(e.target.value)}
              className="h-9 w-48 border border-soft bg-sheet px-2 placeholder:text-soft"
            />
            <select
              aria-label="Kind of entry"
              value={kind}
              onChange={(e) => setKind(e.target.value)}
              className="h-9 border border-soft/60 bg-sheet px-1.5 font-semibold"
            >
              <option value="">All kinds</option>
              {RECORD_KINDS.map((k: RecordKind) => (
                <option key={k} value={k}>
                  {KIND_WORDS[k]}
                </option>
              ))}
            </select>
            <span className="text-soft">
              {book.total === null
                ? `over ${counted(book.records.length, 'entry', 'entries')}`
                : counted(book.total, 'entry', 'entries')}
            </span>
            <span className="flex-1" />
            <a
              href={`/api/jobs/${jobId}/records.csv`}
              download
              className="flex items-center gap-1 text-accent underline"
            >
              <Download size={16} aria-hidden /> CSV
            </a>
            <Button onClick={() => print()}>
              <Printer size={16} aria-hidden /> Print
            </Button>
          </div>
          {book.state === 'fetching' && <p className="text-soft">Loading the job log…</p>}
          {book.state === 'trouble' && (
            <Trouble title="The job log could not be loaded" why={book.why ?? ''} onRetry={book.again} />
          )}
          {book.state === 'there' && book.records.length === 0 && (
            <p className="border-t-2 border-ink py-3">
              {kind || search
                ? 'No matching entries.'
                : 'Nothing here yet. Measurements entered at a station are logged automatically; add notes, decisions and photographs here.'}
            </p>
          )}
          {book.records.length > 0 && (
            <ol className="border-t-2 border-ink">
              {foldedRecords(book.records, search !== '').map((part) =>
                part.kind === 'one' ? (
                  row(part.record)
                ) : (
                  <FoldedRecords key={part.records[0]!.id} records={part.records} row={row} />
                ),
              )}
            </ol>
          )}
          {book.more && (
            <div className="mt-3 flex print:hidden">
              <Button onClick={book.more}>Older entries</Button>
            </div>
          )}
        </section>
      </div>
    </div>
  )
}
