import {
  Archive,
  ArchiveRestore,
  Copy,
  Download,
  Ellipsis,
  Flag,
  Link2,
  Redo2,
  Table2,
  Trash2,
  Undo2,
} from 'lucide-react'
import { WORK_STATE_WORDS } from '@lochmoor/core'
import { DropdownMenu } from 'radix-ui'
import { useState, type ReactNode } from 'react'
import { useNavigate } from 'react-router'
import { explainApiError, type ApiError } from '../api/client.ts'
import { archiveJob, createJob, deleteJob, restoreJob } from '../api/jobs.ts'
import { usePaperHref } from '../benches/bench/usePaperHref.ts'
import { useJobStore } from '../store/jobStore.ts'
import { useIsOwner } from '../store/sessionStore.ts'
import { redo, undo } from '../store/commands.ts'
import { ConfirmDialog } from './ConfirmDialog.tsx'
import { GuestLinksDialog } from './GuestLinksDialog.tsx'
import { WorkDialog } from './WorkPopover.tsx'

/** What can be done with a job as a whole. */
export const JobMenu = () => {
  const { jobId, archivedAt, document: job } = useJobStore((s) => s)
  const undoLabel = useJobStore((s) => s.past.at(-1)?.label)
  const redoLabel = useJobStore((s) => s.future.at(-1)?.label)
  const owner = useIsOwner()
  const navigate = useNavigate()
  const hrefOf = usePaperHref()
  const [open, setOpen] = useState<'links' | 'delete' | 'state' | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  if (!jobId || !job) return null
  const failed = (e: ApiError) => setTrouble(explainApiError(e))
  const copy = async () => {
    const made = await createJob({ title: `${job.vehicle.title} (copy)`.slice(0, 80), copyOf: jobId })
    if (made.ok) await navigate(`/jobs/${made.value.id}`)
    else failed(made.error)
  }
  const toBoard = async (act: Promise<Awaited<ReturnType<typeof archiveJob>>>) => {
    const done = await act
    if (done.ok) await navigate('/jobs')
    else failed(done.error)
  }
  return (
    <>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger
          aria-label="This job"
          className="grid size-9 shrink-0 place-items-center rounded hover:bg-wash"
        >
          <Ellipsis size={20} aria-hidden />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content align="end" sideOffset={6} className="z-20 w-60 border-2 border-ink bg-sheet py-1">
            <Item small icon={<Flag size={17} aria-hidden />} onSelect={() => setOpen('state')}>
              State: {WORK_STATE_WORDS[job.work.state]}
            </Item>
            {undoLabel && (
              <Item small icon={<Undo2 size={17} aria-hidden />} onSelect={undo}>
                Undo {undoLabel}
              </Item>
            )}
            {redoLabel && (
              <Item small icon={<Redo2 size={17} aria-hidden />} onSelect={redo}>
                Redo {redoLabel}
              </Item>
            )}
            <Item icon={<Link2 size={17} aria-hidden />} onSelect={() => setOpen('links')}>
              Guest links
            </Item>
            <Item icon={<Copy size={17} aria-hidden />} onSelect={() => void copy()}>
              Copy to a new job
            </Item>
            <DropdownMenu.Item asChild>
              <a
                href={`/api/jobs/${jobId}/export`}
                download={`${job.vehicle.title}.lochmoor.json`}
                className="flex min-h-9 max-lg:min-h-[44px] items-center gap-2 px-3 data-[highlighted]:bg-wash"
              >
                <Download size={17} aria-hidden /> Export as a file
              </a>
            </DropdownMenu.Item>
            <DropdownMenu.Item asChild>
              <a
                href={`/api/jobs/${jobId}/export?history=none`}
                download={`${job.vehicle.title}.lochmoor.json`}
                className="flex min-h-9 max-lg:min-h-[44px] items-center gap-2 px-3 data-[highlighted]:bg-wash"
              >
                <Download size={17} aria-hidden /> Export without history
              </a>
            </DropdownMenu.Item>
            <DropdownMenu.Item asChild>
              <a
                href={hrefOf('entries.csv')}
                download
                className="flex min-h-9 max-lg:min-h-[44px] items-center gap-2 px-3 data-[highlighted]:bg-wash"
              >
                <Table2 size={17} aria-hidden /> All entries as CSV
              </a>
            </DropdownMenu.Item>
            {archivedAt ? (
              <Item icon={<ArchiveRestore size={17} aria-hidden />} onSelect={() => void toBoard(restoreJob(jobId))}>
                Back to the board
              </Item>
            ) : (
              <Item icon={<Archive size={17} aria-hidden />} onSelect={() => void toBoard(archiveJob(jobId))}>
                Archive
              </Item>
            )}
            {archivedAt && owner && (
              <Item icon={<Trash2 size={17} aria-hidden />} onSelect={() => setOpen('delete')}>
                Delete permanently
              </Item>
            )}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      {open === 'state' && <WorkDialog onClose={() => setOpen(null)} />}
      {open === 'links' && <GuestLinksDialog jobId={jobId} onClose={() => setOpen(null)} />}
      {open === 'delete' && (
        <ConfirmDialog
          title={`Delete ${job.vehicle.title}?`}
          text="The job, its history, its job log and all photographs are deleted permanently. Export the job first if anybody may want it again."
          act="Delete permanently"
          onYes={() => void toBoard(deleteJob(jobId))}
          onClose={() => setOpen(null)}
        />
      )}
      {trouble && <ConfirmDialog title="That did not work" text={trouble} onClose={() => setTrouble(null)} />}
    </>
  )
}

interface ItemProps {
  readonly icon: ReactNode
  readonly children: ReactNode
  readonly onSelect: () => void
  /** Only where the header has no room for it. */
  readonly small?: boolean
}

const Item = ({ icon, children, onSelect, small = false }: ItemProps) => (
  <DropdownMenu.Item
    onSelect={onSelect}
    className={`${small ? 'sm:hidden' : ''} flex min-h-9 max-lg:min-h-[44px] cursor-pointer items-center gap-2 px-3 data-[highlighted]:bg-wash`}
  >
    {icon} {children}
  </DropdownMenu.Item>
)
