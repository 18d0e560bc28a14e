import type { SpotContext } from './spotContext.ts'
import { judgeCell, judgeSpot, preferred, preparedColumn, type JudgedSpot } from './judgeSpot.ts'
import { turnDeg } from './obstacles.ts'

export const GRID_STEP_M = 0.005
export const GRID_STEP_DEG = 2
/** Clock angles from the underside round to it again: the top line lies in the middle of the picture. */
export const GRID_FROM_DEG = -180
/** Shown ahead of the merge, and at most after it. */
const BEFORE_M = 0.15
const MOST_AFTER_M = 3

/** The pipe unrolled and judged: column by column, each from -180° to 178°. */
export interface SpotGrid {
  readonly fromM: number
  readonly columns: number
  readonly rows: number
  /** Of a hundred; -1 forbidden. */
  readonly score: Float32Array
  /** Which rule forbids first, as index into HARD_RULES; -1 none. */
  readonly rule: Int8Array
  /** By what the best are chosen: the score, and less than a point for taste between equals; -1 forbidden. */
  readonly rank: Float32Array
}

/** First rule that forbids, and the score, for the whole unrolled pipe. */
export const spotGrid = (ctx: SpotContext): SpotGrid => {
  const firstM = Math.ceil(Math.max(ctx.run.fromM, -BEFORE_M) / GRID_STEP_M) * GRID_STEP_M
  const lastM = Math.min(ctx.run.toM, MOST_AFTER_M)
  const columns = Math.max(1, Math.floor((lastM - firstM) / GRID_STEP_M + 1e-6) + 1)
  const rows = 360 / GRID_STEP_DEG
  const score = new Float32Array(columns * rows)
  const rank = new Float32Array(columns * rows).fill(-1)
  const rule = new Int8Array(columns * rows).fill(-1)
  for (let i = 0; i < columns; i++) {
    const column = preparedColumn(ctx, firstM + i * GRID_STEP_M)
    for (let j = 0; j < rows; j++) {
      const at = i * rows + j
      const clockDeg = GRID_FROM_DEG + j * GRID_STEP_DEG
      const value = judgeCell(ctx, column, clockDeg)
      score[at] = Math.max(-1, value)
      if (value < 0) rule[at] = -1 - value
      else rank[at] = value + preferred(ctx, column, clockDeg)
    }
  }
  return { fromM: firstM, columns, rows, score, rule, rank }
}

export const gridAlongM = (grid: SpotGrid, column: number): number => grid.fromM + column * GRID_STEP_M
export const gridClockDeg = (row: number): number => GRID_FROM_DEG + row * GRID_STEP_DEG

/** Spots nearer together than this are one. */
const APART_M = 0.06
const APART_DEG = 24

/** The best free spots that are not neighbours of each other, best first. */
export const bestSpots = (ctx: SpotContext, grid: SpotGrid, most = 5): JudgedSpot[] => {
  const order = Array.from(grid.score.keys())
    .filter((i) => grid.score[i]! >= 0)
    .sort((a, b) => grid.rank[b]! - grid.rank[a]! || a - b)
  const taken: { alongM: number; clockDeg: number }[] = []
  for (const i of order) {
    if (taken.length === most) break
    const alongM = gridAlongM(grid, Math.floor(i / grid.rows))
    const clockDeg = gridClockDeg(i % grid.rows)
    if (
      taken.every((t) => Math.abs(t.alongM - alongM) > APART_M || Math.abs(turnDeg(t.clockDeg, clockDeg)) > APART_DEG)
    )
      taken.push({ alongM, clockDeg })
  }
  return taken.map((t) => judgeSpot(ctx, t.alongM, (t.clockDeg + 360) % 360))
}

/** The same grid up to a place along the pipe. */
export const croppedGrid = (grid: SpotGrid, toM: number): SpotGrid => {
  const columns = Math.max(1, Math.min(grid.columns, Math.floor((toM - grid.fromM) / GRID_STEP_M + 1e-6) + 1))
  const points = columns * grid.rows
  return {
    ...grid,
    columns,
    score: grid.score.subarray(0, points),
    rule: grid.rule.subarray(0, points),
    rank: grid.rank.subarray(0, points),
  }
}
