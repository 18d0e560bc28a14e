import type { ExhaustPiece } from '../../sections/index.ts'
import { say, fig, type Sentence } from '../../verdict/index.ts'
import type { Run } from './layOut.ts'
import { RUN_WORDS } from './runWords.ts'

const RAD = Math.PI / 180

/** What does not fit together in the chain as it was entered. */
export const pipeDoubts = (runs: readonly Run[], allCylinders: number | null): readonly Sentence[] => [
  ...runs.flatMap((run) =>
    run.pieces.flatMap(({ piece, lengthM, bendDeg, outsideM, boreM }): Sentence[] => [
      ...bendDoubt(piece, lengthM, bendDeg),
      ...(piece.roundM !== null &&
      piece.outsideM !== null &&
      Math.abs(piece.roundM / Math.PI / piece.outsideM - 1) > 0.02
        ? [
            say`${piece.name}: the tape gives ${fig(piece.roundM / Math.PI, 'bore')}, the caliper ${fig(piece.outsideM, 'bore')}. The tape counts; measure again where the pipe is round.`,
          ]
        : []),
      ...(boreM < outsideM * 0.5 ? [say`${piece.name}: that wall leaves hardly any bore.`] : []),
    ]),
  ),
  ...cylinderDoubts(runs, allCylinders),
]

const bendDoubt = (piece: ExhaustPiece, lengthM: number, bendDeg: number): Sentence[] => {
  if (piece.bendRadiusM === null || bendDeg === 0) return []
  const arcM = piece.bendRadiusM * bendDeg * RAD
  return Math.abs(arcM / lengthM - 1) > 0.1
    ? [
        say`${piece.name}: ${fig(bendDeg, 'angle')} around ${fig(piece.bendRadiusM, 'bore')} is ${fig(arcM, 'bore')} long, not ${fig(lengthM, 'bore')}. Enter the straight parts as pieces of their own.`,
      ]
    : []
}

const cylinderDoubts = (runs: readonly Run[], all: number | null): Sentence[] => {
  const banks = runs.filter((r) => r.id !== 'common')
  const named = banks.flatMap((r) => r.cylinders)
  const silent = named.length > 0 ? banks.filter((r) => r.cylinders.length === 0) : []
  const twice = named.find((n, i) => named.indexOf(n) !== i)
  return [
    ...silent.map(
      (r) =>
        say`${RUN_WORDS[r.id]}: name the cylinders that feed it; until then it is assumed to carry as much gas as the other.`,
    ),
    ...(twice === undefined ? [] : [say`Cylinder ${`${twice}`} feeds two banks: put it in one.`]),
    ...(all !== null && banks.length > 0 && new Set(named).size !== all
      ? [say`${`${new Set(named).size}`} cylinders feed the banks; the engine has ${`${all}`}.`]
      : []),
  ]
}
