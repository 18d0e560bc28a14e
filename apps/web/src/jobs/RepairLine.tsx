import { counted, type RepairFirst } from '@lochmoor/core'
import { ChevronDown, Wrench } from 'lucide-react'
import { useUnfolded } from './useUnfolded.ts'

/** What must be repaired before anything is built: one line that stays, and unfolds to all of it. */
export const RepairLine = ({ repairs }: { repairs: readonly RepairFirst[] }) => {
  const [open, setOpen] = useUnfolded('repair first', false)
  const [first] = repairs
  return (
    <div role="note" aria-label="Repair first" className="shrink-0 border-b border-hair text-stop print:hidden">
      <button
        type="button"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className="flex w-full items-center gap-2 px-3 py-1 text-left font-semibold hover:bg-wash lg:px-4"
      >
        <Wrench size={17} aria-hidden className="shrink-0" />
        <span className="min-w-0 sm:hidden">{`Repair first: ${counted(repairs.length, 'repair')}`}</span>
        <span className="hidden min-w-0 sm:inline">
          {`Repair first: ${first!.step}${repairs.length > 1 ? `, and ${counted(repairs.length - 1, 'more repair')}` : ''}`}
        </span>
        <ChevronDown size={16} aria-hidden className={`shrink-0 ${open ? 'rotate-180' : ''}`} />
      </button>
      {open && (
        <ul className="px-3 pb-1.5 pl-10 leading-snug font-semibold lg:pl-11">
          {repairs.map((r) => (
            <li key={r.testId}>{r.step}</li>
          ))}
        </ul>
      )}
    </div>
  )
}
