import { randomUUID } from 'node:crypto'
import { JOB_FILE_FORMAT, JOB_SCHEMA_VERSION, repointField, type Imported } from '@lochmoor/contract'
import { err, ok, type JobDocument, type LogRecord, type Result } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { DataSource } from 'typeorm'
import { documentOf } from '../jobs/documentOf.ts'
import { JobsRepository } from '../jobs/jobs.repository.ts'
import { PhotosRepository, type PhotoRow } from '../records/photos.repository.ts'
import type { PhotoEntity } from '../records/record.entity.ts'
import { RecordsRepository } from '../records/records.repository.ts'
import { isBare, reencode } from '../records/reencode.ts'
import { WorkPools } from '../threads/workPools.ts'
import { AuditService } from '../workshop/audit.service.ts'
import type { PersonCaller } from '../workshop/caller.ts'
import { PeopleService } from '../workshop/people.service.ts'
import type { JobFileRead } from './jobFileWorker.ts'

export type ExportError =
  | { readonly code: 'noSuchJob' }
  | { readonly code: 'refused'; readonly refusal: object }
  | { readonly code: 'badPhoto'; readonly photoId: string; readonly found: string }

type ReadFile = Extract<JobFileRead, { ok: true }>['file']
type ReadPhotos = Extract<JobFileRead, { ok: true }>['photos']

/** A job file on its way: the name of the car, and the text in pieces. */
export interface JobFileText {
  readonly title: string
  readonly pieces: AsyncIterable<string>
}

async function* joined(texts: AsyncIterable<string>): AsyncGenerator<string, void> {
  let first = true
  for await (const text of texts) {
    yield first ? text : `,${text}`
    first = false
  }
}
async function* recordTexts(pages: AsyncIterable<readonly LogRecord[]>): AsyncGenerator<string, void> {
  for await (const page of pages) yield page.map((r) => JSON.stringify(r)).join(',')
}
async function* photoTexts(photos: AsyncIterable<PhotoEntity>): AsyncGenerator<string, void> {
  for await (const { height, id, image, width } of photos)
    yield JSON.stringify({ id, type: 'image/jpeg', width, height, base64: image.toString('base64') })
}

/** A job as one open file, and back again. */
@Injectable()
export class ExportsService {
  constructor(
    private readonly database: DataSource,
    private readonly jobs: JobsRepository,
    private readonly records: RecordsRepository,
    private readonly photos: PhotosRepository,
    private readonly people: PeopleService,
    private readonly audit: AuditService,
    private readonly pools: WorkPools,
  ) {}

  /**
   * A job as the text of a `JobFile`, a piece at a time, so that no more of it is ever held than a photograph or some
   * entries.
   * @param withHistory whether every earlier version goes with it
   */
  async export(
    { email, workshopId }: PersonCaller,
    id: string,
    now: Date,
    address: string,
    withHistory: boolean,
  ): Promise<Result<JobFileText, ExportError>> {
    const job = await this.jobs.find(workshopId, id)
    if (!job) return err({ code: 'noSuchJob' })
    await this.audit.note({ workshopId, event: 'job-exported', who: email, about: `${job.title} (${id})`, address })
    const head = JSON.stringify({
      format: JOB_FILE_FORMAT,
      schemaVersion: JOB_SCHEMA_VERSION,
      exportedAt: now,
      id,
      createdAt: job.createdAt,
      stateSince: job.stateSince,
      sections: documentOf(id, job.sections),
    })
    return ok({ title: job.title, pieces: this.pieces(workshopId, id, head, withHistory) })
  }

  private async *pieces(
    workshopId: string,
    id: string,
    head: string,
    withHistory: boolean,
  ): AsyncGenerator<string, void> {
    yield `${head.slice(0, -1)},"records":[`
    yield* joined(recordTexts(this.records.inPages(workshopId, id)))
    yield '],"photos":['
    yield* joined(photoTexts(this.photos.each(workshopId, id)))
    yield '],"history":['
    if (withHistory) yield* joined(this.jobs.historyTexts(workshopId, id))
    yield ']}'
  }

  /** Reads a file of this or an older version. Keeps the ids where they are free, so that out and in again is the same. */
  async import(caller: PersonCaller, path: string, address: string): Promise<Result<Imported, ExportError>> {
    const { email, name, workshopId } = caller
    const read = await this.pools.jobFile({ path })
    if (!read.ok) return err({ code: 'refused', refusal: read.refusal })
    const { file, writtenBy } = read
    const photos = await this.readPhotos(read.photos)
    if (!photos.ok) return photos
    const keptId = !(await this.jobs.idIsTaken(file.id))
    const id = keptId ? file.id : randomUUID()
    const ids = await this.freshIds(file, photos.value)
    await this.database.transaction(async (manager) => {
      const document = await this.withKnownPerson(workshopId, file.sections)
      // Whatever names stand in a file, nobody of this workshop has said so here.
      const history = file.history.map((h) => ({ ...h, at: new Date(h.at), importedBy: name }))
      const versions = Object.fromEntries(
        Object.keys(file.sections).map((s) => [
          s,
          file.history.filter((h) => h.section === s).reduce((most, h) => Math.max(most, h.version), 1),
        ]),
      )
      await this.jobs.create(
        workshopId,
        {
          id,
          document,
          who: name,
          createdAt: new Date(file.createdAt),
          stateSince: new Date(file.stateSince),
          versions,
          ...(history.length > 0 && { history }),
        },
        manager,
      )
      for (const photo of photos.value)
        await this.photos.add(workshopId, id, { ...photo, id: ids.get(photo.id)! }, manager)
      await this.records.add(
        workshopId,
        id,
        file.records.map((r) => ({ ...pointedToday(withIds(r, ids), file, writtenBy), importedBy: name })),
        manager,
      )
    })
    const about = `${file.sections.vehicle.title} (${id})`
    await this.audit.note({ workshopId, event: 'job-imported', who: email, about, address })
    return ok({ id, keptId, migratedFrom: writtenBy === JOB_SCHEMA_VERSION ? null : writtenBy })
  }

  private async readPhotos(photos: ReadPhotos): Promise<Result<PhotoRow[], ExportError>> {
    const rows: PhotoRow[] = []
    for (const { id, bytes, width, height } of photos) {
      const image = Buffer.from(bytes)
      // Encoded once already: kept as it is, but only if it truly is a picture; the thumbnail is made anew.
      const read = await reencode(image)
      if (!read.ok) return err({ code: 'badPhoto', photoId: id, found: read.error.found })
      const own = await isBare(image)
      rows.push({ id, ...read.value, ...(own && { image, width, height }) })
    }
    return ok(rows)
  }

  /** The ids of the file, or new ones where they stand in the store already. */
  private async freshIds(file: ReadFile, photos: readonly PhotoRow[]): Promise<Map<string, string>> {
    const ids = new Map<string, string>()
    for (const { id } of file.records) ids.set(id, (await this.records.idIsTaken(id)) ? randomUUID() : id)
    for (const { id } of photos) ids.set(id, (await this.photos.idIsTaken(id)) ? randomUUID() : id)
    return ids
  }

  /** A person of another workshop has no job here. */
  private async withKnownPerson(workshopId: string, document: JobDocument): Promise<JobDocument> {
    const { personId } = document.work
    if (personId === null || (await this.people.colleagues(workshopId)).some((p) => p.id === personId)) return document
    return { ...document, work: { ...document.work, personId: null } }
  }
}

const withIds = (record: LogRecord, ids: ReadonlyMap<string, string>): LogRecord => ({
  ...record,
  id: ids.get(record.id)!,
  corrects: record.corrects && (ids.get(record.corrects) ?? record.corrects),
  body:
    record.body.kind === 'photo'
      ? { ...record.body, photoId: ids.get(record.body.photoId) ?? record.body.photoId }
      : record.body,
})

/** An entry of an older file by the ids that its items get, where its history makes that certain. */
const pointedToday = (record: LogRecord, { history }: ReadFile, from: number): LogRecord => {
  const { at, body } = record
  if (from === JOB_SCHEMA_VERSION || body.kind !== 'measurement' || body.field === null) return record
  const section = body.field.split('.')[0]
  return {
    ...record,
    body: {
      ...body,
      field: repointField(
        body.field,
        at,
        history.filter((h) => h.section === section),
      ),
    },
  }
}
