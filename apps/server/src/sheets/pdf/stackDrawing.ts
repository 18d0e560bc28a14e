import {
  formatQuantity,
  sectionOf,
  unitOf,
  type SectionMark,
  type SectionView,
  type StackOfJob,
  type UnitChoice,
} from '@lochmoor/core'
import { INK, SOFT, type SheetPaper } from './sheetPaper.ts'

const HEIGHT = 235
const STOP = '#a3241c'
const SHADE = '#c9cfd2'

/** Stack and bonnet in section, to scale, with the tightest place dimensioned. Nothing while heights are missing. */
export const drawStack = (sheet: SheetPaper, stack: StackOfJob, view: SectionView, units: UnitChoice): void => {
  const section = sectionOf(stack, view)
  if (section === null) return
  const bore = unitOf('bore', units.bore)
  const [wMm, hMm] = [section.rightMm - section.leftMm, section.topMm - section.bottomMm]
  sheet.drawing(HEIGHT, (doc, width) => {
    const scale = Math.min(width / wMm, HEIGHT / hMm)
    const x = (mm: number): number => (width - wMm * scale) / 2 + (mm - section.leftMm) * scale
    const y = (mm: number): number => (section.topMm - mm) * scale
    const draw = (m: SectionMark): void => {
      switch (m.kind) {
        case 'shape': {
          doc.polygon(...m.at.map(([a, b]): [number, number] => [x(a), y(b)]))
          if (m.what === 'piece') doc.lineWidth(0.8).fillAndStroke('#ffffff', INK)
          else doc.fill(m.what === 'envelope' ? SHADE : INK)
          return
        }
        case 'bonnet':
          m.at.forEach(([a, b], i) => (i === 0 ? doc.moveTo(x(a), y(b)) : doc.lineTo(x(a), y(b))))
          if (m.at.length > 1) doc.lineWidth(2.2).stroke(SOFT)
          return
        case 'lump':
          doc.circle(x(m.at[0]), y(m.at[1]), 2.6).fill(SOFT)
          return
        case 'pad':
          doc.moveTo(x(m.fromMm), y(0)).lineTo(x(m.toMm), y(0)).lineWidth(1.6).stroke(INK)
          return
        case 'name':
          sheet.label(doc, m.text, x(m.at[0]), y(m.at[1]) - 4, { align: 'center' })
          return
        case 'gap': {
          const [a, b] = [y(m.fromMm), y(m.toMm)]
          for (const at of [a, b]) doc.moveTo(x(m.xMm) - 5, at).lineTo(x(m.xMm) + 5, at)
          doc.moveTo(x(m.xMm), a).lineTo(x(m.xMm), b).lineWidth(1.2).stroke(m.fouls ? STOP : INK)
          sheet.label(doc, formatQuantity(m.figure.si, bore, 1), x(m.xMm), Math.min(a, b) - 11, { align: 'center', size: 9, bold: true })
        }
      }
    }
    for (const m of section.marks) draw(m)
  })
} // prettier-ignore
