import { SECTION_NAMES, type HistoryEntry, type HistoryPage as Page, type SectionName } from '@lochmoor/contract'
import { STATION_HEADS, type JobDocument } from '@lochmoor/core'
import { useCallback, useEffect, useState } from 'react'
import { explainApiError } from '../api/client.ts'
import { fetchHistory, fetchVersion } from '../api/jobs.ts'
import { longTime } from '../jobs/shortTime.ts'
import type { Reader } from '../jobs/showValue.ts'
import { useReader } from '../jobs/useReader.ts'
import { FromFile } from '../marks/FromFile.tsx'
import { ownDataIsThere } from '../shell/arrived.ts'
import { Button } from '../shell/Button.tsx'
import { Trouble } from '../shell/Trouble.tsx'
import { useFetched } from '../shell/useFetched.ts'
import { putBack, run } from '../store/commands.ts'
import { useJobStore } from '../store/jobStore.ts'
import { Changes } from './Changes.tsx'

/** A section goes by the name of the station that enters it first; car and work belong to no single one. */
const sectionWords = (section: SectionName): string =>
  section === 'vehicle'
    ? 'Engine and car'
    : section === 'work'
      ? 'State'
      : (STATION_HEADS.find((s) => s.sections[0] === section)?.title ?? section)

/** Who changed what and when, with the way back. */
export const HistoryPage = () => {
  const jobId = useJobStore((s) => s.jobId)!
  const savedAt = useJobStore((s) => s.savedAt)
  const [section, setSection] = useState<SectionName | ''>('')
  const [older, setOlder] = useState<Page[]>([])
  const [trouble, setTrouble] = useState<string | null>(null)
  const reader = useReader()
  const fetch = useCallback(() => {
    setOlder([])
    return fetchHistory(jobId, section || undefined)
  }, [jobId, section])
  const { fetched, again } = useFetched(fetch)
  useEffect(ownDataIsThere, [])
  useEffect(again, [again, savedAt])
  const pages = fetched.state === 'there' ? [fetched.value, ...older] : []
  const entries = pages.flatMap((p) => p.entries)
  const place = pages.at(-1)?.next ?? null
  const more = async () => {
    if (!place) return
    const next = await fetchHistory(jobId, section || undefined, place)
    setTrouble(next.ok ? null : explainApiError(next.error))
    if (next.ok) setOlder((o) => [...o, next.value])
  }
  return (
    <div className="min-h-0 flex-1 lg:overflow-y-auto">
      <div className="mx-auto w-full max-w-4xl p-3 lg:p-6">
        <div className="mb-3 flex flex-wrap items-center justify-between gap-3">
          <h2 className="text-xl font-extrabold">History</h2>
          <label className="flex items-center gap-2">
            <span className="text-soft">Section</span>
            <select
              value={section}
              onChange={(e) => setSection(e.target.value as SectionName | '')}
              className="h-9 border border-soft/60 bg-sheet px-1.5 font-semibold"
            >
              <option value="">All</option>
              {SECTION_NAMES.map((s) => (
                <option key={s} value={s}>
                  {sectionWords(s)}
                </option>
              ))}
            </select>
          </label>
        </div>
        {fetched.state === 'fetching' && <p className="text-soft">Loading the history…</p>}
        {fetched.state === 'trouble' && (
          <Trouble title="The history could not be loaded" why={fetched.why} onRetry={again} />
        )}
        <ol className="border-t-2 border-ink">
          {entries.map((e) => (
            <EntryRow key={`${e.section} ${e.version}`} entry={e} jobId={jobId} reader={reader} />
          ))}
        </ol>
        {trouble && <Trouble title="Older changes could not be loaded" why={trouble} />}
        {place !== null && (
          <div className="mt-3 flex">
            <Button onClick={() => void more()}>Older changes</Button>
          </div>
        )}
      </div>
    </div>
  )
}

const EntryRow = ({ entry, jobId, reader }: { entry: HistoryEntry; jobId: string; reader: Reader }) => {
  const now = useJobStore((s) => s.acknowledged[entry.section].version)
  const [trouble, setTrouble] = useState<string | null>(null)
  const restore = async () => {
    const old = await fetchVersion(jobId, entry.section, entry.version)
    if (!old.ok) return setTrouble(explainApiError(old.error))
    run(
      putBack(
        entry.section,
        old.value.value as JobDocument[typeof entry.section],
        `${sectionWords(entry.section)} of ${longTime(entry.at)}`,
      ),
    )
  }
  return (
    <li className="flex gap-4 border-b border-hair py-2">
      <div className="min-w-0 flex-1">
        <p>
          <span className="font-bold">{sectionWords(entry.section)}</span>{' '}
          <span className="text-soft">
            {longTime(entry.at)}, {entry.who}
            <FromFile by={entry.importedBy} />
          </span>
        </p>
        {entry.changes.length === 0 ? (
          <p className="text-soft">{entry.version === 1 ? 'Created.' : 'Nothing changed.'}</p>
        ) : (
          <Changes of={entry} reader={reader} />
        )}
        {trouble && (
          <p role="alert" className="font-semibold text-stop">
            {trouble}
          </p>
        )}
      </div>
      {entry.version === now ? (
        <span className="shrink-0 text-soft">current</span>
      ) : (
        <span className="shrink-0">
          <Button
            onClick={() => void restore()}
            label={`Restore: ${sectionWords(entry.section)} of ${longTime(entry.at)}`}
          >
            Restore
          </Button>
        </span>
      )}
    </li>
  )
}
