import { STATE_WORDS, type VerdictState } from '@lochmoor/core'
import type { ReactNode } from 'react'
import { StateShape } from '../../marks/StateMark.tsx'

/** Two answers at any time: is this going to work, and what to do next. */
export const BenchHeadline = ({
  state,
  word = STATE_WORDS[state],
  says,
  next,
}: {
  state: VerdictState
  /** The station's own word for the state, where it has one. */
  word?: string
  says: string
  next: ReactNode
}) => (
  <div
    role="status"
    aria-label="Assessment in brief"
    className="sticky top-0 z-10 flex shrink-0 flex-wrap items-baseline gap-x-4 gap-y-0.5 border-b border-hair bg-sheet px-3 py-2 lg:px-4"
  >
    <span className="text-xl">
      <StateShape state={state} word={word} />
    </span>
    <span className="text-lg font-semibold">{says}</span>
    <span className="text-soft">{next}</span>
  </div>
)
