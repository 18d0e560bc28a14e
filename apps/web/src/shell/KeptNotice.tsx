import { CloudOff } from 'lucide-react'
import { shortTime } from '../jobs/shortTime.ts'
import { useAlong } from '../store/along.ts'

/** Says that the page shows what this browser has kept, and how old that is. */
export const KeptNotice = () => {
  const keptAt = useAlong((s) => s.keptAt)
  if (keptAt === null) return null
  return (
    <p
      role="status"
      className="flex shrink-0 items-start gap-2 border-b border-hair bg-sheet px-3 py-1 leading-snug lg:px-4 print:hidden"
    >
      <CloudOff size={17} aria-hidden className="mt-0.5 shrink-0 text-caution" />
      <span>
        <span className="font-semibold text-caution">No connection.</span> This is as of {shortTime(keptAt)}. What you
        enter is kept in this browser and sent later.
      </span>
    </p>
  )
}
