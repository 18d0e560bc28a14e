import type { ExhaustVerdict } from '@lochmoor/core'
import { SentenceText } from '../../../fields/FigureText.tsx'
import { BenchHeadline } from '../../bench/BenchHeadline.tsx'

interface Props {
  readonly verdicts: readonly ExhaustVerdict[]
  readonly assumed: number
  /** How many there shall be. */
  readonly sensors: number
}

/** Two answers at any time: is this going to work, and what to do next. */
export const Headline = ({ verdicts, assumed, sensors }: Props) => {
  const worst = verdicts[0]
  if (!worst) return null
  const [remedy] = worst.remedies
  const next = remedy?.label ?? worst.next ?? (worst.state === 'unknown' ? worst.reason : null)
  return (
    <BenchHeadline
      state={worst.state}
      says={
        worst.state === 'ok'
          ? sensors === 0
            ? 'No sensor, no closed loop: set by table'
            : 'The sensor’s place is proved'
          : worst.title
      }
      next={
        worst.state === 'ok' ? (
          assumed > 0 ? (
            `Next: measure what is assumed (${assumed})`
          ) : sensors === 0 ? (
            'Next: the engine’s top'
          ) : (
            'Next: print the template and drill'
          )
        ) : (
          <>Next: {next ? <SentenceText sentence={next} /> : 'see the judgement'}</>
        )
      }
    />
  )
}
