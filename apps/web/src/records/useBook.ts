import type { RecordPage } from '@lochmoor/contract'
import type { LogRecord } from '@lochmoor/core'
import { useCallback, useEffect, useMemo, useState } from 'react'
import { explainApiError } from '../api/client.ts'
import { recordsAlong } from '../store/fetchAlong.ts'
import { useJobStore } from '../store/jobStore.ts'
import { outbox } from '../store/outbox.ts'
import { personNow, useSession } from '../store/sessionStore.ts'

export interface BookQuery {
  readonly kind: string
  readonly search: string
}

interface Book {
  /** Latest first; those that wait in this browser before all. */
  readonly records: readonly LogRecord[]
  /** All that answer; null where there are more than are counted. */
  readonly total: number | null
  readonly state: 'fetching' | 'there' | 'trouble'
  readonly why: string | null
  readonly more: (() => void) | null
  readonly again: () => void
}

const answers = (r: LogRecord, { kind, search }: BookQuery): boolean =>
  (kind === '' || r.body.kind === kind) &&
  search
    .toLowerCase()
    .split(/\s+/)
    .every((word) => JSON.stringify(r.body).toLowerCase().includes(word))

/** What answers and still waits in this browser, latest first. */
const waitingIn = (jobId: string, who: string, stored: readonly LogRecord[], query: BookQuery): LogRecord[] => {
  const ids = new Set(stored.map((r) => r.id))
  return outbox
    .of(personNow())
    .flatMap((e) =>
      e.kind === 'record' && e.jobId === jobId
        ? [{ ...e.record, who, importedBy: null, storedAt: null } satisfies LogRecord]
        : [],
    )
    .filter((r) => !ids.has(r.id) && answers(r, query))
    .reverse()
}

const totalOf = (first: RecordPage | undefined, waiting: number): number | null =>
  first?.total === null ? null : (first?.total ?? 0) + waiting

/** The log book of the open job: what the server has, and what still waits here. Nothing is fetched while nobody asks. */
export const useBook = (query: BookQuery, wanted = true): Book => {
  const { kind, search } = query
  const jobId = useJobStore((s) => s.jobId)!
  const turn = useJobStore((s) => (kind === 'photo' ? s.photoTurn : s.bookTurn))
  const waitingCount = useJobStore((s) => s.waiting)
  const who = useSession((s) => (s.session?.state === 'signed-in' ? s.session.name : ''))
  const [pages, setPages] = useState<readonly RecordPage[]>([])
  const [why, setWhy] = useState<string | null>(null)
  const [asked, setAsked] = useState(0)
  useEffect(() => {
    if (!wanted) return
    let current = true
    void recordsAlong(jobId, { kind, search }).then((r) => {
      if (!current) return
      setWhy(r.ok ? null : explainApiError(r.error))
      if (r.ok) setPages([r.value])
    })
    return () => {
      current = false
    }
  }, [jobId, kind, search, turn, asked, wanted])
  const next = pages.at(-1)?.next ?? null
  const more = useCallback(() => {
    if (next === null) return
    void recordsAlong(jobId, { kind, search, before: next }).then((r) => {
      setWhy(r.ok ? null : explainApiError(r.error))
      if (r.ok) setPages((p) => [...p, r.value])
    })
  }, [jobId, kind, search, next])
  const stored = useMemo(() => pages.flatMap((p) => p.records), [pages])
  const waiting = useMemo(
    () => (waitingCount === 0 ? [] : waitingIn(jobId, who, stored, { kind, search })),
    [waitingCount, jobId, who, stored, kind, search],
  )
  // The same list as long as nothing is in it that was not: what is made of it need not be made again at every key.
  const records = useMemo(() => (waiting.length === 0 ? stored : [...waiting, ...stored]), [stored, waiting])
  return {
    records,
    total: totalOf(pages[0], waiting.length),
    state: why !== null ? 'trouble' : pages.length === 0 ? 'fetching' : 'there',
    why,
    more: next === null ? null : more,
    again: useCallback(() => setAsked((a) => a + 1), []),
  }
}
