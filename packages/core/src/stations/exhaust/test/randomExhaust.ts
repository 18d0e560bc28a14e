import fc from 'fast-check'
import { emptyPiece, type ExhaustPiece, type PieceKind } from '../../../sections/index.ts'

const kinds: readonly PieceKind[] = ['pipe', 'pipe', 'pipe', 'flexible', 'silencer']
const figure = (min: number, max: number) => fc.double({ min, max, noNaN: true })

/** A piece with any measures a person might enter, and some not measured. */
export const arbPiece: fc.Arbitrary<ExhaustPiece> = fc
  .record({
    kind: fc.constantFrom(...kinds),
    lengthM: fc.option(figure(0.02, 1.5)),
    outsideM: fc.option(figure(0.03, 0.12)),
    wallM: fc.option(figure(0.0008, 0.004)),
    bendDeg: fc.option(figure(0, 120)),
    bendClockDeg: fc.option(figure(0, 359)),
    inclinationDeg: fc.option(figure(-80, 80)),
    joint: fc.constantFrom('one-piece', 'welded', 'slip', 'flange'),
    covered: fc.constantFrom('bare', 'wrapped', 'coated'),
  })
  .map((more) => ({ ...emptyPiece('piece-0', more.kind, more.kind), ...more }))

export const arbPieces = fc.array(arbPiece, { minLength: 1, maxLength: 6 })
