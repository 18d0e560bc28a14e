import type { Verdict, VerdictState } from './verdict.ts'

/** One set of words for the state of a verdict, on every screen and paper. */
export const STATE_WORDS: Readonly<Record<VerdictState, string>> = {
  ok: 'OK',
  caution: 'Marginal',
  stop: 'Fails',
  unknown: 'Not known',
}

export type MarginWords = 'margin' | 'over by' | 'short by' | 'differ by'

/**
 * What the margin of a verdict is called: which side the limit lies on follows from the figures themselves. A figure
 * past a maximum is over by the margin, one below a minimum short by it; inside either it is a margin.
 */
export const marginWords = ({
  figure,
  limit,
  margin,
  marginIs,
}: Pick<Verdict, 'figure' | 'limit' | 'margin' | 'marginIs'>): MarginWords => {
  if (marginIs === 'apart') return 'differ by'
  if (!margin || margin.si >= 0) return 'margin'
  return figure && limit && figure.si > limit.si ? 'over by' : 'short by'
}
