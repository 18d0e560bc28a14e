import type { LoomFile, Paper } from '@lochmoor/contract'
import {
  inEnglish,
  inUnits,
  type Catalogue,
  type DrillTemplate,
  type English,
  type JobDocument,
  type Station,
  type UnitChoice,
} from '@lochmoor/core'
import { giveWay } from '../threads/givesWay.ts'
import { continuitySheet } from './continuitySheet.ts'
import type { SheetHead } from './stationSheetHead.ts'
import { loomFile } from './bench/loomFiles.ts'
import { templatePaper } from './pdf/templatePaper.ts'
import { STATION_SHEETS } from './stationSheets.ts'
import { tighteningCard } from './tighteningCard.ts'

interface SheetTask {
  readonly kind: 'sheet'
  readonly station: Station
  readonly job: JobDocument
  readonly catalogue: Catalogue
  readonly head: Omit<SheetHead, 'inEnglish'>
  readonly paper: Paper
  readonly units: UnitChoice
  readonly english: English
  /** What a person has written: it stays as it is. */
  readonly own: readonly string[]
}
interface TemplateTask {
  readonly kind: 'template'
  readonly paper: Paper
  readonly template: DrillTemplate
  readonly head: Parameters<typeof templatePaper>[2]
}
interface LoomTask {
  readonly kind: 'loom'
  readonly file: LoomFile
  readonly job: JobDocument
  readonly head: Omit<SheetHead, 'inEnglish'>
  readonly paper: Paper
  readonly units: UnitChoice
  readonly english: English
  readonly own: readonly string[]
}
interface CardTask {
  readonly kind: 'tightening-card' | 'continuity-sheet'
  readonly job: JobDocument
  readonly head: Omit<SheetHead, 'inEnglish'>
  readonly paper: Paper
  readonly units: UnitChoice
  readonly english: English
  readonly own: readonly string[]
}
/** A paper to be drawn, as it is handed to a thread. */
export type PaperTask = SheetTask | TemplateTask | LoomTask | CardTask

const draw = (task: PaperTask): Promise<Buffer> | Buffer => {
  if (task.kind === 'template') return templatePaper(task.paper, task.template, task.head)
  const { english, head, job, own, paper, units } = task
  const say = (text: string) => inUnits(inEnglish(text, english, own), units, own)
  if (task.kind === 'loom') return loomFile(task.file, job, { ...head, inEnglish: say }, paper, units)
  if (task.kind === 'sheet')
    return STATION_SHEETS[task.station]!(job, task.catalogue, { ...head, inEnglish: say }, paper, units)
  return task.kind === 'tightening-card'
    ? tighteningCard(job, { ...head, inEnglish: say }, paper, units)
    : continuitySheet(job, { ...head, inEnglish: say }, paper)
}

giveWay()

/** Draws a paper in a thread of its own. */
export default async (task: PaperTask): Promise<Uint8Array> => new Uint8Array(await draw(task))
