import type { Paper } from '@lochmoor/contract'
import { factsOnPapers, type JobDocument, type UnitChoice } from '@lochmoor/core'
import { SheetPaper } from './pdf/sheetPaper.ts'

/** Who prints it, when, and in whose English. */
export interface SheetHead {
  readonly workshop: string
  readonly madeAt: Date
  readonly version: string
  /** A text of the program in the reader's English; what a person has written stays as it is. */
  readonly inEnglish: (text: string) => string
}

/** A sheet with its foot and with its title on it, and nothing else yet. */
export const beginPaper = (job: JobDocument, head: SheetHead, paper: Paper, what: string): SheetPaper => {
  const { title } = job.vehicle
  const made = head.madeAt.toISOString().slice(0, 10)
  return new SheetPaper(
    paper,
    `${title}: ${what}`,
    `${head.workshop} · ${title} · ${made} · ${head.version}`,
    head.inEnglish,
  )
}

/**
 * The working sheet of a station, begun: car, workshop, date, and those facts of the job that the workshop has chosen to
 * print.
 * @param more what has to be said on top of the page
 */
export const beginSheet = (
  job: JobDocument,
  head: SheetHead,
  paper: Paper,
  station: string,
  units: UnitChoice,
  more = '',
): SheetPaper => {
  const { title, year } = job.vehicle
  const sheet = beginPaper(job, head, paper, station.toLowerCase())
  const made = head.madeAt.toISOString().slice(0, 10)
  sheet.title(title)
  sheet.paragraph(
    `${station}, working sheet. ${year === null ? '' : `Built ${year}. `}${head.workshop}, ${made}.${more === '' ? '' : ` ${more}`}`,
    true,
  )
  const facts = factsOnPapers(job, units)
  if (facts.length > 0) sheet.paragraph(`${facts.map((f) => `${f.label}: ${f.text}`).join(' · ')}`)
  return sheet
}
