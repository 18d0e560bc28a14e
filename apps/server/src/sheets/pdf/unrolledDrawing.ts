import {
  formatQuantity,
  GRID_STEP_M,
  gridAlongM,
  gridClockDeg,
  unitOf,
  type SensorSpot,
  type SpotGrid,
  type UnitChoice,
} from '@lochmoor/core'
import { INK, SOFT, type SheetPaper } from './sheetPaper.ts'

const HEIGHT = 190
const LEFT = 40
const TOP = 8
const BASE = 160
/** Points of the grid drawn as one. */
const ACROSS = 2
const AROUND = 4
const FORBIDDEN = '#d9d4c8'
const POOR = '#b9cdc4'
const GOOD = '#5d9a82'

/** The pipe unrolled: grey forbidden, the greener the better; and where the sensors sit. */
export const drawUnrolled = (
  paper: SheetPaper,
  grid: SpotGrid,
  spots: readonly SensorSpot[],
  units: UnitChoice,
  from: string,
): void => {
  const unit = unitOf('bore', units.bore)
  paper.drawing(HEIGHT, (doc, fullWidth) => {
    const width = fullWidth - LEFT - 8
    const x = (alongM: number) => LEFT + ((alongM - grid.fromM) / (grid.columns * GRID_STEP_M)) * width
    const y = (clockDeg: number) => TOP + ((clockDeg + 180) / 360) * (BASE - TOP)
    for (let i = 0; i < grid.columns; i += ACROSS)
      for (let j = 0; j < grid.rows; j += AROUND) {
        const score = grid.score[i * grid.rows + j]!
        doc
          .rect(
            x(gridAlongM(grid, i)),
            y(gridClockDeg(j)),
            x(gridAlongM(grid, i + ACROSS)) - x(gridAlongM(grid, i)),
            y(gridClockDeg(j + AROUND)) - y(gridClockDeg(j)),
          )
          .fill(score < 0 ? FORBIDDEN : score < 60 ? POOR : GOOD)
      }
    doc
      .rect(LEFT, TOP, width, BASE - TOP)
      .lineWidth(0.8)
      .stroke(INK)
    for (const [deg, says] of [
      [-90, '270°'],
      [0, 'top'],
      [90, '90°'],
    ] as const) {
      doc
        .moveTo(LEFT, y(deg))
        .lineTo(LEFT + width, y(deg))
        .lineWidth(0.3)
        .stroke(SOFT)
      paper.label(doc, says, LEFT - 5, y(deg) - 4, { align: 'right' })
    }
    const lastM = grid.fromM + grid.columns * GRID_STEP_M
    const step = lastM > 1.5 ? 0.5 : 0.2
    for (let m = 0; m <= lastM; m += step)
      paper.label(doc, formatQuantity(m, unit, 0), x(m), BASE + 4, { align: 'center' })
    for (const s of spots) {
      const clock = s.clockDeg > 180 ? s.clockDeg - 360 : s.clockDeg
      doc.circle(x(s.alongM), y(clock), 4).lineWidth(1.4).fillAndStroke('#ffffff', INK)
    }
    paper.label(
      doc,
      `Distance from ${from}; clock position looking against the flow. Grey: ruled out. Light: poor. Dark: good. Ring: sensor.`,
      LEFT,
      BASE + 16,
    )
  })
}
