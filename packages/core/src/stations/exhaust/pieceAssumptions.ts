import type { Assumption } from '../../figures/index.ts'
import type { Run } from '../../exhaust/pipe/layOut.ts'
import { piecesPath } from '../../sections/index.ts'

const FIELD = { length: 'lengthM', diameter: 'outsideM', wall: 'wallM' } as const
const WHY = {
  length: 'usual for such a piece',
  diameter: 'as the pipe before it, else 50.8 mm',
  wall: 'usual for exhaust pipe',
} as const

/** What of the pipe is taken and nobody has measured, piece by piece; its wall once, where nobody has measured any. */
export const pieceAssumptions = (runs: readonly Run[]): Assumption[] =>
  runs.flatMap((run) =>
    run.pieces.flatMap((p) =>
      p.assumed
        .filter((a) => a !== 'wall' || (p.index === 0 && run.pieces.every((q) => q.assumed.includes('wall'))))
        .map((a): Assumption => ({
          field: `${piecesPath(run.id)}.${p.piece.id}.${FIELD[a]}`,
          label: a === 'wall' ? 'Wall of the pipes' : `${p.piece.name}: ${a}`,
          si: a === 'length' ? p.lengthM : a === 'diameter' ? p.outsideM : p.wallM,
          family: 'bore',
          why: WHY[a],
        })),
    ),
  )
