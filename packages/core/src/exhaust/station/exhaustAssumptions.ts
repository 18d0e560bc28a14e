import { piecesPath, type Assumption } from '../../job/index.ts'
import { openLoopLambdaOf, correctionLimitOf, type ExhaustCase } from './exhaustCase.ts'

const FIELD = { length: 'lengthM', diameter: 'outsideM', wall: 'wallM' } as const
const WHY = {
  length: 'usual for such a piece',
  diameter: 'as the pipe before it, else 50.8 mm',
  wall: 'usual for exhaust pipe',
} as const

/** What the station computes with and nobody has measured: pieces first, then the loop. */
export const exhaustAssumptions = (c: ExhaustCase): Assumption[] => {
  const { exhaust } = c.job
  if (c.runs.length === 0) return []
  return [
    ...c.runs.flatMap((run) =>
      run.pieces.flatMap((p) =>
        p.assumed
          .filter((a) => a !== 'wall' || run.pieces.every((q) => q.assumed.includes('wall')))
          .filter((a) => a !== 'wall' || p.index === 0)
          .map((a): Assumption => ({
            field: `${piecesPath(run.id)}.${p.piece.id}.${FIELD[a]}`,
            label: a === 'wall' ? 'Wall of the pipes' : `${p.piece.name}: ${a}`,
            si: a === 'length' ? p.lengthM : a === 'diameter' ? p.outsideM : p.wallM,
            family: 'bore',
            why: WHY[a],
          })),
      ),
    ),
    ...(exhaust.correctionLimit === null
      ? [
          {
            field: 'exhaust.correctionLimit',
            label: 'Most the loop may correct',
            si: correctionLimitOf(c.job),
            family: 'share',
            why: 'usual controller default',
          } satisfies Assumption,
        ]
      : []),
    ...(exhaust.openLoopLambda === null
      ? [
          {
            field: 'exhaust.openLoopLambda',
            label: 'Mixture in open loop',
            si: openLoopLambdaOf(c.job),
            family: 'lambda',
            why: 'a table that is right',
          } satisfies Assumption,
        ]
      : []),
  ]
}
