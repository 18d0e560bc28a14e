import type { Paper } from '@lochmoor/contract'
import {
  figureText,
  sentenceText,
  surveyOf,
  WALK_AROUND_STATION,
  type Catalogue,
  type JobDocument,
  type UnitChoice,
  type WalkAroundAssessment,
} from '@lochmoor/core'
import { writeJudgement, writeParts } from './pdf/commonParts.ts'
import { TICK, type SheetPaper } from './pdf/sheetPaper.ts'
import { beginSheet, type SheetHead } from './stationSheetHead.ts'

/** The survey of the car: what was found and measured, whether it is fit, what comes out first, what hand-over is held to. */
export const walkAroundSheet = (
  job: JobDocument,
  catalogue: Catalogue,
  head: SheetHead,
  paper: Paper,
  units: UnitChoice,
): Promise<Buffer> => {
  const a = WALK_AROUND_STATION.assess(job, catalogue)
  const sheet = beginSheet(job, head, paper, 'Walk-around', units)
  writeJudgement(sheet, a.verdicts, units)
  for (const group of surveyOf(job, units)) {
    sheet.heading(group.title)
    sheet.table(
      [
        { head: 'Entry', share: 0.4 },
        { head: 'Found', share: 0.36 },
        { head: 'Needed for', share: 0.24 },
      ],
      group.rows.map((r) => [r.label, r.text, r.neededFor]),
    )
  }
  reach(sheet, job, units)
  acceptance(sheet, a, units)
  writeParts(sheet, WALK_AROUND_STATION.parts!(job), units)
  sheet.heading('Still to measure')
  if (a.stillToMeasure.length === 0) sheet.paragraph('Nothing.')
  for (const e of a.stillToMeasure) sheet.step(`${e.label}: ${e.neededFor}.`)
  return sheet.finish()
}

const reach = (sheet: SheetPaper, job: JobDocument, units: UnitChoice): void => {
  const { inTheWay } = job.walkAround.reach
  if (inTheWay.length === 0) return
  sheet.heading('Comes out first, goes back last')
  sheet.table(
    [
      { head: '', share: 0.06 },
      { head: 'Part', share: 0.64 },
      { head: 'Out and in', share: 0.3, right: true },
    ],
    inTheWay.map((i) => [TICK, i.name, i.takesS === null ? 'not estimated' : figureText({ si: i.takesS, family: 'labour', decimals: 0 }, units)]), // prettier-ignore
  )
}

const acceptance = (sheet: SheetPaper, a: WalkAroundAssessment, units: UnitChoice): void => {
  if (a.acceptance.length === 0) return
  sheet.heading('Tried and signed at hand-over')
  for (const test of a.acceptance) sheet.step(`${sentenceText(test.tries, units)}${test.passed ? ' Passed.' : ''}`)
}
