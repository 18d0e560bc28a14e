import type { Paper } from '@lochmoor/contract'
import type { DrillTemplate, TemplateMark } from '@lochmoor/core'
import PDFDocument from 'pdfkit'
import { INK, sheetText } from './sheetPaper.ts'
import { lettersOfPaper } from './letters.ts'

/** Points of a PDF in a millimetre: 72 to the inch. */
export const MM = 72 / 25.4
/** What no printer reaches. */
const EDGE_MM = 10
const TOP_MM = 31
/** On each sheet of a strip that is longer than the paper, this much is printed again. */
const OVERLAP_MM = 10
const PAPERS_MM: Readonly<Record<Paper, readonly [long: number, short: number]>> = {
  a4: [297, 210],
  letter: [279.4, 215.9],
}

export interface TemplateHead {
  readonly title: string
  readonly lines: readonly string[]
  readonly foot: string
}

const WIDTHS_MM = { top: 0.35, edge: 0.35, centre: 0.2, tick: 0.2, flow: 0.5, ruler: 0.3, side: 0.2 } as const

const draw = (doc: PDFKit.PDFDocument, m: TemplateMark): void => {
  switch (m.kind) {
    case 'rect':
      doc
        .lineWidth(0.25 * MM)
        .rect(m.x * MM, m.y * MM, m.w * MM, m.h * MM)
        .stroke()
      return
    case 'circle':
      doc
        .lineWidth(0.2 * MM)
        .circle(m.cx * MM, m.cy * MM, m.r * MM)
        .stroke()
      return
    case 'line':
      doc.lineWidth(WIDTHS_MM[m.what] * MM)
      if (m.dashed) doc.dash(2 * MM, { space: 1.5 * MM })
      doc
        .moveTo(m.x1 * MM, m.y1 * MM)
        .lineTo(m.x2 * MM, m.y2 * MM)
        .stroke()
      if (m.dashed) doc.undash()
      return
    case 'text':
      // Text of the drawing stands on its line.
      doc
        .font('plain')
        .fontSize(m.size * MM)
        .fillColor(INK)
        .text(sheetText(m.text), m.x * MM, (m.y - m.size) * MM, { lineBreak: false })
  }
}

/** The ruler belongs on every sheet: each is printed on its own. */
const isRuler = (m: TemplateMark): boolean =>
  m.kind === 'line' ? m.what === 'ruler' || m.what === 'tick' : m.kind === 'text' && m.ruler === true

/** The template at true scale on paper laid crosswise; a strip longer than the paper goes on on the next sheet. */
export const templatePaper = (paper: Paper, t: DrillTemplate, head: TemplateHead): Promise<Buffer> => {
  const [longMm, shortMm] = PAPERS_MM[paper]
  const roomMm = longMm - 2 * EDGE_MM
  const doc = new PDFDocument({
    size: paper === 'a4' ? 'A4' : 'LETTER',
    layout: 'landscape',
    margin: 0,
    autoFirstPage: false,
    info: { Title: head.title, Producer: 'Lochmoor', Creator: 'Lochmoor' },
  })
  doc.registerFont('plain', lettersOfPaper(400)).registerFont('bold', lettersOfPaper(700))
  const step = roomMm - OVERLAP_MM
  const sheets = t.stripLengthMm <= roomMm ? 1 : Math.ceil((t.stripLengthMm - OVERLAP_MM) / step)
  for (let i = 0; i < sheets; i++) {
    doc.addPage()
    doc.strokeColor(INK)
    const fromMm = i * step
    doc.font('bold').fontSize(12).fillColor(INK)
    doc.text(sheetText(head.title), EDGE_MM * MM, 7 * MM, { lineBreak: false })
    doc.font('plain').fontSize(8.5)
    head.lines.forEach((line, n) => doc.text(sheetText(line), EDGE_MM * MM, (13 + n * 4) * MM, { lineBreak: false }))
    const last = i === sheets - 1
    if (sheets > 1)
      doc.text(
        `Sheet ${i + 1} of ${sheets}: ${last ? 'the last; its left edge lies on the dashed line of the one before.' : 'the left edge of the next one lies on the dashed line.'}`,
        (longMm / 2) * MM,
        7 * MM,
        { lineBreak: false },
      )
    doc.save()
    doc.rect(EDGE_MM * MM, (TOP_MM - 6) * MM, roomMm * MM, (shortMm - TOP_MM - 4) * MM).clip()
    doc.translate((EDGE_MM - fromMm) * MM, TOP_MM * MM)
    for (const m of t.marks) draw(doc, m)
    const line = (x: number, dashed: boolean) =>
      draw(doc, { kind: 'line', x1: x, y1: -2, x2: x, y2: t.stripHeightMm + 2, dashed, what: 'edge' })
    // Where the next sheet begins, and where this one is cut to be laid there.
    if (!last) line(fromMm + step, true)
    if (i > 0) line(fromMm, false)
    doc.restore()
    if (i > 0) {
      doc.save()
      doc.translate(EDGE_MM * MM, TOP_MM * MM)
      for (const m of t.marks.filter(isRuler)) draw(doc, m)
      doc.restore()
    }
    doc.font('plain').fontSize(7).fillColor(INK)
    doc.text(sheetText(head.foot), EDGE_MM * MM, (shortMm - 7) * MM, { lineBreak: false })
  }
  return new Promise((resolve, reject) => {
    const parts: Buffer[] = []
    doc.on('data', (part: Buffer) => parts.push(part))
    doc.on('end', () => resolve(Buffer.concat(parts)))
    doc.on('error', reject)
    doc.end()
  })
}
