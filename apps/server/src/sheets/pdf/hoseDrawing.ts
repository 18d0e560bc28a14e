import type { FittingPart, HosePiece } from '@lochmoor/core'
import { INK, SOFT, type SheetPaper } from './sheetPaper.ts'

const HEIGHT = 74
/** Middle of the hose, and half its width on paper. */
const MIDDLE = 34
const HALF = 4
/** From the margin to the seat of an end. */
const SIDE = 62
/** How long an end is drawn: from the seat to the cut end of the hose. */
const END = 26
const NUT = { length: 9, half: 6.5 } as const

/** What is said of the two lengths, in the reader's units. */
interface Lengths {
  readonly path: string
  readonly cut: string
}

/**
 * A made-up hose, drawn straight and not to scale: hose, ends with their angles, the length to cut and the length from
 * seat to seat.
 */
export const drawHose = (paper: SheetPaper, { line, leg }: HosePiece, { path, cut }: Lengths): void =>
  paper.drawing(HEIGHT, (doc, width) => {
    const [left, right] = [SIDE, width - SIDE]
    const [cutFrom, cutTo] = [left + END, right - END]
    for (const y of [MIDDLE - HALF, MIDDLE + HALF]) doc.moveTo(cutFrom, y).lineTo(cutTo, y)
    doc.lineWidth(1.2).stroke(INK)
    drawEnd(doc, leg.start, left, 1)
    drawEnd(doc, leg.end, right, -1)
    const name = (end: FittingPart | null) => (end === null ? 'open' : end.name)
    paper.label(doc, name(leg.start), 0, 0, { size: 7 })
    paper.label(doc, name(leg.end), width, 0, { align: 'right', size: 7 })
    paper.label(doc, `${line}: ${leg.name}`, width / 2, 0, { align: 'center', bold: true })
    dimension(paper, doc, left, right, 20, `seat to seat ${path}`)
    dimension(paper, doc, cutFrom, cutTo, 56, `cut ${cut}`)
  })

/** One end: nut on the hose, and its tube at its angle. @param way 1 where the hose lies to its right, -1 to its left */
const drawEnd = (doc: PDFKit.PDFDocument, end: FittingPart | null, seat: number, way: 1 | -1): void => {
  const cut = seat + way * END
  if (end === null) {
    doc
      .moveTo(cut, MIDDLE - HALF)
      .lineTo(cut, MIDDLE + HALF)
      .lineWidth(1.2)
      .stroke(INK)
    return
  }
  const nut = cut - way * NUT.length
  doc
    .rect(Math.min(cut, nut), MIDDLE - NUT.half, NUT.length, 2 * NUT.half)
    .lineWidth(1)
    .stroke(INK)
  const angle = (end.angleDeg * Math.PI) / 180
  const knee = nut - way * 4
  const rest = END - NUT.length - 4
  doc
    .moveTo(nut, MIDDLE)
    .lineTo(knee, MIDDLE)
    .lineTo(knee - way * rest * Math.cos(angle), MIDDLE + rest * Math.sin(angle))
    .lineWidth(3)
    .stroke(INK)
}

const dimension = (
  paper: SheetPaper,
  doc: PDFKit.PDFDocument,
  from: number,
  to: number,
  y: number,
  text: string,
): void => {
  for (const x of [from, to]) doc.moveTo(x, y - 4).lineTo(x, y + 4)
  doc.moveTo(from, y).lineTo(to, y).lineWidth(0.5).stroke(SOFT)
  doc.font('plain').fontSize(7.5)
  const half = doc.widthOfString(text) / 2 + 4
  const middle = (from + to) / 2
  doc.rect(middle - half, y - 4, 2 * half, 9).fill('#ffffff')
  paper.label(doc, text, middle, y - 4, { align: 'center' })
}
