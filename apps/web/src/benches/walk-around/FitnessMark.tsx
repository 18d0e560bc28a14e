import { FITNESS_VERDICT, type Fitness } from '@lochmoor/core'
import { StateShape } from '../../marks/StateMark.tsx'

export const FITNESS_WORDS: Readonly<Record<Fitness, string>> = {
  fit: 'Fit',
  watch: 'Watch',
  repair: 'Repair first',
  'not-tested': 'Not tested',
}

/** The result of a test: the shapes that every screen has, with the words of this station. */
export const FitnessMark = ({ state }: { state: Fitness }) => (
  <StateShape state={FITNESS_VERDICT[state]} word={FITNESS_WORDS[state]} />
)
