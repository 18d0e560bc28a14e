import type { Paper } from '@lochmoor/contract'
import PDFDocument from 'pdfkit'
import { lettersOfPaper } from './letters.ts'

export const INK = '#1d2529'
export const SOFT = '#55626a'
const RULE = '#9aa5ab'
const MARGIN = 42
const FOOT = 26

const SUPERSCRIPT = '⁰¹²³⁴⁵⁶⁷⁸⁹'
/** Signs that the sheet's letters have not, written otherwise; what is left of them becomes a question mark. */
export const sheetText = (text: string): string =>
  text
    .replace(
      /·10([⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+)/g,
      (_, power: string) => `·10^${[...power].map((c) => (c === '⁻' ? '-' : SUPERSCRIPT.indexOf(c))).join('')}`,
    )
    .replace(/[\u2009\u202f\u00a0]/g, ' ')
    .replace(/≤/g, 'at most ')
    .replace(/≥/g, 'at least ')
    .replace(/λ/g, 'lambda')
    .replace(/Ω/g, 'ohm')
    .replace(/[^\n\u0020-\u007e\u00a0-\u017f\u2013\u2014\u2018\u2019\u201c\u201d\u2026\u2212]/g, '?')

/** A cell with a box to tick. */
export const TICK = 'tick'
const BOX = 7.5
const GAP = 7

export interface Column {
  readonly head: string
  /** Share of the width; together 1. */
  readonly share: number
  readonly right?: boolean
}

/** A working sheet: text, tables and drawings flowing down pages of A4 or Letter. */
export class SheetPaper {
  readonly doc: PDFKit.PDFDocument
  readonly width: number
  private y = MARGIN

  constructor(
    paper: Paper,
    title: string,
    private readonly foot: string,
    /** A text of the program in the reader's English. */
    private readonly inEnglish: (text: string) => string,
  ) {
    this.doc = new PDFDocument({
      size: paper === 'a4' ? 'A4' : 'LETTER',
      margin: 0,
      bufferPages: true,
      info: { Title: title, Producer: 'Lochmoor', Creator: 'Lochmoor' },
    })
    this.doc.registerFont('plain', lettersOfPaper(400)).registerFont('bold', lettersOfPaper(700)).fillColor(INK)
    this.width = this.doc.page.width - 2 * MARGIN
  }

  /** What is printed of a text. */
  private said(text: string): string {
    return sheetText(this.inEnglish(text))
  }

  private get bottom(): number {
    return this.doc.page.height - MARGIN - FOOT
  }

  /** Goes to the next page unless so much height is left. */
  ensure(height: number): void {
    if (this.y + height <= this.bottom) return
    this.doc.addPage()
    this.y = MARGIN
  }

  space(height: number): void {
    this.y += height
  }

  private write(text: string, bold: boolean, size: number, color = INK): void {
    const said = this.said(text)
    this.doc.font(bold ? 'bold' : 'plain').fontSize(size)
    const height = this.doc.heightOfString(said, { width: this.width })
    this.ensure(height)
    this.doc.fillColor(color).text(said, MARGIN, this.y, { width: this.width })
    this.y += height
  }

  title(text: string): void {
    this.write(text, true, 18)
  }

  /** @param under room for what belongs to it: it does not stand alone at the end of a page */
  heading(text: string, under = 36): void {
    this.space(12)
    this.ensure(28 + under)
    this.write(text, true, 12)
    this.doc
      .moveTo(MARGIN, this.y + 1)
      .lineTo(MARGIN + this.width, this.y + 1)
      .lineWidth(0.8)
      .stroke(INK)
    this.space(5)
  }

  paragraph(text: string, soft = false): void {
    this.write(text, false, 9, soft ? SOFT : INK)
    this.space(3)
  }

  /** Begins a new page, unless this one is empty. */
  nextPage(): void {
    if (this.y === MARGIN) return
    this.doc.addPage()
    this.y = MARGIN
  }

  private box(x: number, y: number): void {
    this.doc.rect(x, y, BOX, BOX).lineWidth(0.7).stroke(INK)
  }

  /** Something to do, with a box to tick when it is done. */
  step(text: string): void {
    const said = this.said(text)
    const indent = BOX + 6
    this.doc.font('plain').fontSize(9)
    const height = this.doc.heightOfString(said, { width: this.width - indent })
    this.ensure(height)
    this.box(MARGIN, this.y + 1.5)
    this.doc.fillColor(INK).text(said, MARGIN + indent, this.y, { width: this.width - indent })
    this.y += height + 3
  }

  strong(text: string): void {
    this.write(text, true, 9.5)
  }

  /** Rows under a head that is repeated on each page; a row never breaks. */
  table(columns: readonly Column[], rows: readonly (readonly string[])[]): void {
    const size = 8.5
    const pad = 3
    const lefts = columns.map((_, i) => MARGIN + this.width * columns.slice(0, i).reduce((sum, c) => sum + c.share, 0))
    // Words right of figures stand off from them.
    const gaps = columns.map((c, i) => (i > 0 && columns[i - 1]!.right && !c.right ? GAP : 0))
    const widths = columns.map((c, i) => this.width * c.share - 2 * pad - gaps[i]!)
    const heightOf = (cells: readonly string[], bold: boolean): number => {
      this.doc.font(bold ? 'bold' : 'plain').fontSize(size)
      return (
        Math.max(
          ...cells.map((t, i) => this.doc.heightOfString((t !== TICK && this.said(t)) || ' ', { width: widths[i]! })),
        ) +
        2 * pad
      )
    }
    const draw = (cells: readonly string[], bold: boolean, height: number): void => {
      this.doc
        .font(bold ? 'bold' : 'plain')
        .fontSize(size)
        .fillColor(INK)
      cells.forEach((t, i) => {
        if (t === TICK) return this.box(lefts[i]! + pad, this.y + pad + 1)
        this.doc.text(this.said(t), lefts[i]! + pad + gaps[i]!, this.y + pad, {
          width: widths[i]!,
          align: columns[i]!.right ? 'right' : 'left',
        })
      })
      this.y += height
      this.doc
        .moveTo(MARGIN, this.y)
        .lineTo(MARGIN + this.width, this.y)
        .lineWidth(bold ? 0.8 : 0.3)
        .stroke(bold ? INK : RULE)
    }
    const head = columns.map((c) => c.head)
    const headHeight = heightOf(head, true)
    const first = rows[0] ? heightOf(rows[0], false) : 0
    this.ensure(headHeight + first)
    draw(head, true, headHeight)
    for (const row of rows) {
      const height = heightOf(row, false)
      if (this.y + height > this.bottom) {
        this.ensure(height + headHeight)
        draw(head, true, headHeight)
      }
      draw(row, false, height)
    }
    this.space(4)
  }

  /** A drawing of so much height; its origin is the left upper corner. */
  drawing(height: number, draw: (doc: PDFKit.PDFDocument, width: number) => void): void {
    this.ensure(height)
    this.doc.save().translate(MARGIN, this.y)
    draw(this.doc, this.width)
    this.doc.restore()
    this.y += height + 4
  }

  /** Text within a drawing. */
  label(
    doc: PDFKit.PDFDocument,
    text: string,
    x: number,
    y: number,
    options: { readonly align?: 'left' | 'center' | 'right'; readonly size?: number; readonly bold?: boolean } = {},
  ): void {
    const { align = 'left', size = 7.5, bold = false } = options
    const said = this.said(text)
    doc
      .font(bold ? 'bold' : 'plain')
      .fontSize(size)
      .fillColor(INK)
    const w = doc.widthOfString(said)
    doc.text(said, x - (align === 'center' ? w / 2 : align === 'right' ? w : 0), y, { lineBreak: false })
  }

  /** Numbers the pages and gives the bytes. */
  finish(): Promise<Buffer> {
    const { count } = this.doc.bufferedPageRange()
    for (let i = 0; i < count; i++) {
      this.doc.switchToPage(i)
      const y = this.doc.page.height - MARGIN - 8
      this.doc.font('plain').fontSize(7.5).fillColor(SOFT)
      this.doc.text(this.said(this.foot), MARGIN, y, { lineBreak: false })
      const page = `${i + 1} of ${count}`
      this.doc.text(page, MARGIN + this.width - this.doc.widthOfString(page), y, { lineBreak: false })
    }
    return new Promise((resolve, reject) => {
      const parts: Buffer[] = []
      this.doc.on('data', (part: Buffer) => parts.push(part))
      this.doc.on('end', () => resolve(Buffer.concat(parts)))
      this.doc.on('error', reject)
      this.doc.end()
    })
  }
}
