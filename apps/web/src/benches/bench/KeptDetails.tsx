import type { ReactNode } from 'react'
import { useUnfolded } from '../../jobs/useUnfolded.ts'

interface Props {
  readonly id: string
  /** Whether it is unfolded until somebody has folded or unfolded it in this job. */
  readonly atFirst: boolean
  readonly className: string
  readonly summary: ReactNode
  readonly summaryClass: string
  readonly children: ReactNode
}

/** What folds away, and is found again as it was left in the job. */
export const KeptDetails = ({ id, atFirst, className, summary, summaryClass, children }: Props) => {
  const [open, setOpen] = useUnfolded(id, atFirst)
  return (
    <details
      id={id}
      className={className}
      open={open}
      onToggle={(e) => {
        if (e.currentTarget.open !== open) setOpen(e.currentTarget.open)
      }}
    >
      <summary className={summaryClass}>{summary}</summary>
      {children}
    </details>
  )
}
