import type { BoltsOfGroup } from '@lochmoor/core'
import { INK, SOFT, type SheetPaper } from './sheetPaper.ts'

const HEIGHT = 210
const PAD = 18
const RING = 10

/** A pattern of bolts from above with its order; the front is up. */
export const drawOrder = (sheet: SheetPaper, { order, places }: BoltsOfGroup): void => {
  if (order === null || places === null) return
  const [xs, ys] = [places.map((p) => p.xM), places.map((p) => p.yM)]
  const [left, right, low, high] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)]
  sheet.drawing(HEIGHT, (doc, width) => {
    const scale = Math.min((width - 2 * PAD) / Math.max(right - left, 1e-3), (HEIGHT - 2 * PAD) / Math.max(high - low, 1e-3))
    const x = (m: number): number => width / 2 + (m - (left + right) / 2) * scale
    const y = (m: number): number => HEIGHT / 2 - (m - (low + high) / 2) * scale
    sheet.label(doc, 'front is up', width, 2, { align: 'right' })
    order.order.forEach((i, n) => {
      const p = places[i]!
      if (n === 0) doc.moveTo(x(p.xM), y(p.yM))
      else doc.lineTo(x(p.xM), y(p.yM))
    })
    doc.lineWidth(0.4).dash(2, { space: 3 }).stroke(SOFT).undash()
    order.order.forEach((i, n) => {
      const p = places[i]!
      doc.circle(x(p.xM), y(p.yM), RING).lineWidth(order.ringOf[i] === 0 ? 1.6 : 0.8).fillAndStroke('#ffffff', INK)
      sheet.label(doc, String(n + 1), x(p.xM), y(p.yM) - 5, { align: 'center', size: 10, bold: true })
    })
  })
} // prettier-ignore
