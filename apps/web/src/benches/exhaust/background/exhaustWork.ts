import {
  bestSpots,
  contextOf,
  DISTANCE_SCHOOLS,
  exhaustCase,
  spotGrid,
  type DistanceSchool,
  type JobDocument,
  type JudgedSpot,
  type RunId,
  type SpotGrid,
} from '@lochmoor/core'
import type { WorkReply } from '../../bench/background/useWork.ts'

/** The unrolled pipe of one stretch. */
export interface SpotTask {
  readonly job: JobDocument
  readonly run: RunId
}

export interface SchoolAnswer {
  readonly school: DistanceSchool
  readonly best: JudgedSpot | null
  /** Share of the judged points that are free. */
  readonly freeShare: number
}

export interface SpotAnswer {
  readonly grid: SpotGrid
  readonly best: readonly JudgedSpot[]
  readonly schools: readonly SchoolAnswer[]
  /** For the grid alone. */
  readonly gridMs: number
}

export type SpotReply = WorkReply<SpotAnswer | null>

/** Judges every point of the stretch by the job's school, and the best spot by each of the others. Null: no such stretch. */
export const doSpotTask = ({ job, run }: SpotTask, now: () => number): SpotAnswer | null => {
  const c = exhaustCase(job)
  const ctx = contextOf(c, run)
  if (!ctx) return null
  const startedMs = now()
  const grid = spotGrid(ctx)
  const gridMs = now() - startedMs
  const free = (g: SpotGrid) => g.rule.reduce((n, r) => n + (r < 0 ? 1 : 0), 0) / g.rule.length
  return {
    grid,
    gridMs,
    best: bestSpots(ctx, grid),
    schools: DISTANCE_SCHOOLS.map((school) => {
      const own = contextOf({ ...c, exhaust: { ...c.exhaust, school } }, run)!
      const g = school === job.exhaust.school ? grid : spotGrid(own)
      return { school, best: bestSpots(own, g, 1)[0] ?? null, freeShare: free(g) }
    }),
  }
}
