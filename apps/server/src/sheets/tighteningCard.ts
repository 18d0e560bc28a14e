import type { Paper } from '@lochmoor/contract'
import {
  counted,
  engineTopCase,
  fig,
  figureText,
  isTapered,
  THREAD_STATE_WORDS,
  type BoltsOfGroup,
  type JobDocument,
  type UnitChoice,
} from '@lochmoor/core'
import { beginPaper, type SheetHead } from './stationSheetHead.ts'
import { drawOrder } from './pdf/orderDrawing.ts'
import { type SheetPaper } from './pdf/sheetPaper.ts'

/** A card of every group of bolts whose order is known: numbered pattern, three passes with their torques, boxes to tick. */
export const tighteningCard = (job: JobDocument, head: SheetHead, paper: Paper, units: UnitChoice): Promise<Buffer> => {
  const { bolts } = engineTopCase(job)
  const { title } = job.vehicle
  const sheet = beginPaper(job, head, paper, 'tightening card')
  sheet.title(`${title}: tightening card`)
  sheet.paragraph('From the middle outwards, crosswise; go through all bolts three times. The maker’s torque, where there is one, comes first.', true) // prettier-ignore
  sheet.paragraph('Engine cold, coolant out, every face clean and dry. Run each bolt in by hand first: one that does not go in by hand is not forced.') // prettier-ignore
  for (const b of bolts.filter((x) => x.order !== null)) group(sheet, b, units)
  const others = bolts.filter((b) => b.order === null)
  if (others.length > 0) {
    sheet.heading('Without a pattern')
    for (const b of others) sheet.step(`${b.group.name}: ${b.thread && isTapered(b.thread) ? 'tapered thread, hand-tight and one to two turns with sealant; rule of thumb' : passes(b, units)}`) // prettier-ignore
  }
  sheet.heading('After it')
  sheet.step('Coolant filled, run warm with the heater on, bled.')
  sheet.step('Tightened once more when it has been hot and cold again; looked over for leaks.')
  return sheet.finish()
}

const passes = (b: BoltsOfGroup, units: UnitChoice): string => {
  const nm = b.answer?.passesNm
  if (!nm) return 'torque not known: not everything is measured'
  const text = (t: number): string => figureText(fig(t, 'torque', nm[2] < 10 ? 1 : 0), units)
  return `${text(nm[0])}, then ${text(nm[1])}, then ${text(nm[2])}`
}

const group = (sheet: SheetPaper, b: BoltsOfGroup, units: UnitChoice): void => {
  const fit = b.answer?.fit
  sheet.heading(b.group.name, 260)
  const what = b.thread ? `${b.group.many} of ${b.thread.name}` : `${counted(b.group.many, 'bolt')}, thread not known`
  const length = fit ? `, ${figureText(fig(fit.lengthM, 'bore', 1), units)} under the head` : ''
  const state = b.group.state === null ? '' : `, thread ${THREAD_STATE_WORDS[b.group.state]}`
  sheet.paragraph(`${what}${length}${state}.${fit?.bottoms ? ' This bolt bottoms: do not fit it.' : fit?.short ? ' This bolt is too short: do not fit it.' : ''}`) // prettier-ignore
  drawOrder(sheet, b)
  const nm = b.answer?.passesNm
  const text = (t: number): string => figureText(fig(t, 'torque', nm![2] < 10 ? 1 : 0), units)
  const numbers = b.order!.order.map((_, n) => n + 1).join(' - ')
  for (const [i, name] of (['First pass', 'Second pass', 'Last pass'] as const).entries())
    sheet.step(
      `${name}: ${nm && !fit?.bottoms && !fit?.short ? text(nm[i]!) : 'torque not known'}, in the order ${numbers}`,
    )
}
