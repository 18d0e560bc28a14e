import { GRID_STEP_DEG, GRID_STEP_M, type SpotGrid } from '@lochmoor/core'

/** Room around the picture for its axes. */
export const MARGIN = { top: 48, right: 14, bottom: 40, left: 66 } as const
export const DRAWN_HEIGHT = 340

export interface UnrolledScale {
  readonly fromM: number
  readonly toM: number
  readonly width: number
  x(alongM: number): number
  y(clockDeg: number): number
  alongAt(x: number): number
  clockAt(y: number): number
}

/** -180 to 180: the top line in the middle. */
export const signedClock = (clockDeg: number): number => ((((clockDeg + 180) % 360) + 360) % 360) - 180
/** 0 to 360, as it is stored. */
export const plainClock = (clockDeg: number): number => ((clockDeg % 360) + 360) % 360

export const unrolledScale = (grid: Pick<SpotGrid, 'fromM' | 'columns'>, width: number): UnrolledScale => {
  const fromM = grid.fromM - GRID_STEP_M / 2
  const toM = grid.fromM + (grid.columns - 0.5) * GRID_STEP_M
  const px = (width - MARGIN.left - MARGIN.right) / (toM - fromM)
  const py = DRAWN_HEIGHT / 360
  return {
    fromM,
    toM,
    width,
    x: (alongM) => MARGIN.left + (alongM - fromM) * px,
    y: (clockDeg) => MARGIN.top + (signedClock(clockDeg) + 180) * py,
    alongAt: (x) => fromM + (x - MARGIN.left) / px,
    clockAt: (y) => (y - MARGIN.top) / py - 180,
  }
}

/** The nearest point of the grid, within it. */
export const snapped = (
  scale: UnrolledScale,
  alongM: number,
  clockDeg: number,
): { alongM: number; clockDeg: number } => {
  const half = GRID_STEP_M / 2
  const within = Math.min(scale.toM - half, Math.max(scale.fromM + half, alongM))
  const along = Math.round(within / GRID_STEP_M) * GRID_STEP_M
  const clock = Math.round(clockDeg / GRID_STEP_DEG) * GRID_STEP_DEG
  return { alongM: Number(along.toFixed(4)), clockDeg: plainClock(clock) }
}
