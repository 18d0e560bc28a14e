import type { Paper } from '@lochmoor/contract'
import {
  ASSEMBLY_STEPS,
  assessFuel,
  cutListOf,
  explainInputError,
  fig,
  figureText,
  formatNumber,
  fuelCautions,
  fuelWorking,
  leakTestOf,
  LINE_NAMES,
  partsOfFuel,
  piecesOfLine,
  pressureProfile,
  sentenceText,
  tightestPoint,
  WORKING_IDS,
  type Catalogue,
  type FittingMake,
  type FuelAssessment,
  type JobDocument,
  type UnitChoice,
  type WorkingStep,
} from '@lochmoor/core'
import { drawProfile } from './pdf/profileDrawing.ts'
import { SheetPaper } from './pdf/sheetPaper.ts'

export interface SheetHead {
  readonly workshop: string
  readonly madeAt: Date
  readonly version: string
}

const STATE_WORDS = { ok: 'holds', caution: 'look', stop: 'stop', unknown: 'open' } as const
const POINT_WORDS = {
  'in-control': 'held',
  'not-held': 'not held',
  lifted: 'lifted',
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
  const { title, year } = job.vehicle
  const a = assessFuel(job, catalogue)
  const made = head.madeAt.toISOString().slice(0, 10)
  const sheet = new SheetPaper(
    paper,
    `${title}: fuel station`,
    `${head.workshop} · ${title} · ${made} · ${head.version}`,
  )
  sheet.title(title)
  sheet.paragraph(
    `Fuel station, working sheet. ${year === null ? '' : `Built ${year}. `}${head.workshop}, ${made}.`,
    true,
  )
  judgement(sheet, a, units)
  moments(sheet, a, units)
  profile(sheet, a, units)
  cautions(sheet, job)
  cutList(sheet, job, units)
  parts(sheet, job, units)
  leakTest(sheet, job, units)
  assumptions(sheet, a, units)
  workings(sheet, job, a)
  return sheet.finish()
}

const judgement = (sheet: SheetPaper, a: FuelAssessment, units: UnitChoice): void => {
  sheet.heading('Judgement')
  const text = (f: { si: number; family: Parameters<typeof fig>[1] } | null) => (f ? figureText(f, units) : '')
  sheet.table(
    [
      { head: '', share: 0.08 },
      { head: 'What was judged', share: 0.22 },
      { head: 'Figure', share: 0.13, right: true },
      { head: 'Limit', share: 0.13, right: true },
      { head: 'Why', share: 0.44 },
    ],
    a.verdicts.map((v) => [
      STATE_WORDS[v.state],
      v.title,
      text(v.figure),
      text(v.limit),
      `${sentenceText(v.reason, units)} [${v.source}]`,
    ]),
  )
}

const moments = (sheet: SheetPaper, a: FuelAssessment, units: UnitChoice): void => {
  if (a.solved.length === 0) return
  sheet.heading('Moments')
  const pa = (v: number | null) => (v === null ? 'none' : figureText(fig(v, 'pressure'), units))
  const flow = (v: number) => figureText(fig(v, 'volumeFlow'), units)
  sheet.table(
    [
      { head: 'Moment', share: 0.28 },
      { head: 'At the pump', share: 0.1, right: true },
      { head: 'Engine takes', share: 0.14, right: true },
      { head: 'Comes back', share: 0.14, right: true },
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
  sheet.heading(`Pressure along the circuit: ${shown.point.label.toLowerCase()}`)
  drawProfile(sheet, pieces, shown.answer.effectiveSetPa, units)
}

const cautions = (sheet: SheetPaper, job: JobDocument): void => {
  sheet.heading('Before anything is opened')
  for (const c of fuelCautions(job)) sheet.paragraph(c.says)
  sheet.paragraph('Local rules and licensed trades come first.', true)
}

const cutList = (sheet: SheetPaper, job: JobDocument, units: UnitChoice): void => {
  const pieces = LINE_NAMES.flatMap((l) => piecesOfLine(job, l))
  if (pieces.length === 0) return
  const list = cutListOf(job)
  sheet.heading('Cut list')
  if (!list.ok) {
    for (const e of list.error) sheet.paragraph(explainInputError(e))
    return
  }
  const m = (v: number) => figureText(fig(v, 'distance'), units)
  const mm = (v: number) => figureText(fig(v, 'bore'), units)
  for (const order of list.value) {
    sheet.strong(
      `${order.hose.name}: ${order.packing.bars.length} × ${m(order.stockM)}${order.packing.proved ? '' : ' (fewer may do; not proved)'}`,
    )
    sheet.table(
      [
        { head: 'Piece', share: 0.26 },
        { head: 'Path', share: 0.1, right: true },
        { head: 'Slack', share: 0.1, right: true },
        { head: 'Ends take', share: 0.1, right: true },
        { head: 'Cut', share: 0.12, right: true },
        { head: 'Ends', share: 0.32 },
      ],
      order.pieces.map((p) => [
        `${p.line}: ${p.leg.name}${p.assumed ? ' (length assumed)' : ''}`,
        m(p.pathM),
        mm(p.slackM),
        mm(p.takesUpM),
        mm(p.cutM),
        [p.leg.start?.name ?? 'open', p.leg.end?.name ?? 'open'].join(' / '),
      ]),
    )
    for (const [i, bar] of order.packing.bars.entries())
      sheet.paragraph(
        `Length ${i + 1}: ${bar.pieces.map((k) => `${order.pieces[k]!.leg.name} ${mm(order.pieces[k]!.cutM)}`).join(' + ')}; ${m(bar.offcutM)} left.`,
        true,
      )
  }
  const makes = new Set(pieces.flatMap((p) => [p.leg.start?.make, p.leg.end?.make]))
  for (const make of makes) if (make) assembly(sheet, make)
}

const assembly = (sheet: SheetPaper, make: FittingMake): void => {
  sheet.strong(`Putting on a ${make.replaceAll('-', ' ')} end`)
  ASSEMBLY_STEPS[make].forEach((step, i) => sheet.paragraph(`${i + 1}. ${step}`))
}

const parts = (sheet: SheetPaper, job: JobDocument, units: UnitChoice): void => {
  const lines = partsOfFuel(job)
  if (lines.length === 0) return
  sheet.heading('Parts to order')
  sheet.table(
    [
      { head: 'Quantity', share: 0.12, right: true },
      { head: 'Part', share: 0.32 },
      { head: 'Specification', share: 0.32 },
      { head: 'Follows from', share: 0.24 },
    ],
    lines.map((l) => [
      `${figureText(l.quantity, units)}${l.assumed ? ' (assumed)' : ''}`,
      `${l.name}, ${l.what}`,
      sentenceText(l.specification, units),
      l.why,
    ]),
  )
}

const leakTest = (sheet: SheetPaper, job: JobDocument, units: UnitChoice): void => {
  if (!job.fuel.pump) return
  sheet.heading('Leak test')
  leakTestOf(job).steps.forEach((s, i) => sheet.paragraph(`${i + 1}. ${sentenceText(s, units)}`))
}

const assumptions = (sheet: SheetPaper, a: FuelAssessment, units: UnitChoice): void => {
  if (a.assumptions.length === 0) return
  sheet.heading('Still assumed')
  sheet.table(
    [
      { head: 'Figure', share: 0.4 },
      { head: 'Taken as', share: 0.18, right: true },
      { head: 'Because', share: 0.42 },
    ],
    a.assumptions.map((x) => [x.label, figureText(fig(x.si, x.family), units), x.why]),
  )
}

/** Every formula with its figures, in SI, at the moment that is judged worst. */
const workings = (sheet: SheetPaper, job: JobDocument, a: FuelAssessment): void => {
  const point =
    a.engine.points.find((p) => p.id === a.verdicts[0]?.pointId) ?? a.engine.points.find((p) => p.id === 'full-low')
  if (!point) return
  sheet.heading(`Formulas, in SI: ${point.label.toLowerCase()}`)
  const inputs = (s: WorkingStep) =>
    Object.entries(s.inputs)
      .map(([symbol, { value, unit }]) => `${symbol} = ${formatNumber(value)} ${unit}`)
      .join('; ')
  for (const id of WORKING_IDS) {
    const working = fuelWorking(job, a.engine, point, id)
    if (working.steps.length === 0) continue
    sheet.strong(working.title)
    for (const s of working.steps) {
      sheet.paragraph(`${s.symbol} = ${s.formula} = ${formatNumber(s.result)} ${s.unit} (${s.meaning})`)
      sheet.paragraph(`with ${inputs(s)} [${s.source}]`, true)
    }
  }
}
