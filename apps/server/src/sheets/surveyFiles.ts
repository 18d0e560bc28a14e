import {
  entriesOf,
  figureText,
  headOf,
  purchasesOf,
  sentenceText,
  STATIONS,
  surveyOf,
  type JobDocument,
  type SectionName,
  type UnitChoice,
} from '@lochmoor/core'
import Papa from 'papaparse'
import { FORMULA } from '../http/csv.ts'
import type { MadeFile } from './sheets.service.ts'

const asCsv = (name: string, fields: string[], data: (string | number | null)[][]): MadeFile => ({
  name,
  bytes: Buffer.from(Papa.unparse({ fields, data }, { newline: '\r\n', escapeFormulae: FORMULA }), 'utf8'),
})

/** Everything the walk-around knows of the car, one entry a line; figures in the reader's unit and in SI. */
export const surveyFile = (job: JobDocument, units: UnitChoice, say: (text: string) => string): MadeFile =>
  asCsv(
    `${job.vehicle.title}, walk-around`,
    ['group', 'entry', 'found', 'value (SI)', 'needed for', 'field'],
    surveyOf(job, units).flatMap((g) =>
      g.rows.map((r) => [say(g.title), say(r.label), r.own ? r.text : say(r.text), r.si, say(r.neededFor), r.path]),
    ),
  )

const PART_OF: Readonly<Partial<Record<SectionName, string>>> = Object.fromEntries(
  STATIONS.map((s) => [s, headOf(s).title] as const),
)

/** Everything entered and chosen for the car at every station, one entry a line; figures in the reader's unit and in SI. */
export const entriesFile = (job: JobDocument, units: UnitChoice, say: (text: string) => string): MadeFile =>
  asCsv(
    `${job.vehicle.title}, entries`,
    ['part of the job', 'entry', 'found', 'value (SI)', 'field'],
    entriesOf(job, units).map((e) => [
      say(PART_OF[e.section] ?? 'Vehicle'),
      say(e.label),
      e.own ? e.text : say(e.text),
      e.si,
      e.path,
    ]),
  )

/** The parts of the whole job with what is known of buying each. */
export const purchasesFile = (job: JobDocument, units: UnitChoice, say: (text: string) => string): MadeFile => {
  const { currency, lines } = purchasesOf(job)
  return asCsv(
    `${job.vehicle.title}, purchases`,
    ['part', 'quantity', 'quantity is', 'specification', 'buy', 'supplier', 'price', 'currency', 'delivered', 'tested', 'fits its place', 'known weakness', 'to do'], // prettier-ignore
    lines.map((l) => [
      say(l.name),
      l.part ? figureText(l.part.line.quantity, units) : '',
      l.part ? (l.part.line.assumed ? 'assumed' : 'given') : 'no longer on the list',
      l.part ? say(sentenceText(l.part.line.specification, units)) : '',
      say(l.words.buy),
      l.purchase?.supplier ?? '',
      l.purchase?.price ?? null,
      (l.purchase?.price ?? null) === null ? '' : currency,
      say(l.words.delivered),
      say(l.words.tested),
      say(l.words.fits),
      l.purchase?.weakness ?? '',
      l.faults.map((f) => say(sentenceText(f.says, units))).join(' '),
    ]),
  )
}
