import type { FuelVerdict } from '@lochmoor/core'
import { SentenceText } from '../../../fields/FigureText.tsx'
import { BenchHeadline } from '../../bench/BenchHeadline.tsx'

/** Two answers at any time: is this going to work, and what to do next. */
export const Headline = ({ verdicts, assumed }: { verdicts: readonly FuelVerdict[]; assumed: number }) => {
  const worst = verdicts[0]
  if (!worst) return null
  const [remedy] = worst.remedies
  return (
    <BenchHeadline
      state={worst.state}
      says={worst.state === 'ok' ? 'The fuel system holds its pressure from idle to full load' : worst.title}
      next={
        worst.state === 'ok' ? (
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
        )
      }
    />
  )
}
