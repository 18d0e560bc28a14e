import type { Paper } from '@lochmoor/contract'
import {
  SYSTEM_STATION,
  type Catalogue,
  type JobDocument,
  type SystemAssessment,
  type UnitChoice,
} from '@lochmoor/core'
import { writeJudgement } from './pdf/commonParts.ts'
import { TICK, type SheetPaper } from './pdf/sheetPaper.ts'
import { beginSheet, type SheetHead } from './stationSheetHead.ts'

/** The choice of system: what was chosen and why, its stages, inputs and outputs, and what no box contains. */
export const systemSheet = (
  job: JobDocument,
  catalogue: Catalogue,
  head: SheetHead,
  paper: Paper,
  units: UnitChoice,
): Promise<Buffer> => {
  const a = SYSTEM_STATION.assess(job, catalogue)
  const sheet = beginSheet(job, head, paper, 'System', units)
  sheet.heading('Chosen')
  sheet.paragraph(a.chosen ? a.chosen.title : 'Nothing is chosen yet.')
  if (job.system.reason !== '') sheet.paragraph(`Because: ${job.system.reason}`)
  writeJudgement(sheet, a.verdicts, units)
  stages(sheet, a)
  if (a.chosen) {
    sheet.heading('What it brings')
    for (const c of a.chosen.consequences) sheet.paragraph(`${KINDS[c.kind]}: ${c.text}.`)
    sheet.heading('Risks')
    for (const r of a.chosen.risks) sheet.paragraph(r)
    terminals(sheet, a, job)
  }
  sheet.heading('Not in the box: rule of thumb')
  sheet.table(
    [
      { head: '', share: 0.06 },
      { head: 'Part', share: 0.4 },
      { head: 'Why', share: 0.54 },
    ],
    a.leftOut.map((l) => [TICK, l.what, l.why]),
  )
  return sheet.finish()
}

const KINDS = { buy: 'Buy', cut: 'Alter', weld: 'Weld', 'give-up': 'Lost', 'rules-out': 'Rules out' } as const

const stages = (sheet: SheetPaper, a: SystemAssessment): void => {
  if (a.stages.length === 0) return
  sheet.heading('Stages')
  for (const s of a.stages)
    sheet.paragraph(
      `${s.title}. ${s.objections.length > 0 ? `Does not work: ${s.objections.join(' ')}` : s.without.length > 0 ? `The car works, without ${s.without.join('; ')}.` : 'Everything that was chosen.'}`,
    )
}

const terminals = (sheet: SheetPaper, a: SystemAssessment, job: JobDocument): void => {
  const has = job.system.controller
  const t = a.chosen!.terminals
  const rows: readonly (readonly [string, number, number | null | undefined])[] = [
    ['Injector drivers', t.injectorDrivers, has?.injectorDrivers],
    ['Ignition outputs', t.ignitionOutputs, has?.ignitionOutputs],
    ['Switched outputs', t.switchedOutputs, has?.switchedOutputs],
    ['Trigger inputs', t.triggerInputs, has?.triggerInputs],
    ['Analogue inputs', t.analogueInputs, has?.analogueInputs],
    ['Digital inputs', t.digitalInputs, has?.digitalInputs],
    ['Oxygen sensors', t.oxygenSensors, has?.oxygenSensors],
  ]
  sheet.heading('Inputs and outputs')
  sheet.table(
    [
      { head: 'Of the ECU', share: 0.5 },
      { head: 'Needed', share: 0.25, right: true },
      { head: has ? has.name : 'ECU not chosen', share: 0.25, right: true },
    ],
    rows.map(([name, needed, there]) => [name, String(needed), there === undefined ? '' : there === null ? 'not known' : String(there)]), // prettier-ignore
  )
}
