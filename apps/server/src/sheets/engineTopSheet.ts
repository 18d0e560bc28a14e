import type { Paper } from '@lochmoor/contract'
import {
  describePath,
  ENGINE_TOP_STATION,
  ENGINE_TOP_WORKINGS,
  engineTopCautions,
  engineTopWorking,
  fig,
  figureText,
  partsOfEngineTop,
  pieceWords,
  type Catalogue,
  type EngineTopCase,
  type JobDocument,
  type UnitChoice,
} from '@lochmoor/core'
import { writePlaces } from './engineTopPlacesSheet.ts'
import { beginSheet, type SheetHead } from './stationSheetHead.ts'
import { writeAssumptions, writeFormulas, writeJudgement, writeParts } from './pdf/commonParts.ts'
import { type SheetPaper } from './pdf/sheetPaper.ts'
import { drawStack } from './pdf/stackDrawing.ts'

/** The working sheet of the engine top: judgement, section, gaps, what comes off, bolts, throttle, parts, formulas. */
export const engineTopSheet = async (
  job: JobDocument,
  catalogue: Catalogue,
  head: SheetHead,
  paper: Paper,
  units: UnitChoice,
): Promise<Buffer> => {
  const { assumptions, c, verdicts } = ENGINE_TOP_STATION.assess(job, catalogue)
  const sheet = beginSheet(job, head, paper, 'Engine top', units)
  writeJudgement(sheet, verdicts, units)
  sheet.heading('Before anything comes off')
  for (const says of engineTopCautions(job)) sheet.step(says)
  stack(sheet, c, units)
  comesOff(sheet, c)
  bolts(sheet, c, units)
  throttle(sheet, c, units)
  writePlaces(sheet, c, units)
  writeParts(sheet, partsOfEngineTop(c), units)
  writeAssumptions(sheet, assumptions, units)
  const judged = new Set(verdicts.flatMap((v) => v.workings))
  const several: Readonly<Partial<Record<(typeof ENGINE_TOP_WORKINGS)[number], readonly string[]>>> = {
    engagement: c.bolts.map((b) => b.group.name),
    'bolt-torque': c.bolts.map((b) => b.group.name),
    'tapping-drill': c.sensors.holes.map((h) => h.hole.name),
    thermistor: c.sensors.thermistors.map((t) => t.entry.name),
  }
  const told = ENGINE_TOP_WORKINGS.filter((id) => judged.has(id)).flatMap((id) =>
    (several[id] ?? ['']).map((of, i) => {
      const w = engineTopWorking(c, id, i)
      return of === '' ? w : { ...w, title: `${w.title}: ${of}` }
    }),
  )
  writeFormulas(sheet, '', told, units)
  return sheet.finish()
}

const stack = (sheet: SheetPaper, c: EngineTopCase, units: UnitChoice): void => {
  const s = c.stack
  const mm = (si: number, decimals = 1): string => figureText(fig(si, 'bore', decimals), units)
  if (s.levels.length === 0) return
  if (s.totalM !== null) {
    sheet.heading('Stack under the bonnet, through the tightest place, to scale', 250)
    drawStack(sheet, s, 'tightest', units)
  }
  sheet.heading('New stack, from the pad up')
  sheet.table(
    [
      { head: 'Piece', share: 0.46 },
      { head: 'Raises by', share: 0.27, right: true },
      { head: 'Up to', share: 0.27, right: true },
    ],
    s.levels.map((l) => [
      pieceWords(l.kind),
      l.heightM === null ? 'not measured' : mm(l.heightM),
      l.toM === null ? '' : mm(l.toM),
    ]),
  )
  if (s.clearance.corners.length === 0) return
  sheet.heading('Gaps under the bonnet, worst first')
  sheet.table(
    [
      { head: 'Place', share: 0.42 },
      { head: 'Gap, engine rocking', share: 0.24, right: true },
      { head: 'Spread', share: 0.14, right: true },
      { head: 'At rest', share: 0.2, right: true },
    ],
    s.clearance.corners.map((x) => [
      s.nameOf(x.id),
      x.gapM === null ? 'not known: lay clay there' : mm(x.gapM),
      x.spreadM === null ? '' : `± ${mm(x.spreadM)}`,
      x.atRestM === null ? '' : mm(x.atRestM),
    ]),
  )
  const spacer = s.tallestSpacerM === null ? 'not known' : mm(s.tallestSpacerM, 0)
  const element = s.air === null ? 'not known' : mm(Math.max(s.air.leastHeightM, s.air.leastHeightByDropM ?? 0), 0)
  sheet.paragraph(`Tallest spacer that fits: ${spacer}. Lowest element that still flows: ${element}.`)
}

const comesOff = (sheet: SheetPaper, c: EngineTopCase): void => {
  if (c.off.length === 0) return
  const words = describePath('engineTop.stack.off.x.fate').words ?? {}
  const of = (id: string) => c.stack.entry.off.find((o) => o.id === id)
  sheet.heading('What comes off')
  sheet.table(
    [
      { head: 'Part', share: 0.3 },
      { head: 'Becomes', share: 0.18 },
      { head: 'Tag', share: 0.22 },
      { head: 'Usually', share: 0.3 },
    ],
    c.off.map((p) => [p.name, words[of(p.id)?.fate ?? ''] ?? 'not decided', of(p.id)?.tag ?? '', p.usually]),
  )
}

const bolts = (sheet: SheetPaper, c: EngineTopCase, units: UnitChoice): void => {
  if (c.bolts.length === 0) return
  sheet.heading('Bolts; order and passes on the tightening card')
  sheet.table(
    [
      { head: 'Group', share: 0.3 },
      { head: 'Number', share: 0.1, right: true },
      { head: 'Thread', share: 0.2 },
      { head: 'Under the head', share: 0.16, right: true },
      { head: 'Torque', share: 0.12, right: true },
      { head: 'Fits', share: 0.12 },
    ],
    c.bolts.map((b) => {
      const fit = b.answer?.fit
      return [
        b.group.name,
        String(b.group.many),
        b.thread?.name ?? 'not known',
        fit ? figureText(fig(fit.lengthM, 'bore', 1), units) : '',
        b.answer?.torqueNm && !fit?.bottoms && !fit?.short
          ? figureText(fig(b.answer.torqueNm, 'torque', b.answer.torqueNm < 10 ? 1 : 0), units)
          : '',
        fit ? (fit.bottoms ? 'bottoms' : fit.short ? 'too short' : 'yes') : '',
      ]
    }),
  )
}

const throttle = (sheet: SheetPaper, c: EngineTopCase, units: UnitChoice): void => {
  const { answer, slackM, solved } = c.throttle
  if (answer === null || solved === null) return
  sheet.heading('Throttle')
  const points = answer.points.filter((_, i) => i % 40 === 0)
  sheet.table(
    [
      { head: 'Pedal at the pad', share: 0.34, right: true },
      { head: 'Plate', share: 0.33, right: true },
      { head: 'Of fully open', share: 0.33, right: true },
    ],
    points.map((p) => [
      figureText(fig(p.padM, 'bore', 0), units),
      figureText(fig((p.plateRad * 180) / Math.PI, 'angle', 0), units),
      figureText(fig(p.plateRad / solved.plateRad, 'share', 0), units),
    ]),
  )
  sheet.paragraph(
    `Lost as slack: ${figureText(fig(slackM, 'bore', 0), units)} at the pad.${answer.binds ? ` The linkage binds at ${figureText(fig(answer.binds.padM, 'bore', 0), units)}.` : ''}`,
  )
}
