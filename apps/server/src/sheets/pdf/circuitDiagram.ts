import { ITEM_HALF, layOutDiagram, PAPER_ROW, type Diagram, type DiagramItem } from '@lochmoor/core'
import { INK, type SheetPaper } from './sheetPaper.ts'

type Doc = PDFKit.PDFDocument
/** Room at either side for where a path begins and ends. */
const END_ROOM = 112
const DOT = 1.8

const SYMBOLS: Readonly<Record<DiagramItem['kind'], (doc: Doc, x: number, y: number) => void>> = {
  fuse: (doc, x, y) => void doc.rect(x - 11, y - 5, 22, 10).fillAndStroke('white', INK).moveTo(x - 11, y).lineTo(x + 11, y).stroke(INK), // prettier-ignore
  switch: (doc, x, y) => blade(doc, x, y),
  contact: (doc, x, y) => blade(doc, x, y),
  coil: (doc, x, y) => void doc.rect(x - 12, y - 8, 24, 16).fillAndStroke('white', INK).moveTo(x - 12, y + 8).lineTo(x + 12, y - 8).stroke(INK), // prettier-ignore
  diode: (doc, x, y) => void doc.polygon([x - 7, y - 7], [x - 7, y + 7], [x + 6, y]).fillAndStroke('white', INK).moveTo(x + 6, y - 7).lineTo(x + 6, y + 7).stroke(INK), // prettier-ignore
  lamp: (doc, x, y) => void doc.circle(x, y, 9).fillAndStroke('white', INK).moveTo(x - 6, y - 6).lineTo(x + 6, y + 6).moveTo(x - 6, y + 6).lineTo(x + 6, y - 6).stroke(INK), // prettier-ignore
  motor: (doc, x, y) => void doc.circle(x, y, 10).fillAndStroke('white', INK),
  box: (doc, x, y) => void doc.rect(x - ITEM_HALF, y - 11, 2 * ITEM_HALF, 22).fillAndStroke('white', INK),
}
const blade = (doc: Doc, x: number, y: number): void => {
  doc.rect(x - 9, y - 4, 18, 8).fill('white')
  doc.circle(x - 9, y, DOT).fill(INK)
  doc.circle(x + 9, y, DOT).fill(INK)
  doc.moveTo(x - 9, y).lineTo(x + 8, y - 8).stroke(INK) // prettier-ignore
}

/** How high a drawing is. */
export const diagramHeight = (paper: SheetPaper, diagram: Diagram): number =>
  layOutDiagram(diagram, paper.width, END_ROOM, PAPER_ROW).height + 8

/** One drawing of feeds and relays: paths from left to right, terminals numbered, coil and contact joined by a dashed line. */
export const drawDiagram = (paper: SheetPaper, diagram: Diagram): void => {
  paper.drawing(diagramHeight(paper, diagram), (doc, width) => {
    const laid = layOutDiagram(diagram, width, END_ROOM, PAPER_ROW)
    doc.lineWidth(0.9)
    for (const l of laid.links)
      doc.moveTo(l.x1, l.y1).lineTo(l.x2, l.y2).dash(3, { space: 3 }).stroke('#9aa5ab').undash() // prettier-ignore
    for (const p of laid.paths) {
      doc.moveTo(laid.fromX, p.y).lineTo(laid.toX, p.y).stroke(INK)
      doc.circle(laid.fromX, p.y, DOT).fill(INK)
      doc.circle(laid.toX, p.y, DOT).fill(INK)
      paper.label(doc, p.from, laid.fromX - 6, p.y - 4, { align: 'right', size: 8, bold: true })
      paper.label(doc, p.to, laid.toX + 6, p.y - 4, { size: 8, bold: true })
      for (const item of p.placed) {
        SYMBOLS[item.kind](doc, item.x, p.y)
        if (item.kind === 'motor') paper.label(doc, 'M', item.x, p.y - 5, { align: 'center', size: 9, bold: true })
        paper.label(doc, item.label, item.x, p.y - 23, { align: 'center', size: 7.5, bold: true })
        if (item.left) paper.label(doc, item.left, item.x - ITEM_HALF - 3, p.y + 3, { align: 'right', size: 7 })
        if (item.right) paper.label(doc, item.right, item.x + ITEM_HALF + 3, p.y + 3, { size: 7 })
        if (item.note) paper.label(doc, item.note, item.x, p.y + 13, { align: 'center', size: 7 })
      }
    }
  })
}
