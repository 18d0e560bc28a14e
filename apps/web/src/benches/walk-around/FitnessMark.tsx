import { FITNESS_VERDICT, STATE_WORDS, type Fitness } from '@lochmoor/core'
import { StateShape } from '../../marks/StateMark.tsx'

export const FITNESS_WORDS: Readonly<Record<Fitness, string>> = {
  fit: STATE_WORDS.ok,
  watch: STATE_WORDS.caution,
  repair: 'Repair first',
  'not-tested': 'Not checked',
}

/** The result of a test: the shapes that every screen has, with two words of its own: a repair that comes first, a test that nobody has done. */
export const FitnessMark = ({ state }: { state: Fitness }) => (
  <StateShape state={FITNESS_VERDICT[state]} word={FITNESS_WORDS[state]} />
)
