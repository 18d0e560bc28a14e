import type { Paper } from '@lochmoor/contract'
import {
  assessExhaust,
  bestSpots,
  chosenSpots,
  contextOf,
  deadCylinder,
  exhaustCautions,
  EXHAUST_MOMENTS,
  EXHAUST_WORKINGS,
  exhaustWorking,
  fig,
  figureText,
  heatAtSpot,
  jointWords,
  LEAK_TEST_STEPS,
  leakPlan,
  DATUM_WORDS,
  datumOf,
  partsOfExhaust,
  placeWords,
  RAW_FUEL_SHARES,
  reversionAt,
  RUN_WORDS,
  shownReading,
  runOf,
  sensorAdvice,
  sentenceText,
  spotGrid,
  steeringDoubts,
  TARGET_LAMBDA,
  type Band,
  type Catalogue,
  type ExhaustCase,
  type Family,
  type JobDocument,
  type JudgedSpot,
  type UnitChoice,
  type Verdict,
} from '@lochmoor/core'
import { beginSheet, type SheetHead } from './stationSheetHead.ts'
import { writeAssumptions, writeFormulas, writeJudgement, writeParts } from './pdf/commonParts.ts'
import { type SheetPaper } from './pdf/sheetPaper.ts'
import { drawUnrolled } from './pdf/unrolledDrawing.ts'

/** The working sheet of the exhaust sensor station. */
export const exhaustSheet = async (
  job: JobDocument,
  catalogue: Pick<Catalogue, 'bungs'>,
  head: SheetHead,
  paper: Paper,
  units: UnitChoice,
): Promise<Buffer> => {
  const a = assessExhaust(job, catalogue)
  const sheet = beginSheet(
    job,
    head,
    paper,
    'Exhaust sensor',
    units,
    'Clock positions are seen looking against the flow. Distances are from the downstream edge of the merge, or from the turbo outlet: each drawing says which.',
  )
  writeJudgement(sheet, a.verdicts, units)
  pipes(sheet, a.c, units)
  unrolled(sheet, a.c, units)
  heat(sheet, a.c, units)
  readings(sheet, a.c, units)
  sheet.heading('Before anything is drilled')
  for (const c of exhaustCautions(job)) sheet.step(c.says)
  sheet.paragraph('Local rules and licensed trades come first.', true)
  leaks(sheet, a.c)
  writeParts(sheet, partsOfExhaust(a.c), units)
  writeAssumptions(sheet, a.assumptions, units)
  workings(sheet, a.c, a.verdicts, units)
  return sheet.finish()
}

const text = (si: number, family: Family, units: UnitChoice, decimals?: number) =>
  figureText(fig(si, family, decimals), units)

const pipes = (sheet: SheetPaper, c: ExhaustCase, units: UnitChoice): void => {
  if (c.runs.length === 0) return
  sheet.heading('Exhaust as measured')
  for (const run of c.runs) {
    sheet.strong(`${RUN_WORDS[run.id]}, cylinders ${run.cylinders.join(', ') || 'not named'}`)
    sheet.table(
      [
        { head: 'Piece', share: 0.26 },
        { head: 'From merge', share: 0.13, right: true },
        { head: 'Length', share: 0.12, right: true },
        { head: 'Outside diameter', share: 0.12, right: true },
        { head: 'Bend', share: 0.12, right: true },
        { head: 'Joint', share: 0.25 },
      ],
      run.pieces.map((p) => [
        `${p.count > 1 ? `${p.count} × ` : ''}${p.piece.name}`,
        text(p.fromM, 'bore', units, 0),
        `${text(p.lengthM, 'bore', units, 0)}${p.assumed.includes('length') ? ' (assumed)' : ''}`,
        `${text(p.outsideM, 'bore', units)}${p.assumed.includes('diameter') ? ' (assumed)' : ''}`,
        p.bendDeg === 0 ? '' : text(p.bendDeg, 'angle', units),
        `${p.piece.joint}${p.piece.jointState === null ? '' : `, ${p.piece.jointState}`}`,
      ]),
    )
  }
}

const lossesText = (spot: JudgedSpot, units: UnitChoice): string =>
  spot.losses
    .filter((l) => l.loss >= 0.5)
    .map((l) => `${l.loss.toFixed(0)}: ${sentenceText(l.says, units)}`)
    .join(' ') || 'nothing'

const unrolled = (sheet: SheetPaper, c: ExhaustCase, units: UnitChoice): void => {
  const { spots } = c.exhaust
  const shown = [...new Set(spots.map((s) => s.run))]
  for (const id of shown.length > 0 ? shown : c.runs.slice(-1).map((r) => r.id)) {
    const ctx = contextOf(c, id)
    if (!ctx) continue
    const grid = spotGrid(ctx)
    sheet.heading(`${RUN_WORDS[id]}, unrolled`)
    drawUnrolled(
      sheet,
      grid,
      spots.filter((s) => s.run === id),
      units,
      DATUM_WORDS[datumOf(ctx.run)],
    )
    const best = bestSpots(ctx, grid)
    if (best.length === 0) sheet.paragraph('No usable position on this run of pipe.')
    else
      sheet.table(
        [
          { head: 'Best positions: distance', share: 0.2, right: true },
          { head: 'Clock position', share: 0.1, right: true },
          { head: 'Above level', share: 0.12, right: true },
          { head: 'Score', share: 0.08, right: true },
          { head: 'Biggest loss', share: 0.5 },
        ],
        best.map((s) => [
          text(s.alongM, 'bore', units, 0),
          text(s.clockDeg, 'angle', units),
          text(s.elevationDeg, 'angle', units),
          s.score.toFixed(0),
          lossesText(s, units),
        ]),
      )
  }
}

const heat = (sheet: SheetPaper, c: ExhaustCase, units: UnitChoice): void => {
  const band = (b: Band, family: Family, decimals?: number) =>
    `${text(b.low, family, units, decimals)} to ${text(b.high, family, units, decimals)}`
  for (const { name, spot } of chosenSpots(c)) {
    sheet.heading(
      `${name}: ${RUN_WORDS[spot.run]}, ${sentenceText(placeWords(runOf(c.runs, spot.run)!, spot.alongM), units)}`,
    )
    sheet.table(
      [
        { head: 'Condition', share: 0.16 },
        { head: 'Gas', share: 0.2, right: true },
        { head: 'Wall', share: 0.2, right: true },
        { head: 'Gas travel time', share: 0.12, right: true },
        { head: 'Total', share: 0.12, right: true },
        { head: 'Loop no quicker than', share: 0.1, right: true },
        { head: 'Reversion', share: 0.1, right: true },
      ],
      EXHAUST_MOMENTS.flatMap((id) => {
        const h = heatAtSpot(c, spot, id)
        const back = id === 'idle' ? reversionAt(c, spot, id) : null
        return h
          ? [
              [
                h.moment.label,
                band(h.gasK, 'temperature'),
                band(h.wallK, 'temperature'),
                text(h.delay.transportS, 'duration', units, 0),
                text(h.delay.totalS.typical, 'duration', units, 0),
                text(h.delay.leastIntegralS.typical, 'time', units, 2),
                back ? text(back.displacementM, 'bore', units, 0) : '',
              ],
            ]
          : []
      }),
    )
  }
}

const readings = (sheet: SheetPaper, c: ExhaustCase, units: UnitChoice): void => {
  if (c.runs.length === 0) return
  sheet.heading('How the reading can mislead')
  for (const s of [...sensorAdvice(c).reasons, ...steeringDoubts(c)]) sheet.paragraph(sentenceText(s, units))
  const [chosen] = chosenSpots(c)
  const cylinders = c.runs.find((r) => r.id === chosen?.spot.run)?.cylinders.length ?? 0
  const dead = deadCylinder({
    cylinders,
    rawShare: RAW_FUEL_SHARES.injector,
    lambda: c.openLoopLambda,
    target: TARGET_LAMBDA,
    correctionLimit: c.correctionLimit,
  })
  const shown = dead && shownReading(dead.reads, c.exhaust.readsToLambda)
  if (dead && shown)
    sheet.paragraph(
      `One dead injector of ${cylinders}: in open loop it reads ${text(shown.lambda, 'lambda', units)}${shown.pinned ? ', pinned at the lean end of the display' : ''}; in closed loop the others run at ${text(dead.livingRun, 'lambda', units)}.`,
    )
}

const leaks = (sheet: SheetPaper, c: ExhaustCase): void => {
  const plan = leakPlan(c)
  if (plan.length === 0) return
  sheet.heading('Leak check')
  for (const s of LEAK_TEST_STEPS) sheet.step(sentenceText(s, {}))
  sheet.table(
    [
      { head: 'Joint', share: 0.34 },
      { head: 'Where', share: 0.14 },
      { head: 'Found', share: 0.12 },
      { head: 'How to test', share: 0.4 },
    ],
    plan.map((l) => [
      `${RUN_WORDS[l.joint.run]}: ${jointWords(l.joint)}`,
      l.side === 'no-spot' ? '' : l.side,
      l.joint.state ?? 'not checked',
      l.how,
    ]),
  )
}

const workings = (sheet: SheetPaper, c: ExhaustCase, verdicts: readonly Verdict[], units: UnitChoice): void => {
  if (chosenSpots(c).length === 0) return
  const judged = new Set(verdicts.flatMap((v) => v.workings))
  const told = EXHAUST_WORKINGS.filter((id) => judged.has(id)).map((id) => {
    const working = exhaustWorking(c, id, 0, id === 'gas-temperature' ? 'full' : 'idle')
    return { ...working, title: `${working.title}: ${working.moment.toLowerCase()}` }
  })
  writeFormulas(sheet, '', told, units)
}
