import type { LoomFile, Paper } from '@lochmoor/contract'
import {
  chosenSpots,
  earthedTerminal,
  engineTopCase,
  exhaustCase,
  figureText,
  inEnglish,
  inUnits,
  ownWords,
  RUN_WORDS,
  sentenceText,
  STATION_LIST,
  stationAt,
  TEMPLATE_WANTS,
  templateOfJob,
  templateSvg,
  type English,
  type JobDocument,
  type PartLine,
  type StationValue,
  type UnitChoice,
} from '@lochmoor/core'
import { HttpException, Injectable } from '@nestjs/common'
import Papa from 'papaparse'
import { DataSource } from 'typeorm'
import { CatalogueRepository } from '../catalogue/catalogue.repository.ts'
import { documentOf } from '../jobs/documentOf.ts'
import { forGuests } from '../jobs/forGuests.ts'
import { FORMULA } from '../http/csv.ts'
import { JobsRepository } from '../jobs/jobs.repository.ts'
import { VERSION } from '../version.ts'
import { Turns } from '../threads/turns.ts'
import { WorkPools } from '../threads/workPools.ts'
import { WorkshopEntity } from '../workshop/workshop.entity.ts'
import type { PaperTask } from './paperWorker.ts'
import { STATION_SHEETS } from './stationSheets.ts'
import { entriesFile, purchasesFile, surveyFile } from './surveyFiles.ts'
import { thermistorFile } from './thermistorFile.ts'

export interface MadeFile {
  readonly name: string
  readonly bytes: Buffer
}

/** How a paper speaks: units and English of its reader. */
export interface PaperWords {
  readonly units: UnitChoice
  readonly english: English
}

/** Whose workshop, and whose turn it is. */
export interface Asker {
  readonly workshopId: string
  readonly asker: string
  /** Whose car it is and what was paid is not for guests. */
  readonly isGuest: boolean
}

const PAPERS_AT_ONCE = 2
const PAPERS_WAITING = 20

const LOOM_FILE_NAMES: Readonly<Record<LoomFile, string>> = {
  'wires.csv': 'wire list',
  'cuts.csv': 'cut list',
  'labels.pdf': 'wire labels',
  'board.pdf': 'form board',
  'board.svg': 'form board',
  'board.dxf': 'form board',
  'tests.pdf': 'loom proof',
}

const HEADS = ['quantity', 'quantity is', 'part', 'name', 'specification', 'reason']

const partsFile = (
  name: string,
  lines: readonly PartLine[],
  units: UnitChoice,
  say: (text: string) => string,
): MadeFile => {
  const data = lines.map((l) => [
    figureText(l.quantity, units),
    l.assumed ? 'assumed' : 'given',
    say(l.what),
    say(l.name),
    say(sentenceText(l.specification, units)),
    say(l.why),
  ])
  const csv = Papa.unparse({ fields: HEADS, data }, { newline: '\r\n', escapeFormulae: FORMULA })
  return { name, bytes: Buffer.from(csv, 'utf8') }
}

/** The station at a path that has a paper of this kind, or the refusal that names those that have. */
const withPaper = (path: string, kind: string, has: (s: StationValue) => boolean): StationValue => {
  const station = stationAt(path)
  if (station && has(station)) return station
  const those = STATION_LIST.filter(has).map((s) => `"${s.path}"`)
  throw new HttpException(
    { code: 'noSuchPaper', message: `station is "${path}"; allowed: one that has a ${kind}: ${those.join(', ')}.` },
    404,
  )
}

/** A text of the program in the reader's English and units; what people have written stays. */
const wordsFor = (job: JobDocument, units: UnitChoice, english: English) => {
  const own = ownWords(job)
  return (text: string): string => inUnits(inEnglish(text, english, own), units, own)
}

/** Sheets and lists of a job for the wall and for the dealer. Null: no such job here. */
@Injectable()
export class SheetsService {
  private readonly turns = new Turns(PAPERS_AT_ONCE, PAPERS_WAITING)

  constructor(
    private readonly database: DataSource,
    private readonly jobs: JobsRepository,
    private readonly catalogue: CatalogueRepository,
    private readonly pools: WorkPools,
  ) {}

  /** The working sheet of a station; a refusal where it has none. */
  async sheet(
    by: Asker,
    id: string,
    path: string,
    paper: Paper,
    { units, english }: PaperWords,
  ): Promise<MadeFile | null> {
    const station = withPaper(path, 'working sheet', (s) => STATION_SHEETS[s.id] !== undefined)
    const job = await this.documentOf(by, id)
    if (!job) return null
    const { head, own } = await this.headOf(by.workshopId, job)
    const catalogue = await this.catalogue.whole(by.workshopId)
    const task = { kind: 'sheet', station: station.id, job, catalogue, head, paper, units, english, own } as const
    return { name: `${job.vehicle.title}, ${station.title.toLowerCase()}`, bytes: await this.draw(by.asker, task) }
  }

  /** The parts list of a station; a refusal where it has none. */
  async parts(by: Asker, id: string, path: string, { units, english }: PaperWords): Promise<MadeFile | null> {
    const station = withPaper(path, 'parts list', (s) => s.parts !== null)
    const job = await this.documentOf(by, id)
    if (!job) return null
    const own = ownWords(job)
    const name = `${job.vehicle.title}, ${station.title.toLowerCase()} parts`
    return partsFile(name, station.parts!(job), units, (text) => inUnits(inEnglish(text, english, own), units, own))
  }

  /** The drill template of a sensor; a refusal where something is still wanted for it. */
  async template(
    by: Asker,
    id: string,
    sensor: 'a' | 'b',
    as: Paper | 'svg',
    english: English,
  ): Promise<MadeFile | null> {
    const job = await this.documentOf(by, id)
    if (!job) return null
    const c = exhaustCase(job)
    const index = sensor === 'a' ? 0 : 1
    const found = templateOfJob(c, index)
    if (!found.ok)
      throw new HttpException({ code: found.error, message: `No template yet: ${TEMPLATE_WANTS[found.error]}.` }, 409)
    const { name, pieceName } = found.value
    const { head: made, own } = await this.headOf(by.workshopId, job)
    const { workshop, madeAt, version } = made
    const say = (text: string) => inUnits(inEnglish(text, english, own), {}, own)
    const template = {
      ...found.value.template,
      marks: found.value.template.marks.map((m) => (m.kind === 'text' ? { ...m, text: say(m.text) } : m)),
    }
    const warnings = found.value.warnings.map(say)
    const run = chosenSpots(c).find((s) => s.index === index)!.spot.run
    const title = say(`${job.vehicle.title}: drill template, ${name.toLowerCase()}`)
    const file = `${job.vehicle.title}, drill template${c.sensorCount === 2 ? ` ${sensor.toUpperCase()}` : ''}`
    if (as === 'svg') return { name: file, bytes: Buffer.from(templateSvg(template, title, warnings), 'utf8') }
    const head = {
      title,
      lines: [
        say(
          `${RUN_WORDS[run]}, ${pieceName}. Print at 100 %, not “fit to page”; check the ruler. Cut out, printed side out, arrow with the flow, ends meeting on the underside.`,
        ),
        ...warnings,
      ],
      foot: say(
        `${workshop} · ${madeAt.toISOString().slice(0, 10)} · ${version} · glasses, gloves, every chip out of the pipe; battery off before welding, ${earthedTerminal(job)} first`,
      ),
    }
    return { name: file, bytes: await this.draw(by.asker, { kind: 'template', paper: as, template, head }) }
  }

  /** What the bench needs of the accepted loom; a refusal before one is accepted. */
  async loom(
    by: Asker,
    id: string,
    file: LoomFile,
    paper: Paper,
    { units, english }: PaperWords,
  ): Promise<MadeFile | null> {
    const job = await this.documentOf(by, id)
    if (!job) return null
    if (job.harness.loom === null || job.harness.plan === null || job.system.chosen === null)
      throw new HttpException({ code: 'noLoom', message: 'No loom is accepted yet: accept one on tab “Routes” of the harness.' }, 409) // prettier-ignore
    const { head, own } = await this.headOf(by.workshopId, job)
    const task = { kind: 'loom', file, job, head, paper, units, english, own } as const
    return { name: `${job.vehicle.title}, ${LOOM_FILE_NAMES[file]}`, bytes: await this.draw(by.asker, task) }
  }

  /** The card of every group of bolts; a refusal before the order of one is known. */
  tighteningCard(asker: Asker, id: string, paper: Paper, words: PaperWords): Promise<MadeFile | null> {
    return this.card(asker, id, paper, words, 'tightening-card', (job) => {
      if (engineTopCase(job).bolts.every((b) => b.order === null))
        throw new HttpException({ code: 'noOrder', message: 'No tightening order yet: enter the pattern of a group of bolts on tab “Manifold and bolts” of the engine top.' }, 409) // prettier-ignore
      return 'tightening card'
    })
  }

  /** Every wire to be traced; a refusal before the firing order says which. */
  continuitySheet(asker: Asker, id: string, paper: Paper, words: PaperWords): Promise<MadeFile | null> {
    return this.card(asker, id, paper, words, 'continuity-sheet', (job) => {
      if (engineTopCase(job).ignition.wires.length === 0)
        throw new HttpException({ code: 'noWires', message: 'No wires to trace yet: choose the system and enter the firing order on tab “Ignition” of the engine top.' }, 409) // prettier-ignore
      return 'continuity sheet'
    })
  }

  /** @param named what the file is called; refuses a job that has nothing for it */
  private async card(
    by: Asker,
    id: string,
    paper: Paper,
    { units, english }: PaperWords,
    kind: 'tightening-card' | 'continuity-sheet',
    named: (job: JobDocument) => string,
  ): Promise<MadeFile | null> {
    const job = await this.documentOf(by, id)
    if (!job) return null
    const called = named(job)
    const { head, own } = await this.headOf(by.workshopId, job)
    return { name: `${job.vehicle.title}, ${called}`, bytes: await this.draw(by.asker, { kind, job, head, paper, units, english, own }) } // prettier-ignore
  }

  /** What the ECU sees of every thermistor whose curve and bias resistor are known; a refusal where there is none. */
  async thermistors(by: Asker, id: string, { units, english }: PaperWords): Promise<MadeFile | null> {
    const job = await this.documentOf(by, id)
    return job && thermistorFile(job, units, (text) => inEnglish(text, english, ownWords(job)))
  }

  /** What the walk-around found, entry by entry. */
  async survey(by: Asker, id: string, { units, english }: PaperWords): Promise<MadeFile | null> {
    const job = await this.documentOf(by, id)
    return job && surveyFile(job, units, wordsFor(job, units, english))
  }

  /** Everything entered for the car, at every station. */
  async entries(by: Asker, id: string, { units, english }: PaperWords): Promise<MadeFile | null> {
    const job = await this.documentOf(by, id)
    return job && entriesFile(job, units, wordsFor(job, units, english))
  }

  /** What is bought for the job, line by line. */
  async purchases(by: Asker, id: string, { units, english }: PaperWords): Promise<MadeFile | null> {
    const job = await this.documentOf(by, id)
    return job && purchasesFile(job, units, wordsFor(job, units, english))
  }

  private async headOf(workshopId: string, job: JobDocument) {
    const workshop = await this.database.getRepository(WorkshopEntity).findOneByOrFail({ id: workshopId })
    return {
      own: [workshop.name, ...ownWords(job)],
      head: { workshop: workshop.name, madeAt: new Date(), version: `Lochmoor ${VERSION}` },
    }
  }

  /** In a thread of its own; two of a person at a time, the rest of theirs in turn. */
  private draw(asker: string, task: PaperTask): Promise<Buffer> {
    return this.turns.take(async () => Buffer.from(await this.pools.paper(task)), asker)
  }

  private async documentOf({ isGuest, workshopId }: Asker, id: string): Promise<JobDocument | null> {
    const stored = await this.jobs.find(workshopId, id)
    const job = stored && documentOf(id, stored.sections)
    return job && isGuest ? forGuests(job) : job
  }
}
