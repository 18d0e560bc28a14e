import { Plus } from 'lucide-react'
import type { ReactNode } from 'react'

/** Adds one more to a list. */
export const AddButton = ({ onClick, children }: { onClick: () => void; children: ReactNode }) => (
  <button
    type="button"
    onClick={onClick}
    className="flex items-center gap-1.5 border border-soft/60 px-2 py-1 font-semibold hover:bg-wash"
  >
    <Plus size={15} aria-hidden /> {children}
  </button>
)
