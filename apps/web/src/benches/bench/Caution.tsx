import { TriangleAlert } from 'lucide-react'
import type { ReactNode } from 'react'

/** What can hurt, where the step is that can do it. */
export const Caution = ({ children }: { children: ReactNode }) => (
  <p role="note" className="mb-3 flex items-start gap-2 border-l-4 border-caution bg-sheet px-2.5 py-1.5 leading-snug">
    <TriangleAlert size={18} aria-hidden className="mt-0.5 shrink-0 text-caution" />
    <span>{children}</span>
  </p>
)
