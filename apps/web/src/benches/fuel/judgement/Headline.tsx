import type { FuelVerdict } from '@lochmoor/core'
import { SentenceText } from '../../../fields/FigureText.tsx'
import { StateMark } from '../../../marks/StateMark.tsx'

/** Two answers at any time: is this going to work, and what to do next. */
export const Headline = ({ verdicts, assumed }: { verdicts: readonly FuelVerdict[]; assumed: number }) => {
  const worst = verdicts[0]
  if (!worst) return null
  const [remedy] = worst.remedies
  return (
    <div
      role="status"
      aria-label="Judgement in short"
      className="sticky top-0 z-10 flex shrink-0 flex-wrap items-baseline gap-x-4 gap-y-0.5 border-b border-hair bg-sheet px-3 py-2 lg:px-4"
    >
      <span className="text-xl">
        <StateMark state={worst.state} />
      </span>
      <span className="text-lg font-semibold">
        {worst.state === 'ok' ? 'The fuel system holds its pressure from idle to full load' : worst.title}
      </span>
      <span className="text-soft">
        {worst.state === 'ok' ? (
          assumed > 0 ? (
            `Next: measure what is assumed (${assumed})`
          ) : (
            'Next: order the parts'
          )
        ) : remedy ? (
          <>
            Next: <SentenceText sentence={remedy.label} />
          </>
        ) : worst.state === 'unknown' ? (
          <>
            Next: <SentenceText sentence={worst.reason} />
          </>
        ) : (
          'Next: see the judgement'
        )}
      </span>
    </div>
  )
}
