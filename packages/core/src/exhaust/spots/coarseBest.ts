import { judgeCell, preferred, preparedColumn } from './judgeSpot.ts'
import type { SpotContext } from './spotContext.ts'

const STEP_M = 0.01
const STEP_DEG = 10
const MOST_AFTER_M = 3

/** The best free spot on a coarse grid: quick enough to be sought with every change. Null: none is free. */
export const coarseBest = (ctx: SpotContext): { alongM: number; clockDeg: number; score: number } | null => {
  let best: { alongM: number; clockDeg: number; score: number } | null = null
  let bestRank = -Infinity
  const last = Math.min(ctx.run.toM, MOST_AFTER_M)
  for (let i = 1; i * STEP_M <= last; i++) {
    const column = preparedColumn(ctx, i * STEP_M)
    if (column.hard.length > 0) continue
    for (let clockDeg = 0; clockDeg < 360; clockDeg += STEP_DEG) {
      const score = judgeCell(ctx, column, clockDeg)
      if (score < 0) continue
      const rank = score + preferred(ctx, column, clockDeg)
      if (rank <= bestRank) continue
      bestRank = rank
      best = { alongM: i * STEP_M, clockDeg, score }
    }
  }
  return best
}
