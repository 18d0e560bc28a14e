import type { Paper } from '@lochmoor/contract'
import type { ListedWire } from '@lochmoor/core'
import PDFDocument from 'pdfkit'
import { INK, sheetText, SOFT } from '../pdf/sheetPaper.ts'
import { MM } from '../pdf/templatePaper.ts'
import { lettersOfPaper } from '../pdf/letters.ts'

const LABEL_MM = { width: 45, height: 11 } as const
const EDGE_MM = 12
const HEAD_MM = 16
const PAGES_MM = { a4: [210, 297], letter: [215.9, 279.4] } as const

/** A label for each end of each wire, in the order of the wire list: what stands here, and where the other end goes. */
export const labelPaper = (
  paper: Paper,
  wires: readonly ListedWire[],
  head: { readonly title: string; readonly how: string; readonly foot: string },
): Promise<Buffer> => {
  const [pageW, pageH] = PAGES_MM[paper]
  const columns = Math.floor((pageW - 2 * EDGE_MM) / LABEL_MM.width)
  const rows = Math.floor((pageH - 2 * EDGE_MM - HEAD_MM) / LABEL_MM.height)
  const labels = wires.flatMap((w) => [w.labels.from, w.labels.to])
  const doc = new PDFDocument({
    size: paper === 'a4' ? 'A4' : 'LETTER',
    margin: 0,
    autoFirstPage: false,
    info: { Title: head.title, Producer: 'Lochmoor', Creator: 'Lochmoor' },
  })
  doc.registerFont('plain', lettersOfPaper(400)).registerFont('bold', lettersOfPaper(700))
  labels.forEach((lines, n) => {
    const k = n % (columns * rows)
    if (k === 0) {
      doc.addPage()
      doc.font('bold').fontSize(11).fillColor(INK)
      doc.text(sheetText(head.title), EDGE_MM * MM, EDGE_MM * MM, { lineBreak: false })
      doc.font('plain').fontSize(8)
      doc.text(sheetText(head.how), EDGE_MM * MM, (EDGE_MM + 6) * MM, { lineBreak: false })
      doc.fontSize(7).fillColor(SOFT)
      doc.text(sheetText(head.foot), EDGE_MM * MM, (pageH - 8) * MM, { lineBreak: false })
    }
    const x = EDGE_MM + (k % columns) * LABEL_MM.width
    const y = EDGE_MM + HEAD_MM + Math.floor(k / columns) * LABEL_MM.height
    doc.lineWidth(0.15 * MM).rect(x * MM, y * MM, LABEL_MM.width * MM, LABEL_MM.height * MM).stroke(SOFT) // prettier-ignore
    lines.forEach((line, i) => {
      doc.font(i === 0 ? 'bold' : 'plain').fillColor(INK)
      const said = sheetText(line)
      let size = 8
      doc.fontSize(size)
      // A long name is set smaller, never cut.
      while (doc.widthOfString(said) > (LABEL_MM.width - 3) * MM && size > 4) doc.fontSize((size -= 0.5))
      doc.text(said, (x + 1.5) * MM, (y + 1.6 + 4.4 * i) * MM, { lineBreak: false })
    })
  })
  return new Promise((resolve, reject) => {
    const parts: Buffer[] = []
    doc.on('data', (part: Buffer) => parts.push(part))
    doc.on('end', () => resolve(Buffer.concat(parts)))
    doc.on('error', reject)
    doc.end()
  })
}
