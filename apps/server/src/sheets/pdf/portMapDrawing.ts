import { fig, figureText, portMapOf, type UnitChoice, type VacuumOfJob } from '@lochmoor/core'
import { INK, SOFT, type SheetPaper } from './sheetPaper.ts'

const ROW = 24
const RING = 8

/** Ports and consumers with their hoses: rings are bores to one scale. */
export const drawPortMap = (sheet: SheetPaper, vacuum: VacuumOfJob, units: UnitChoice): void => {
  const { consumers, ports } = portMapOf(vacuum)
  if (ports.length === 0 && consumers.length === 0) return
  const height = 18 + ROW * Math.max(ports.length, consumers.length)
  const widest = Math.max(...ports.map((p) => p.boreM ?? 0), 1e-3)
  const ringOf = (boreM: number | null): number => Math.max(2, ((boreM ?? 0) / widest) * RING)
  const bore = (m: number | null): string => (m === null ? 'not measured' : figureText(fig(m, 'bore', 1), units))
  const y = (i: number): number => 24 + ROW * i
  sheet.drawing(height, (doc, width) => {
    const [x1, x2] = [width * 0.42, width * 0.58]
    sheet.label(doc, 'Ports', x1 - RING - 6, 0, { align: 'right', bold: true })
    sheet.label(doc, 'Consumers', x2 + RING + 6, 0, { bold: true })
    consumers.forEach((c, i) => {
      if (c.port === null) return
      const [from, to] = [y(c.port), y(i)]
      const bend = (x2 - x1) / 2
      doc
        .moveTo(x1, from)
        .bezierCurveTo(x1 + bend, from, x2 - bend, to, x2, to)
        .lineWidth(1.4)
      if (ports[c.port]!.kind === 'ported') doc.dash(4, { space: 3 }).stroke(INK).undash()
      else doc.stroke(INK)
    })
    ports.forEach((p, i) => {
      const note = [
        bore(p.boreM),
        p.on === 'manifold' ? 'manifold' : 'throttle body',
        p.kind === 'ported' ? 'ported' : '',
        p.is === 'used' ? '' : p.is,
      ].filter(Boolean)
      sheet.label(doc, `${p.name}: ${note.join(', ')}`, x1 - RING - 6, y(i) - 4, { align: 'right' })
      doc.circle(x1, y(i), ringOf(p.boreM)).lineWidth(1.2).fillAndStroke('#ffffff', INK)
      if (p.is === 'capped') doc.rect(x1 + RING + 3, y(i) - 5, 3, 10).fill(INK)
    })
    consumers.forEach((c, i) => {
      const note = c.port === null ? 'NO PORT' : c.by === 'tee' ? 'by a tee' : ''
      sheet.label(
        doc,
        `${c.name}: ${[`${bore(c.boreM)}${c.assumed ? ' assumed' : ''}`, note].filter(Boolean).join(', ')}`,
        x2 + RING + 6,
        y(i) - 4,
      )
      if (c.port === null)
        doc.moveTo(x2 - 5, y(i) - 5).lineTo(x2 + 5, y(i) + 5).moveTo(x2 + 5, y(i) - 5).lineTo(x2 - 5, y(i) + 5).lineWidth(1.6).stroke(INK) // prettier-ignore
      else doc.circle(x2, y(i), ringOf(c.boreM)).fill(SOFT)
    })
  })
}
