import { emptyBank, emptyExhaust, type ExhaustPiece, type ExhaustSection } from '@lochmoor/core'

/** An exhaust of one bank with these pieces. */
export const withPieces = (pieces: readonly ExhaustPiece[], more: Partial<ExhaustSection> = {}): ExhaustSection => ({
  ...emptyExhaust,
  banks: [{ ...emptyBank, cylinders: [1, 2, 3, 4], pieces }],
  ...more,
})
