import {
  fig,
  figureText,
  sentenceText,
  stepFigure,
  STATE_WORDS,
  type Assumption,
  type Figure,
  type PartLine,
  type UnitChoice,
  type Verdict,
  type Working,
  type WorkingStep,
} from '@lochmoor/core'
import { TICK, type SheetPaper } from './sheetPaper.ts'

/** Every verdict with figure, limit and reason. */
export const writeJudgement = (sheet: SheetPaper, verdicts: readonly Verdict[], units: UnitChoice): void => {
  sheet.heading('Assessment')
  const text = (f: Figure | null) => (f ? figureText(f, units) : '')
  sheet.table(
    [
      { head: 'State', share: 0.1 },
      { head: 'Check', share: 0.22 },
      { head: 'Figure', share: 0.13, right: true },
      { head: 'Limit', share: 0.13, right: true },
      { head: 'Reason', share: 0.42 },
    ],
    verdicts.map((v) => [
      STATE_WORDS[v.state],
      v.title,
      text(v.figure),
      text(v.limit),
      `${sentenceText(v.reason, units)} [${v.source}]`,
    ]),
  )
}

/** What to order, with what it follows from. */
export const writeParts = (sheet: SheetPaper, lines: readonly PartLine[], units: UnitChoice): void => {
  if (lines.length === 0) return
  sheet.heading('Parts to order')
  sheet.table(
    [
      { head: '', share: 0.03 },
      { head: 'Quantity', share: 0.12, right: true },
      { head: 'Part', share: 0.29 },
      { head: 'Specification', share: 0.32 },
      { head: 'Reason', share: 0.24 },
    ],
    lines.map((l) => [
      TICK,
      `${figureText(l.quantity, units)}${l.assumed ? ' (assumed)' : ''}`,
      `${l.name}, ${l.what}`,
      sentenceText(l.specification, units),
      l.why,
    ]),
  )
}

export const writeAssumptions = (sheet: SheetPaper, assumptions: readonly Assumption[], units: UnitChoice): void => {
  if (assumptions.length === 0) return
  sheet.heading('Still assumed')
  sheet.table(
    [
      { head: 'Figure', share: 0.4 },
      { head: 'Assumed value', share: 0.18, right: true },
      { head: 'Why', share: 0.42 },
    ],
    assumptions.map((x) => [x.label, figureText(fig(x.si, x.family), units), x.why]),
  )
}

const inputsOf = (s: WorkingStep, units: UnitChoice): string =>
  Object.entries(s.inputs)
    .map(([symbol, { value, unit }]) => `${symbol} = ${stepFigure(value, unit, symbol, units)}`)
    .join('; ')

/**
 * The last part of a sheet: how its figures came about, on a page of its own. Left out where nothing has a formula.
 * @param workings only those that this job has
 */
export const writeFormulas = (
  sheet: SheetPaper,
  words: string,
  workings: readonly Working[],
  units: UnitChoice,
): void => {
  const told = workings.filter((w) => w.steps.length > 0)
  if (told.length === 0) return
  sheet.nextPage()
  sheet.heading(`Appendix. Formulas${words === '' ? '' : `: ${words}`}`)
  sheet.paragraph('Figures in the units of this sheet; the formulas themselves are in SI.', true)
  for (const { title, steps } of told) {
    sheet.strong(title)
    for (const s of steps) {
      sheet.paragraph(`${s.symbol} = ${s.formula} = ${stepFigure(s.result, s.unit, s.symbol, units)} (${s.meaning})`)
      sheet.paragraph(`with ${inputsOf(s, units)} [${s.source}]`, true)
    }
  }
}
