import { CloudCheck, CloudOff, CloudUpload, Redo2, TriangleAlert, Undo2 } from 'lucide-react'
import { Link } from 'react-router'
import { HeaderMiddle } from '../shell/HeaderMiddle.tsx'
import { redo, undo } from '../store/commands.ts'
import { useJobStore, type SaveState } from '../store/jobStore.ts'
import { shortTime } from './shortTime.ts'

/** Title of the open job, its save state, undo and redo. */
export const JobHeader = () => {
  const vehicle = useJobStore((s) => s.document?.vehicle)
  const undoLabel = useJobStore((s) => s.past.at(-1)?.label)
  const redoLabel = useJobStore((s) => s.future.at(-1)?.label)
  return (
    <HeaderMiddle>
      <nav aria-label="Where you are" className="hidden shrink-0 items-center gap-2 text-soft sm:flex">
        <span aria-hidden>/</span>
        <Link to="/jobs" className="hover:underline">
          Jobs
        </Link>
        <span aria-hidden>/</span>
      </nav>
      <h1 className="min-w-0 truncate font-semibold">
        {vehicle?.title}
        {vehicle?.year ? <span className="font-normal text-soft"> {vehicle.year}</span> : null}
      </h1>
      <span className="flex-1" />
      <SaveMark />
      <IconButton label={undoLabel ? `Undo ${undoLabel}` : 'Nothing to undo'} disabled={!undoLabel} onClick={undo}>
        <Undo2 size={18} aria-hidden />
      </IconButton>
      <IconButton label={redoLabel ? `Redo ${redoLabel}` : 'Nothing to redo'} disabled={!redoLabel} onClick={redo}>
        <Redo2 size={18} aria-hidden />
      </IconButton>
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
    className="grid size-9 shrink-0 place-items-center rounded hover:bg-wash disabled:opacity-40"
    {...rest}
  />
)

const SAVE_WORD: Readonly<Record<SaveState, string>> = {
  saved: 'Saved',
  saving: 'Saving',
  'kept-here': 'Kept here, not sent',
  conflict: 'Needs a decision',
  refused: 'Refused',
}

const SAVE_ICON = {
  saved: CloudCheck,
  saving: CloudUpload,
  'kept-here': CloudOff,
  conflict: TriangleAlert,
  refused: TriangleAlert,
}

const SaveMark = () => {
  const { save, saveNote, savedAt } = useJobStore((s) => s)
  const Icon = SAVE_ICON[save]
  const calm = save === 'saved' || save === 'saving'
  const detail = saveNote ?? (savedAt ? `Stored at ${shortTime(savedAt)}` : '')
  return (
    <span
      role="status"
      title={detail}
      className={`flex shrink-0 items-center gap-1.5 ${calm ? 'text-soft' : 'font-bold text-caution'}`}
    >
      <Icon size={18} aria-hidden />
      <span className={calm ? 'sr-only md:not-sr-only' : ''}>{SAVE_WORD[save]}</span>
      {save === 'refused' && saveNote ? <span className="sr-only">{saveNote}</span> : null}
    </span>
  )
}
