import type { Paper } from '@lochmoor/contract'
import {
  boardLines,
  sheetsOf,
  SHEET_WINDOWS_M,
  type BoardDrawing,
  type BoardMark,
  type BoardSheet,
} from '@lochmoor/core'
import PDFDocument from 'pdfkit'
import { INK, sheetText, SOFT } from '../pdf/sheetPaper.ts'
import { MM } from '../pdf/templatePaper.ts'
import { lettersOfPaper } from '../pdf/letters.ts'

const EDGE_MM = 10
const TOP_MM = 26
const RULER_MM = 100

export interface BoardHead {
  readonly title: string
  readonly foot: string
  /** What stands above every sheet: how to print it. */
  readonly how: string
  readonly sheetWords: (sheet: number, of: number, board: number) => string
  readonly mapTitle: string
}

const draw = (doc: PDFKit.PDFDocument, m: BoardMark): void => {
  switch (m.kind) {
    case 'line': {
      doc.lineWidth(m.widthMm * MM).lineJoin('round')
      m.points.forEach(([x, y], n) => (n === 0 ? doc.moveTo(x * MM, y * MM) : doc.lineTo(x * MM, y * MM)))
      doc.stroke(INK)
      return
    }
    case 'circle':
      doc.lineWidth(0.3 * MM).circle(m.x * MM, m.y * MM, m.r * MM)
      if (m.what === 'node') doc.fill(INK)
      else doc.stroke(INK)
      return
    case 'text': {
      const said = sheetText(m.text)
      doc.font('plain').fontSize(m.size * MM).fillColor(INK)
      const wide = doc.widthOfString(said)
      const x = m.x * MM - (m.anchor === 'middle' ? wide / 2 : m.anchor === 'end' ? wide : 0)
      doc.text(said, x, (m.y - m.size) * MM, { lineBreak: false })
    }
  }
} // prettier-ignore

/** Whether a mark lies in a window, mm, with some room for what stands out. */
const touches = (m: BoardMark, x: number, y: number, w: number, h: number): boolean => {
  const room = 120
  const points = m.kind === 'line' ? m.points : [[m.x, m.y] as const]
  const [xs, ys] = [points.map((p) => p[0]), points.map((p) => p[1])]
  return (
    Math.max(...xs) >= x - room &&
    Math.min(...xs) <= x + w + room &&
    Math.max(...ys) >= y - room &&
    Math.min(...ys) <= y + h + room
  )
}

/**
 * Boards at true scale on sheets laid crosswise, those with nothing on them left out. Before each board a small map says
 * which sheet goes where; on every sheet a ruler to check the printer, and dashed lines where the next one is laid on.
 */
export const boardPaper = (paper: Paper, drawings: readonly BoardDrawing[], head: BoardHead): Promise<Buffer> => {
  const window = SHEET_WINDOWS_M[paper]
  const [w, h, overlap] = [window.widthM * 1e3, window.heightM * 1e3, window.overlapM * 1e3]
  const doc = new PDFDocument({
    size: paper === 'a4' ? 'A4' : 'LETTER',
    layout: 'landscape',
    margin: 0,
    autoFirstPage: false,
    info: { Title: head.title, Producer: 'Lochmoor', Creator: 'Lochmoor' },
  })
  doc.registerFont('plain', lettersOfPaper(400)).registerFont('bold', lettersOfPaper(700))
  const boards = drawings.map((d) => ({ d, sheets: sheetsOf(boardLines(d), window) }))
  const all = boards.reduce((sum, b) => sum + b.sheets.length, 0)
  let number = 0

  const frame = (line: string): void => {
    doc.addPage()
    doc.font('bold').fontSize(11).fillColor(INK)
    doc.text(sheetText(head.title), EDGE_MM * MM, 6 * MM, { lineBreak: false })
    doc.font('plain').fontSize(8)
    doc.text(sheetText(line), EDGE_MM * MM, 11.5 * MM, { lineBreak: false })
    doc.fillColor(SOFT).text(sheetText(head.how), EDGE_MM * MM, 15.5 * MM, { lineBreak: false })
    doc.fontSize(7).text(sheetText(head.foot), EDGE_MM * MM, (TOP_MM + h + 4) * MM, { lineBreak: false })
  }
  const map = (d: BoardDrawing, sheets: readonly BoardSheet[], first: number): void => {
    frame(head.mapTitle)
    const [right, low] = [Math.max(...sheets.map((s) => s.x)) * 1e3 + w, Math.max(...sheets.map((s) => s.y)) * 1e3 + h]
    const k = Math.min(1, w / right, h / low)
    doc
      .save()
      .translate(EDGE_MM * MM, TOP_MM * MM)
      .scale(k)
    for (const m of d.marks) if (m.kind === 'line') draw(doc, m)
    doc.restore()
    sheets.forEach((s, n) => {
      const [x, y] = [EDGE_MM + s.x * 1e3 * k, TOP_MM + s.y * 1e3 * k]
      doc.lineWidth(0.2 * MM).rect(x * MM, y * MM, w * k * MM, h * k * MM).stroke(SOFT) // prettier-ignore
      doc.font('bold').fontSize(7).fillColor(INK).text(String(first + n), (x + 1) * MM, (y + 0.8) * MM, { lineBreak: false }) // prettier-ignore
    })
  }
  const sheet = (d: BoardDrawing, s: BoardSheet, sheets: readonly BoardSheet[], board: number): void => {
    number++
    frame(head.sheetWords(number, all, board))
    const [x0, y0] = [s.x * 1e3, s.y * 1e3]
    doc.save()
    doc.rect(EDGE_MM * MM, TOP_MM * MM, w * MM, h * MM).clip()
    doc.translate((EDGE_MM - x0) * MM, (TOP_MM - y0) * MM)
    for (const m of d.marks) if (touches(m, x0, y0, w, h)) draw(doc, m)
    doc.restore()
    doc.lineWidth(0.2 * MM).dash(2 * MM, { space: 1.5 * MM })
    const has = (row: number, column: number): boolean => sheets.some((t) => t.row === row && t.column === column)
    if (has(s.row, s.column + 1)) doc.moveTo((EDGE_MM + w - overlap) * MM, TOP_MM * MM).lineTo((EDGE_MM + w - overlap) * MM, (TOP_MM + h) * MM).stroke(SOFT) // prettier-ignore
    if (has(s.row + 1, s.column)) doc.moveTo(EDGE_MM * MM, (TOP_MM + h - overlap) * MM).lineTo((EDGE_MM + w) * MM, (TOP_MM + h - overlap) * MM).stroke(SOFT) // prettier-ignore
    doc.undash()
    for (const [cx, cy] of [[0, 0], [w, 0], [0, h], [w, h]] as const)
      doc.moveTo((EDGE_MM + cx - 3) * MM, (TOP_MM + cy) * MM).lineTo((EDGE_MM + cx + 3) * MM, (TOP_MM + cy) * MM).moveTo((EDGE_MM + cx) * MM, (TOP_MM + cy - 3) * MM).lineTo((EDGE_MM + cx) * MM, (TOP_MM + cy + 3) * MM).stroke(INK) // prettier-ignore
    const rulerX = EDGE_MM + w - RULER_MM - 12
    doc.lineWidth(0.3 * MM).moveTo(rulerX * MM, 21 * MM).lineTo((rulerX + RULER_MM) * MM, 21 * MM).stroke(INK) // prettier-ignore
    for (const end of [0, 50, RULER_MM]) doc.moveTo((rulerX + end) * MM, 19.5 * MM).lineTo((rulerX + end) * MM, 22.5 * MM).stroke(INK) // prettier-ignore
    doc.font('plain').fontSize(7).fillColor(INK).text('100 mm', (rulerX + RULER_MM + 1.5) * MM, 19.8 * MM, { lineBreak: false }) // prettier-ignore
  }
  boards.forEach(({ d, sheets }, n) => {
    map(d, sheets, number + 1)
    for (const s of sheets) sheet(d, s, sheets, n + 1)
  })
  return new Promise((resolve, reject) => {
    const parts: Buffer[] = []
    doc.on('data', (part: Buffer) => parts.push(part))
    doc.on('end', () => resolve(Buffer.concat(parts)))
    doc.on('error', reject)
    doc.end()
  })
}
