import { fig, figureText, rotorMarks, type IgnitionOfJob, type UnitChoice } from '@lochmoor/core'
import { INK, SOFT, type SheetPaper } from './sheetPaper.ts'

const HEIGHT = 230
const STEP_DEG = 2

/** The rotor under the cap from above, at the least, the middle and the most advance; widths to scale. */
export const drawRotor = (sheet: SheetPaper, ignition: IgnitionOfJob, units: UnitChoice): void => {
  const marks = rotorMarks(ignition)
  if (marks === null) return
  const names = { least: 'minimum', middle: 'middle', most: 'maximum' } as const
  sheet.drawing(HEIGHT, (doc, width) => {
    const [cx, cy, r] = [width / 2, HEIGHT / 2, HEIGHT / 2 - 26]
    const at = (radius: number, deg: number): [number, number] => [cx + radius * Math.sin((deg * Math.PI) / 180), cy - radius * Math.cos((deg * Math.PI) / 180)] // prettier-ignore
    /** A ring's piece, its arcs as short straight ones. */
    const piece = (from: number, to: number, inner: number, outer: number): void => {
      const n = Math.max(1, Math.ceil((to - from) / STEP_DEG))
      const degs = Array.from({ length: n + 1 }, (_, i) => from + ((to - from) * i) / n)
      doc.moveTo(...at(outer, from))
      for (const d of degs.slice(1)) doc.lineTo(...at(outer, d))
      for (const d of degs.reverse()) doc.lineTo(...at(inner, d))
      doc.closePath()
    }
    doc
      .circle(cx, cy, r + 6)
      .lineWidth(0.5)
      .stroke(SOFT)
    marks.terminals.forEach((t, i) => {
      piece(t.fromDeg, t.toDeg, r * 0.9, r + 3)
      doc.lineWidth(0.9).fillAndStroke(i === 0 ? INK : '#ffffff', INK)
      const [x, y] = at(r + 15, (t.fromDeg + t.toDeg) / 2)
      sheet.label(doc, String(t.cylinder), x, y - 5, { align: 'center', size: 10, bold: true })
    })
    marks.rotor.forEach((m, i) => {
      const outer = r * (0.62 + 0.11 * i)
      piece(m.fromDeg, m.toDeg, outer - 5, outer + 3)
      doc.lineWidth(0.7).fillAndStroke(m.overlapDeg < 0 ? '#ffffff' : SOFT, INK)
      doc.moveTo(cx, cy).lineTo(...at(outer - 5, (m.fromDeg + m.toDeg) / 2)).lineWidth(i === 1 ? 1.4 : 0.7).stroke(INK) // prettier-ignore
    })
    doc.circle(cx, cy, 6).lineWidth(1.2).fillAndStroke('#ffffff', INK)
    sheet.label(doc, `turns ${marks.sense > 0 ? 'clockwise' : 'anticlockwise'}, from above`, width, 2, {
      align: 'right',
    })
    marks.rotor.forEach((m, i) => {
      const degrees = (deg: number): string => figureText(fig(deg, 'angle', 1), units)
      const says = m.overlapDeg < 0 ? `misses by ${degrees(-m.overlapDeg)}` : `overlap ${degrees(m.overlapDeg)}`
      sheet.label(doc, `${names[m.name]} advance ${degrees(m.advanceDeg)}: ${says}`, 0, 2 + 11 * i)
    })
  })
}
