import { Redo2, Undo2 } from 'lucide-react'
import { Link } from 'react-router'
import { HeaderMiddle } from '../shell/HeaderMiddle.tsx'
import { redo, undo } from '../store/commands.ts'
import { useJobStore } from '../store/jobStore.ts'
import { useMayWrite } from '../store/sessionStore.ts'
import { JobMenu } from './JobMenu.tsx'
import { SaveMark } from './SaveMark.tsx'
import { WorkPopover } from './WorkPopover.tsx'

/** Title of the open job, its save state, undo and redo, and what can be done with it as a whole. */
export const JobHeader = () => {
  const vehicle = useJobStore((s) => s.document?.vehicle)
  const archived = useJobStore((s) => s.archivedAt !== null)
  const undoLabel = useJobStore((s) => s.past.at(-1)?.label)
  const redoLabel = useJobStore((s) => s.future.at(-1)?.label)
  const mayWrite = useMayWrite()
  return (
    <HeaderMiddle>
      {mayWrite && (
        <nav aria-label="Where you are" className="hidden shrink-0 items-center gap-2 text-soft lg:flex">
          <span aria-hidden>/</span>
          <Link to="/jobs" className="hover:underline">
            Jobs
          </Link>
          <span aria-hidden>/</span>
        </nav>
      )}
      <h1 className="min-w-0 font-semibold lg:truncate" title={vehicle?.title}>
        {vehicle?.title}
        {vehicle?.year ? <span className="font-normal text-soft"> {vehicle.year}</span> : null}
        {archived && <span className="ml-2 font-normal text-caution">archived</span>}
      </h1>
      {mayWrite && <WorkPopover />}
      <span className="flex-1" />
      {mayWrite ? (
        <>
          <SaveMark />
          <IconButton label={undoLabel ? `Undo ${undoLabel}` : 'Nothing to undo'} disabled={!undoLabel} onClick={undo}>
            <Undo2 size={18} aria-hidden />
          </IconButton>
          <IconButton label={redoLabel ? `Redo ${redoLabel}` : 'Nothing to redo'} disabled={!redoLabel} onClick={redo}>
            <Redo2 size={18} aria-hidden />
          </IconButton>
          <JobMenu />
        </>
      ) : (
        <span className="shrink-0 text-soft">read only</span>
      )}
    </HeaderMiddle>
  )
}

const IconButton = ({
  label,
  ...rest
}: {
  label: string
  disabled: boolean
  onClick: () => void
  children: React.ReactNode
}) => (
  <button
    type="button"
    aria-label={label}
    title={label}
    className="hidden size-9 shrink-0 place-items-center rounded hover:bg-wash disabled:opacity-40 sm:grid"
    {...rest}
  />
)
