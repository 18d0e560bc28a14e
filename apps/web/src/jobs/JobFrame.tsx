import { useEffect, useState } from 'react'
import { Link, Navigate, Outlet, useParams } from 'react-router'
import { explainApiError, type ApiError } from '../api/client.ts'
import { watchConnection } from '../store/commands.ts'
import { loadCatalogue, useCatalogue } from '../store/catalogueStore.ts'
import { useJobStore } from '../store/jobStore.ts'
import { openJob } from '../store/openJob.ts'
import { FieldPhotos } from '../records/FieldPhotos.tsx'
import { ConflictDialog } from './ConflictDialog.tsx'
import { GUEST_PAGES, useJobCommands } from './jobCommands.ts'
import { JobHeader } from './JobHeader.tsx'
import { ShownJob } from './ShownJob.tsx'
import { StationsRail } from './StationsRail.tsx'
import { useSession } from '../store/sessionStore.ts'
import { useAddressInJob } from './addressInJob.ts'
import { useUndoKeys } from './useUndoKeys.ts'

const loadAll = async (jobId: string): Promise<ApiError | null> => {
  const [job, parts] = await Promise.all([openJob(jobId), loadCatalogue()])
  return !job.ok ? job.error : !parts.ok ? parts.error : null
}

/** Opens the job named in the address and shows its stations within. */
export const JobFrame = () => {
  const { jobId = '' } = useParams()
  const [trouble, setTrouble] = useState<ApiError | null>(null)
  const open = useJobStore((s) => s.jobId === jobId && s.document !== null)
  const title = useJobStore((s) => s.document?.vehicle.title)
  const catalogue = useCatalogue((s) => s.catalogue)
  const isGuest = useSession((s) => s.session?.state === 'guest')
  const at = useAddressInJob().split('/')[0] ?? ''
  useUndoKeys()
  useJobCommands()

  useEffect(() => {
    void loadAll(jobId).then(setTrouble)
    return watchConnection()
  }, [jobId])
  useEffect(() => {
    document.title = title ? `${title} · Lochmoor` : 'Lochmoor'
  }, [title])

  // A guest reads the summary and the job log, not the engineering.
  if (isGuest && !GUEST_PAGES.some((p) => p.path === at)) return <Navigate to={`/jobs/${jobId}/summary`} replace />
  if (trouble) return <Trouble error={trouble} onRetry={() => void loadAll(jobId).then(setTrouble)} />
  if (!open || !catalogue) return <p className="p-6 text-soft">Opening the job…</p>
  return (
    <ShownJob key={jobId}>
      <JobHeader />
      {isGuest ? <GuestRail /> : <StationsRail />}
      <FieldPhotos>
        <Outlet />
      </FieldPhotos>
      <ConflictDialog />
    </ShownJob>
  )
}

/** Where a guest can go. */
const GuestRail = () => {
  const at = useAddressInJob().split('/')[0]
  return (
    <nav aria-label="Pages" className="flex shrink-0 border-b border-hair px-3 print:hidden">
      {GUEST_PAGES.map(({ path, title }) => (
        <Link
          key={path}
          to={path}
          aria-current={at === path ? 'page' : undefined}
          className={`border-b-[3px] px-2 py-1.5 font-semibold hover:bg-wash ${at === path ? 'border-accent bg-sheet' : 'border-transparent'}`}
        >
          {title}
        </Link>
      ))}
    </nav>
  )
}

const Trouble = ({ error, onRetry }: { error: ApiError; onRetry: () => void }) => (
  <div className="m-auto max-w-lg p-6" role="alert">
    <h1 className="mb-2 text-xl font-bold">The job could not be opened</h1>
    <p className="mb-3">
      {explainApiError(error)} What was entered in this browser is kept and sent once it opens again.
      {error.kind === 'away' && ' A job that was open here before opens without a connection too.'}
    </p>
    <div className="flex gap-3">
      <button type="button" onClick={onRetry} className="border border-ink px-3 py-1.5 font-semibold hover:bg-wash">
        Try again
      </button>
      <Link to="/jobs" className="px-3 py-1.5 text-accent underline">
        Back to the jobs
      </Link>
    </div>
  </div>
)
