import type { SpotGrid } from '@lochmoor/core'

export interface GridColours {
  readonly forbidden: string
  readonly hatch: string
  readonly poor: string
  readonly fair: string
  readonly good: string
}

/** From this score on a spot is fair, and good. House figures. */
export const FAIR = 60
export const GOOD = 80

/** Paints the judged points into a picture of these pixels: forbidden hatched, free ones in three steps. */
export const paintGrid = (
  context: CanvasRenderingContext2D,
  grid: SpotGrid,
  width: number,
  height: number,
  colours: GridColours,
): void => {
  context.fillStyle = colours.forbidden
  context.fillRect(0, 0, width, height)
  context.strokeStyle = colours.hatch
  context.lineWidth = 1
  context.beginPath()
  for (let x = -height; x < width; x += 9) {
    context.moveTo(x, height)
    context.lineTo(x + height, 0)
  }
  context.stroke()
  const stepX = width / grid.columns
  const stepY = height / grid.rows
  for (let i = 0; i < grid.columns; i++)
    for (let j = 0; j < grid.rows; j++) {
      const score = grid.score[i * grid.rows + j]!
      if (score < 0) continue
      context.fillStyle = score >= GOOD ? colours.good : score >= FAIR ? colours.fair : colours.poor
      // A hair more than its own size, so that no seam shows.
      context.fillRect(i * stepX, j * stepY, stepX + 0.6, stepY + 0.6)
    }
}
