import { emptyBank, type ExhaustPiece, type ExhaustSection, type RunId } from '@lochmoor/core'

/** Stretches that a person can enter pieces for: always bank A, the other bank and the common pipe where there are some. */
export const editableRuns = (exhaust: ExhaustSection): RunId[] => [
  'a',
  ...(exhaust.banks.length > 1 ? (['b', 'common'] as const) : []),
]

export const piecesOf = (exhaust: ExhaustSection, run: RunId): readonly ExhaustPiece[] =>
  run === 'common' ? exhaust.common : (exhaust.banks[run === 'a' ? 0 : 1]?.pieces ?? [])

export const withPieces = (
  exhaust: ExhaustSection,
  run: RunId,
  pieces: readonly ExhaustPiece[],
): Partial<ExhaustSection> => {
  if (run === 'common') return { common: pieces }
  const at = run === 'a' ? 0 : 1
  const banks = exhaust.banks.length === 0 ? [emptyBank] : exhaust.banks
  return { banks: banks.map((b, i) => (i === at ? { ...b, pieces } : b)) }
}
