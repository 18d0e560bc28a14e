import { PART_KINDS, type Paper } from '@lochmoor/contract'
import {
  figureText,
  partsOfFuel,
  sentenceText,
  type Catalogue,
  type JobDocument,
  type UnitChoice,
} from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import Papa from 'papaparse'
import { DataSource } from 'typeorm'
import { CatalogueRepository } from '../catalogue/catalogue.repository.ts'
import { documentOf } from '../jobs/documentOf.ts'
import { JobsRepository } from '../jobs/jobs.repository.ts'
import { VERSION } from '../version.ts'
import { WorkshopEntity } from '../workshop/workshop.entity.ts'
import { fuelSheet } from './fuelSheet.ts'

export interface MadeFile {
  readonly name: string
  readonly bytes: Buffer
}

const HEADS = ['quantity', 'quantity is', 'part', 'name', 'specification', 'follows from']

/** Sheets and lists of a job for the wall and for the dealer. Null: no such job here. */
@Injectable()
export class SheetsService {
  constructor(
    private readonly database: DataSource,
    private readonly jobs: JobsRepository,
    private readonly catalogue: CatalogueRepository,
  ) {}

  async fuelSheet(workshopId: string, id: string, paper: Paper, units: UnitChoice): Promise<MadeFile | null> {
    const job = await this.documentOf(workshopId, id)
    if (!job) return null
    const workshop = await this.database.getRepository(WorkshopEntity).findOneByOrFail({ id: workshopId })
    const lists = await Promise.all(
      PART_KINDS.map(async (kind) => [kind, await this.catalogue.list(workshopId, kind)] as const),
    )
    const catalogue = Object.fromEntries(lists) as unknown as Catalogue
    const head = { workshop: workshop.name, madeAt: new Date(), version: `Lochmoor ${VERSION}` }
    return { name: `${job.vehicle.title}, fuel`, bytes: await fuelSheet(job, catalogue, head, paper, units) }
  }

  async fuelParts(workshopId: string, id: string, units: UnitChoice): Promise<MadeFile | null> {
    const job = await this.documentOf(workshopId, id)
    if (!job) return null
    const data = partsOfFuel(job).map((l) => [
      figureText(l.quantity, units),
      l.assumed ? 'assumed' : 'given',
      l.what,
      l.name,
      sentenceText(l.specification, units),
      l.why,
    ])
    const csv = Papa.unparse({ fields: HEADS, data }, { newline: '\r\n', escapeFormulae: true })
    return { name: `${job.vehicle.title}, fuel parts`, bytes: Buffer.from(csv, 'utf8') }
  }

  private async documentOf(workshopId: string, id: string): Promise<JobDocument | null> {
    const job = await this.jobs.find(workshopId, id)
    return job && documentOf(id, job.sections)
  }
}
