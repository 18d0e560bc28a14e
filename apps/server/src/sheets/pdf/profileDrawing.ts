import { formatFigure, formatQuantity, fromSi, unitOf, type ProfilePiece, type UnitChoice } from '@lochmoor/core'
import { INK, SOFT, type SheetPaper } from './sheetPaper.ts'

export const PROFILE_HEIGHT = 190
const LEFT = 44
const TOP = 14
const BASE = 150
/** Width of what has no length, in shares of the whole. */
const PART_SHARE = 0.045

/** Pressure along the circuit as a line over the way of the fuel, lines to length; and how high it is. */
export const drawProfile = (
  paper: SheetPaper,
  pieces: readonly ProfilePiece[],
  setPa: number,
  units: UnitChoice,
): void => {
  const unit = unitOf('pressure', units.pressure)
  paper.drawing(PROFILE_HEIGHT, (doc, fullWidth) => {
    const width = fullWidth - LEFT - 8
    const lengthM = pieces.reduce((sum, p) => sum + p.lengthM, 0)
    const parts = pieces.filter((p) => p.lengthM === 0).length
    const forLines = Math.max(0.2, 1 - parts * PART_SHARE)
    const total = parts * PART_SHARE + (lengthM > 0 ? forLines : 0)
    const widthOf = (p: ProfilePiece) =>
      (width / total) * (p.lengthM > 0 ? (forLines * p.lengthM) / lengthM : PART_SHARE)
    const pressures = [...pieces.flatMap((p) => [p.fromPa, p.toPa]), setPa, 0]
    const [low, high] = [Math.min(...pressures), Math.max(...pressures)]
    const y = (pa: number) => BASE - ((pa - low) / (high - low)) * (BASE - TOP)
    const step = niceStep(fromSi(high, unit) - fromSi(low, unit))
    for (let v = Math.ceil(fromSi(low, unit) / step) * step; v <= fromSi(high, unit); v += step) {
      const at = y(v * unit.factor + (unit.offset ?? 0))
      doc
        .moveTo(LEFT, at)
        .lineTo(fullWidth - 8, at)
        .lineWidth(0.3)
        .stroke('#c3cacd')
      paper.label(doc, formatFigure(v * unit.factor, unit, step < 1 ? 1 : 0), LEFT - 4, at - 4, { align: 'right' })
    }
    paper.label(doc, unit.label, LEFT - 4, TOP - 14, { align: 'right' })
    doc
      .moveTo(LEFT, y(setPa))
      .lineTo(fullWidth - 8, y(setPa))
      .lineWidth(0.8)
      .dash(4, { space: 3 })
      .stroke(SOFT)
      .undash()
    paper.label(doc, `set ${formatQuantity(setPa, unit)}`, fullWidth - 10, y(setPa) - 10, { align: 'right' })
    let x = LEFT
    doc.moveTo(x, y(pieces[0]?.fromPa ?? 0))
    for (const p of pieces) {
      doc.lineTo(x, y(p.fromPa))
      x += widthOf(p)
      doc.lineTo(x, y(p.toPa))
    }
    doc.lineWidth(1.6).stroke(INK)
    x = LEFT
    pieces.forEach((p, i) => {
      const w = widthOf(p)
      paper.label(doc, p.part, x + w / 2, BASE + 6 + (i % 3) * 10, { align: 'center', size: 7 })
      x += w
    })
  })
}

const niceStep = (span: number): number => {
  const raw = Math.max(span, 1e-9) / 5
  const ten = 10 ** Math.floor(Math.log10(raw))
  return ten * ([1, 2, 5, 10].find((f) => f * ten >= raw) ?? 10)
}
