import {
  emptyBank,
  emptyExhaust,
  emptyObstacle,
  emptyPiece,
  type ExhaustPiece,
  type ExhaustSection,
} from '@lochmoor/core'
import { explainProblem, explainProblems } from '../field/explainProblems.ts'
import { SECTION_SCHEMAS } from './jobDocument.ts'

const problemsOf = (input: unknown): string[] => {
  const parsed = SECTION_SCHEMAS.exhaust.safeParse(input)
  return parsed.success ? [] : explainProblems(parsed.error, input).map(explainProblem)
}
/** An exhaust of one bank with these pieces. */
const withPieces = (pieces: readonly ExhaustPiece[], more: Partial<ExhaustSection> = {}): ExhaustSection => ({
  ...emptyExhaust,
  banks: [{ ...emptyBank, cylinders: [1, 2, 3, 4], pieces }],
  ...more,
})
const pipe = { ...emptyPiece('piece-0', 'pipe', 'Pipe'), lengthM: 1, outsideM: 0.05 }

describe('the stored exhaust', () => {
  it('an empty one and a measured one pass', () => {
    expect(problemsOf(emptyExhaust)).toEqual([])
    expect(problemsOf(withPieces([pipe], { obstacles: [emptyObstacle('frame-0', 'Frame', 'a')] }))).toEqual([])
  })
  it.each([
    [
      'a piece longer than a car',
      withPieces([{ ...pipe, lengthM: 9 }]),
      'banks.0.pieces.0.lengthM is 9; allowed: a number, 0.005 to 6 m',
    ],
    [
      'a count of half a pipe',
      withPieces([{ ...pipe, count: 1.5 }]),
      'banks.0.pieces.0.count is 1.5; allowed: a whole number, 1 to 8',
    ],
    [
      'a joint nobody makes',
      withPieces([{ ...pipe, joint: 'glued' as never }]),
      /banks\.0\.pieces\.0\.joint is "glued"; allowed: "one-piece", "gasket"/,
    ],
    [
      'a name of blanks',
      withPieces([{ ...pipe, name: '  ' }]),
      /banks\.0\.pieces\.0\.name is " {2}"; allowed: 1 to 60 characters/,
    ],
    [
      'a cylinder twice',
      { ...emptyExhaust, banks: [{ ...emptyBank, cylinders: [1, 1] }] },
      /banks\.0\.cylinders is \[1,1\]; allowed: each once/,
    ],
    [
      'a cylinder 0',
      { ...emptyExhaust, banks: [{ ...emptyBank, cylinders: [0] }] },
      /banks\.0\.cylinders\.0 is 0; allowed: a whole number, 1 to 16/,
    ],
    [
      'three banks',
      { ...emptyExhaust, banks: [emptyBank, emptyBank, emptyBank] },
      /banks is .*allowed: at most 2 banks/,
    ],
    [
      'a spot past the full circle',
      { ...emptyExhaust, spots: [{ run: 'a', alongM: 0.2, clockDeg: 400 }] },
      'spots.0.clockDeg is 400; allowed: a number, 0 to 360 degrees',
    ],
    [
      'a spot on no stretch',
      { ...emptyExhaust, spots: [{ run: 'c', alongM: 0.2, clockDeg: 40 }] },
      /spots\.0\.run is "c"; allowed: "a", "b", "common"/,
    ],
    [
      'an obstacle without a gap that is a number',
      { ...emptyExhaust, obstacles: [{ ...emptyObstacle('frame-0', 'Frame', 'a'), gapM: 'near' }] },
      'obstacles.0.gapM is "near"; allowed: a number, 0 to 1 m',
    ],
    [
      'forty-one pieces',
      withPieces(Array.from({ length: 41 }, (_, i) => ({ ...pipe, id: `piece-${i}` }))),
      /banks\.0\.pieces is .*allowed: at most 40 pieces/,
    ],
    ['two pieces of one id', withPieces([pipe, pipe]), /banks\.0\.pieces is .*; allowed: every piece once, by its id/],
    [
      'an id of capitals',
      withPieces([{ ...pipe, id: 'Piece-0' }]),
      /banks\.0\.pieces\.0\.id is "Piece-0"; allowed: an id/,
    ],
    ['three sensors', { ...emptyExhaust, sensorCount: 3 }, 'sensorCount is 3; allowed: a whole number, 0 to 2'],
    ['a field of its own', { ...emptyExhaust, colour: 'red' }, 'colour is "red"; allowed: no field of this name here'],
    [
      'a mixture that is no number',
      { ...emptyExhaust, openLoopLambda: NaN },
      /openLoopLambda is null; allowed: a number, 0\.6 to 1\.5 lambda/,
    ],
  ])('%s is refused by field, value and range', (_n, input, says) => {
    const [first, ...more] = problemsOf(input)
    expect(more).toEqual([])
    expect(first).toEqual(typeof says === 'string' ? says : expect.stringMatching(says))
  })
})
