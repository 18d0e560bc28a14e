import { figureText, sentenceText, type Figure, type Sentence } from '@lochmoor/core'
import { usePreferences } from '../store/preferences.ts'

/** A figure in the reader's unit. */
export const FigureText = ({ figure }: { figure: Figure }) => {
  const units = usePreferences((s) => s.units)
  return <>{figureText(figure, units)}</>
}

/** A sentence as plain text, for names of buttons. */
export const usePlainSentence = (sentence: Sentence): string =>
  sentenceText(
    sentence,
    usePreferences((s) => s.units),
  )

/** A sentence of the core with its figures in the reader's units. */
export const SentenceText = ({ sentence }: { sentence: Sentence }) => (
  <>
    {sentence.map((part, i) =>
      typeof part === 'string' ? (
        part
      ) : (
        <span key={i} className="whitespace-nowrap">
          <FigureText figure={part} />
        </span>
      ),
    )}
  </>
)

/** Turns sentences into plain text in the reader's units, for places that take no markup. */
export const usePlainWhy = (): ((sentence: Sentence) => string) => {
  const units = usePreferences((s) => s.units)
  return (sentence) => sentenceText(sentence, units)
}
