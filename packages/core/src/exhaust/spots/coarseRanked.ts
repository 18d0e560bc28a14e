import { judgeCell, preferred, preparedColumn } from './judgeSpot.ts'
import { turnDeg } from './obstacles.ts'
import type { SpotContext } from './spotContext.ts'

const STEP_M = 0.01
const STEP_DEG = 10
const MOST_AFTER_M = 3
/** Two spots nearer to each other than this are one proposal. */
const APART_M = 0.05
const APART_DEG = 30

export interface CoarseSpot {
  readonly alongM: number
  readonly clockDeg: number
  readonly score: number
}

/** Free spots on a coarse grid, best first and apart from each other: quick enough to be sought with every change. */
export const coarseRanked = (ctx: SpotContext, most: number): CoarseSpot[] => {
  const free: (CoarseSpot & { readonly rank: number })[] = []
  const last = Math.min(ctx.run.toM, MOST_AFTER_M)
  for (let i = 1; i * STEP_M <= last; i++) {
    const column = preparedColumn(ctx, i * STEP_M)
    if (column.hard.length > 0) continue
    for (let clockDeg = 0; clockDeg < 360; clockDeg += STEP_DEG) {
      const score = judgeCell(ctx, column, clockDeg)
      if (score >= 0) free.push({ alongM: i * STEP_M, clockDeg, score, rank: score + preferred(ctx, column, clockDeg) })
    }
  }
  free.sort((a, b) => b.rank - a.rank)
  const taken: CoarseSpot[] = []
  for (const { alongM, clockDeg, score } of free) {
    if (taken.length === most) break
    if (
      taken.every((t) => Math.abs(t.alongM - alongM) > APART_M || Math.abs(turnDeg(t.clockDeg, clockDeg)) > APART_DEG)
    )
      taken.push({ alongM, clockDeg, score })
  }
  return taken
}
