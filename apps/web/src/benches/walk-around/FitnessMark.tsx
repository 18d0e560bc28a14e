import type { Fitness, VerdictState } from '@lochmoor/core'
import { StateShape } from '../../marks/StateMark.tsx'

export const FITNESS_WORDS: Readonly<Record<Fitness, string>> = {
  fit: 'Fit',
  watch: 'Watch',
  repair: 'Repair first',
  'not-tested': 'Not tested',
}
export const FITNESS_VERDICT: Readonly<Record<Fitness, VerdictState>> = {
  fit: 'ok',
  watch: 'caution',
  repair: 'stop',
  'not-tested': 'unknown',
}

/** The result of a test: the shapes that every screen has, with the words of this station. */
export const FitnessMark = ({ state }: { state: Fitness }) => (
  <StateShape state={FITNESS_VERDICT[state]} word={FITNESS_WORDS[state]} />
)
