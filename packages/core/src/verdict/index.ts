export { plain } from './plainVerdict.ts'
export { figureText, sentenceText, type UnitChoice } from './sentenceText.ts'
export { err, explainInputError, ok, type InputError, type Result } from '../outcome/result.ts'
export {
  fig,
  isWorse,
  kindOf,
  say,
  worstFirst,
  worstState,
  type Figure,
  type Subject,
  type Sentence,
  type Verdict,
  type VerdictState,
} from './verdict.ts'
export { stepFigure } from './stepFigure.ts'
export { inUnits } from './inUnits.ts'
export { marginWords, STATE_WORDS, type MarginWords } from './words.ts'
export { collectWorking, type Trace, type Working, type WorkingStep } from './working.ts'
