import type { Paper } from '@lochmoor/contract'
import {
  CONDITION_WORDS,
  DEVICE_WORDS,
  DEVICES,
  diagramsOf,
  fig,
  figureText,
  fusePlanOf,
  GOVERNS_WORDS,
  LIVE_WORDS,
  partsOfDiagram,
  boughtWithLoom,
  partsOfPower,
  POWER_STATION,
  POWER_WORKINGS,
  powerCautions,
  powerWorking,
  proofTestsOf,
  sentenceText,
  voltsOfDevice,
  type Catalogue,
  type JobDocument,
  type PowerCase,
  type UnitChoice,
} from '@lochmoor/core'
import { beginSheet, type SheetHead } from './stationSheetHead.ts'
import { diagramHeight, drawDiagram } from './pdf/circuitDiagram.ts'
import { writeAssumptions, writeFormulas, writeJudgement, writeParts } from './pdf/commonParts.ts'
import { type SheetPaper, TICK } from './pdf/sheetPaper.ts'

/** The working sheet of the power station: judgement, drawings, wires and fuses, fuse plan, tests, parts, formulas. */
export const powerSheet = async (
  job: JobDocument,
  catalogue: Catalogue,
  head: SheetHead,
  paper: Paper,
  units: UnitChoice,
): Promise<Buffer> => {
  const { assumptions, c, verdicts } = POWER_STATION.assess(job, catalogue)
  const sheet = beginSheet(job, head, paper, 'Power', units)
  writeJudgement(sheet, verdicts, units)
  sheet.heading('Before anything is connected')
  for (const says of powerCautions(job)) sheet.step(says)
  sheet.paragraph('Local rules and licensed trades come first.', true)
  if (c.refusedBy === null && c.gateKnown) {
    volts(sheet, c, units)
    drawings(sheet, c)
    wires(sheet, c, units)
    fusePlan(sheet, c, units)
    tests(sheet, c, units)
    writeParts(sheet, partsOfPower(c), units)
    const withLoom = boughtWithLoom(c)
    if (withLoom) sheet.paragraph(withLoom)
    writeAssumptions(sheet, assumptions, units)
    const judged = new Set(verdicts.flatMap((v) => v.workings))
    const told = POWER_WORKINGS.filter((id) => judged.has(id)).map((id) => powerWorking(c, id, 'crank-cold'))
    writeFormulas(sheet, 'cranking cold', told, units)
  }
  return sheet.finish()
}

/** Lowest volts of each device, and when. */
const volts = (sheet: SheetPaper, c: PowerCase, units: UnitChoice): void => {
  sheet.heading('Lowest volts at each device')
  const v = (si: number, decimals: number) => figureText(fig(si, 'voltage', decimals), units)
  sheet.table(
    [
      { head: 'Device', share: 0.34 },
      { head: 'Lowest', share: 0.14, right: true },
      { head: 'Earth lifted by', share: 0.16, right: true },
      { head: 'Condition', share: 0.36 },
    ],
    DEVICES.flatMap((d) => {
      const all = voltsOfDevice(c.solved, d)
      if (all.length === 0) return []
      const worst = all.reduce((a, b) => (b.volts < a.volts ? b : a))
      return [[DEVICE_WORDS[d], v(worst.volts, 1), worst.liftV === null ? 'open' : v(worst.liftV, 2), CONDITION_WORDS[worst.condition]]] // prettier-ignore
    }),
  )
}

/** Room for a heading and two lines beneath it: they stand on the page of their drawing. */
const SHORT_TEXT = 60

const drawings = (sheet: SheetPaper, c: PowerCase): void => {
  for (const d of diagramsOf(c)) {
    sheet.ensure(SHORT_TEXT + diagramHeight(sheet, d))
    sheet.heading(d.title)
    sheet.paragraph(d.says)
    drawDiagram(sheet, d)
    const parts = partsOfDiagram(d)
    if (parts.length > 0) sheet.paragraph(`Parts: ${parts.join(', ')}.`, true)
  }
}

const wires = (sheet: SheetPaper, c: PowerCase, units: UnitChoice): void => {
  sheet.heading('Wires and fuses')
  const text = (si: number, family: 'current' | 'voltage' | 'distance', decimals: number) =>
    figureText(fig(si, family, decimals), units)
  sheet.table(
    [
      { head: 'Wire', share: 0.18 },
      { head: 'Size', share: 0.1 },
      { head: 'Out and back', share: 0.1, right: true },
      { head: 'Continuous', share: 0.12, right: true },
      { head: 'Bears', share: 0.09, right: true },
      { head: 'Drop / limit', share: 0.14, right: true },
      { head: 'Fuse', share: 0.08, right: true },
      { head: 'Minimum size, and why', share: 0.19 },
    ],
    c.wireChecks.map((w) => [
      c.labels[w.role] ?? w.role,
      `${w.wire.sizeWords}${w.wire.assumed.includes('size') ? ' (assumed)' : ''}`,
      `${text(w.outAndBackM, 'distance', 1)}${w.wire.assumed.includes('length') ? ' (assumed)' : ''}`,
      text(w.continuousA, 'current', 1),
      text(w.bearsA, 'current', 0),
      `${text(w.dropV, 'voltage', 2)} / ${text(w.limitV, 'voltage', 1)}`,
      w.fuse ? text(w.fuse.ratingA, 'current', 0) : '',
      w.least.mm2
        ? `${w.least.mm2.size.words}, ${w.least.awg?.size.words ?? 'no AWG'}: ${w.least.mm2.governs.map((g) => GOVERNS_WORDS[g]).join(', ') || 'thinnest'}`
        : 'no single wire',
    ]),
  )
  sheet.paragraph('Ampacity, operating times of fuses and resistances of standard sizes: typical, from memory of the standards. AWG is not SAE gauge.', true) // prettier-ignore
}

const fusePlan = (sheet: SheetPaper, c: PowerCase, units: UnitChoice): void => {
  const plan = fusePlanOf(c)
  sheet.heading('Fuse plan')
  const amps = (si: number | null) => (si === null ? '' : figureText(fig(si, 'current'), units))
  sheet.table(
    [
      { head: 'Where', share: 0.24 },
      { head: 'Feeds', share: 0.34 },
      { head: 'Live', share: 0.18 },
      { head: 'Fuse', share: 0.1, right: true },
      { head: '', share: 0.14 },
    ],
    [
      ...plan.atBattery.map((x) => ['at the battery', x.what, LIVE_WORDS[x.live], amps(x.fuseA), 'new']),
      ...plan.box.map(({ free, position, takes }) => [
        `old box, ${position.name}`,
        takes?.what ?? (position.feeds || 'nothing'),
        position.live ? LIVE_WORDS[position.live] : 'not known',
        amps(takes?.fuseA ?? position.ratingA),
        takes ? 'new' : free ? 'free' : 'as found',
      ]),
      ...plan.subPanel.map((x) => ['sub-panel', x.what, LIVE_WORDS[x.live], amps(x.fuseA), 'new']),
    ],
  )
  if (plan.subPanelA !== null) sheet.paragraph(`The sub-panel has a feed of its own from the battery, fused at ${amps(plan.subPanelA)}; never a third wire under one terminal.`) // prettier-ignore
}

const tests = (sheet: SheetPaper, c: PowerCase, units: UnitChoice): void => {
  sheet.heading('Test sheet')
  sheet.table(
    [
      { head: '', share: 0.03 },
      { head: 'Test', share: 0.2 },
      { head: 'How', share: 0.36 },
      { head: 'Passes with', share: 0.26 },
      { head: 'Reading', share: 0.15 },
    ],
    proofTestsOf(c).map((t) => [TICK, t.what, sentenceText(t.does, units), sentenceText(t.passes, units), '']),
  )
}
