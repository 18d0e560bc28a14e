import type { Paper } from '@lochmoor/contract'
import {
  designOf,
  ASSEMBLY_STEPS,
  FUEL_STATION,
  cutListOf,
  fig,
  figureText,
  formatCut,
  fuelCautions,
  fuelWorking,
  leakTestOf,
  BEFORE_CUTTING,
  LINE_NAMES,
  partsOfFuel,
  piecesOfLine,
  pressureProfile,
  sentenceText,
  tightestPoint,
  unitOf,
  WORKING_IDS,
  type Catalogue,
  type FittingMake,
  type FuelAssessment,
  type HosePiece,
  type JobDocument,
  type UnitChoice,
} from '@lochmoor/core'
import { writeAssumptions, writeFormulas, writeJudgement, writeParts } from './pdf/commonParts.ts'
import { drawHose } from './pdf/hoseDrawing.ts'
import { drawProfile, PROFILE_HEIGHT } from './pdf/profileDrawing.ts'
import { TICK, type SheetPaper } from './pdf/sheetPaper.ts'
import { beginSheet, type SheetHead } from './stationSheetHead.ts'

const POINT_WORDS = {
  'in-control': 'OK',
  'not-held': 'not maintained',
  lifted: 'above set',
  starved: 'starved',
} as const

/** The working sheet of the fuel station: judgement, figures with their formulas, profile, cut list and parts. */
export const fuelSheet = async (
  job: JobDocument,
  catalogue: Catalogue,
  head: SheetHead,
  paper: Paper,
  units: UnitChoice,
): Promise<Buffer> => {
  const a = FUEL_STATION.assess(job, catalogue)
  const sheet = beginSheet(job, head, paper, 'Fuel system', units)
  writeJudgement(sheet, a.verdicts, units)
  moments(sheet, a, units)
  profile(sheet, a, units)
  cautions(sheet, job)
  cutList(sheet, job, units)
  writeParts(sheet, partsOfFuel(designOf(job)), units)
  leakTest(sheet, job, units)
  writeAssumptions(sheet, a.assumptions, units)
  workings(sheet, job, a, units)
  return sheet.finish()
}

const moments = (sheet: SheetPaper, a: FuelAssessment, units: UnitChoice): void => {
  if (a.solved.length === 0) return
  sheet.heading('Operating conditions')
  const pa = (v: number | null) => (v === null ? 'none' : figureText(fig(v, 'pressure'), units))
  const flow = (v: number) => figureText(fig(v, 'volumeFlow'), units)
  sheet.table(
    [
      { head: 'Condition', share: 0.28 },
      { head: 'At the pump', share: 0.1, right: true },
      { head: 'Engine uses', share: 0.14, right: true },
      { head: 'Returned', share: 0.14, right: true },
      { head: 'Set', share: 0.11, right: true },
      { head: 'Rail', share: 0.11, right: true },
      { head: '', share: 0.12 },
    ],
    a.solved.map(({ point, answer }) => [
      point.label,
      figureText(fig(point.voltageV, 'voltage'), units),
      flow(point.demandM3S),
      flow(answer.returnFlowM3S),
      pa(answer.effectiveSetPa),
      pa(answer.railPa),
      POINT_WORDS[answer.state],
    ]),
  )
}

const profile = (sheet: SheetPaper, a: FuelAssessment, units: UnitChoice): void => {
  const shown = a.solved.find((s) => s.point.id === a.verdicts[0]?.pointId) ?? tightestPoint(a.solved)
  const pieces = shown ? pressureProfile(shown) : []
  if (!shown || pieces.length === 0) return
  sheet.heading(`Pressure along the circuit: ${shown.point.label.toLowerCase()}`, PROFILE_HEIGHT)
  drawProfile(sheet, pieces, shown.answer.effectiveSetPa, units)
}

const cautions = (sheet: SheetPaper, job: JobDocument): void => {
  sheet.heading('Before anything is opened')
  for (const c of fuelCautions(job)) sheet.step(c.says)
  sheet.paragraph('Local rules and licensed trades come first.', true)
}

const cutList = (sheet: SheetPaper, job: JobDocument, units: UnitChoice): void => {
  const pieces = LINE_NAMES.flatMap((l) => piecesOfLine(designOf(job), l))
  if (pieces.length === 0) return
  const list = cutListOf(designOf(job))
  sheet.heading('Cut list')
  if (!list.ok) {
    for (const e of list.error) sheet.paragraph(sentenceText(e.says, units))
    return
  }
  const m = (v: number) => figureText(fig(v, 'distance'), units)
  const mm = (v: number) => formatCut(v, unitOf('bore', units.bore))
  // Nothing to cut is printed from an assumption.
  const cut = (p: HosePiece) => (p.assumed ? BEFORE_CUTTING[p.assumed] : mm(p.cutM))
  for (const order of list.value) {
    sheet.strong(
      `${order.hose.name}: ${order.packing.bars.length} × ${m(order.stockM)}${order.packing.proved ? '' : ' (fewer may do; not proven)'}`,
    )
    sheet.table(
      [
        { head: '', share: 0.03 },
        { head: 'Piece', share: 0.23 },
        { head: 'Path', share: 0.1, right: true },
        { head: 'Slack', share: 0.1, right: true },
        { head: 'Ends take up', share: 0.1, right: true },
        { head: 'Cut', share: 0.12, right: true },
        { head: 'Ends', share: 0.32 },
      ],
      order.pieces.map((p) => [
        TICK,
        `${p.line}: ${p.leg.name}`,
        p.assumed === 'length' ? 'assumed' : m(p.pathM),
        mm(p.slackM),
        mm(p.takesUpM),
        cut(p),
        [p.leg.start?.name ?? 'open', p.leg.end?.name ?? 'open'].join(' / '),
      ]),
    )
    for (const p of order.pieces)
      drawHose(sheet, p, { path: p.assumed === 'length' ? 'assumed' : m(p.pathM), cut: cut(p) })
    for (const [i, bar] of order.packing.bars.entries())
      sheet.paragraph(
        `Length ${i + 1}: ${bar.pieces.map((k) => `${order.pieces[k]!.leg.name} ${cut(order.pieces[k]!)}`).join(' + ')}; ${m(bar.offcutM)} left.`,
        true,
      )
  }
  const makes = new Set(pieces.flatMap((p) => [p.leg.start?.make, p.leg.end?.make]))
  for (const make of makes) if (make) assembly(sheet, make)
}

const assembly = (sheet: SheetPaper, make: FittingMake): void => {
  sheet.strong(`Fitting a ${make.replaceAll('-', ' ')} end`)
  for (const step of ASSEMBLY_STEPS[make]) sheet.step(step)
}

const leakTest = (sheet: SheetPaper, job: JobDocument, units: UnitChoice): void => {
  if (!job.fuel.pump) return
  sheet.heading('Leak test')
  for (const s of leakTestOf(designOf(job)).steps) sheet.step(sentenceText(s, units))
}

/** The formulas behind what is judged of this job, at the operating condition that is judged worst. */
const workings = (sheet: SheetPaper, job: JobDocument, a: FuelAssessment, units: UnitChoice): void => {
  const point =
    a.engine.points.find((p) => p.id === a.verdicts[0]?.pointId) ?? a.engine.points.find((p) => p.id === 'full-low')
  if (!point) return
  const judged = new Set(a.verdicts.flatMap((v) => v.workings))
  const told = WORKING_IDS.filter((id) => judged.has(id)).map((id) => fuelWorking(designOf(job), a.engine, point, id))
  writeFormulas(sheet, point.label.toLowerCase(), told, units)
}
