import type { StationAssessment, VerdictState } from '@lochmoor/core'
import type { ReactNode } from 'react'
import { SentenceText } from '../../fields/FigureText.tsx'
import type { RemedyState } from './background/useRemedies.ts'

/** Two answers at any time: is this going to work, and what to do next. */
export interface Headline {
  readonly state: VerdictState
  /** The station's own word for the state, where it has one. */
  readonly word?: string
  readonly says: string
  readonly next: ReactNode
}

/** As the worst verdict has it: what is wrong, and the least that cures it. */
export const headlineOf = ({ state, verdicts, assumptions }: StationAssessment, remedies: RemedyState): Headline => {
  const [worst] = verdicts
  if (!worst) return { state, says: 'Nothing to check yet', next: '' }
  if (worst.state === 'ok')
    return {
      state: 'ok',
      says: 'Everything checked is OK',
      next: assumptions.length > 0 ? `Next: measure what is still assumed (${assumptions.length})` : '',
    }
  const remedy = remedies.kind === 'found' ? remedies.remedies.get(worst.id)?.[0] : undefined
  const next = remedy?.label ?? worst.next ?? (worst.state === 'unknown' ? worst.reason : null)
  return {
    state: worst.state,
    says: worst.title,
    next: <>Next: {next ? <SentenceText sentence={next} /> : 'see the assessment'}</>,
  }
}
