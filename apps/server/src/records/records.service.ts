import type { NewRecord, PhotoStored, RecordPage, RecordQuery } from '@lochmoor/contract'
import { err, ok, sameValue, type LogRecord, type RecordBody, type Result } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import Papa from 'papaparse'
import { JobsRepository } from '../jobs/jobs.repository.ts'
import type { PersonCaller } from '../workshop/caller.ts'
import { againAtDeadlock, isDuplicateKey } from '../database/duplicateKey.ts'
import { FORMULA } from '../http/csv.ts'
import { PhotosRepository } from './photos.repository.ts'
import { RecordsRepository } from './records.repository.ts'
import { reencode, type PhotoError } from './reencode.ts'

export type RecordError =
  | { readonly code: 'noSuchJob' }
  | { readonly code: 'idTaken' }
  | { readonly code: 'nothingToCorrect' }
  | { readonly code: 'noSuchPhoto' }
  | PhotoError

export interface Added {
  readonly record: LogRecord
  /** False where it stood in the book already: sent again, or twice at once. */
  readonly isNew: boolean
}

/** Why, by whom, until when: what stands beside the text of an entry. */
const reasonOf = (body: RecordBody): string => {
  switch (body.kind) {
    case 'decision':
      return body.reason
    case 'change':
      return body.why
    case 'deviation':
      return [body.reason, body.risk && `Risk: ${body.risk}`].filter(Boolean).join(' ')
    case 'hearsay':
      return `Said by ${body.by}`
    case 'altered':
      return body.where
    case 'delivered':
      return body.state
    case 'for-now':
      return [body.until && `Until ${body.until}`, body.danger && 'A danger'].filter(Boolean).join('. ')
    default:
      return ''
  }
}

@Injectable()
export class RecordsService {
  constructor(
    private readonly jobs: JobsRepository,
    private readonly records: RecordsRepository,
    private readonly photos: PhotosRepository,
  ) {}

  /** Adds an entry. The same entry sent again is the same entry: an answer may have been lost. */
  async add({ workshopId, name }: PersonCaller, jobId: string, entry: NewRecord): Promise<Result<Added, RecordError>> {
    if (!(await this.jobs.exists(workshopId, jobId))) return err({ code: 'noSuchJob' })
    const before = await this.stored(workshopId, jobId, name, entry)
    if (before) return before
    if (entry.corrects && !(await this.records.find(workshopId, jobId, entry.corrects)))
      return err({ code: 'nothingToCorrect' })
    if (entry.body.kind === 'photo' && !(await this.photos.find(workshopId, jobId, entry.body.photoId)))
      return err({ code: 'noSuchPhoto' })
    const record: LogRecord = { ...entry, who: name, importedBy: null, storedAt: new Date().toISOString() }
    try {
      await againAtDeadlock(() => this.records.add(workshopId, jobId, [record]))
    } catch (error) {
      // Sent to two servers at once: the other was quicker.
      if (!isDuplicateKey(error)) throw error
      return (await this.stored(workshopId, jobId, name, entry)) ?? err({ code: 'idTaken' })
    }
    return ok({ record: (await this.records.find(workshopId, jobId, entry.id)) ?? record, isNew: true })
  }

  /** The entry where it is stored already, or that its id belongs to another one; null where the id is free. */
  private async stored(
    workshopId: string,
    jobId: string,
    name: string,
    entry: NewRecord,
  ): Promise<Result<Added, RecordError> | null> {
    // Asked in this order, a record that another server stores meanwhile is found by the second question.
    const taken = await this.records.idIsTaken(entry.id)
    if (!taken) return null
    const before = await this.records.find(workshopId, jobId, entry.id)
    const isSame = before?.who === name && before.importedBy === null && sameValue(before.body, entry.body)
    return before && isSame ? ok({ record: before, isNew: false }) : err({ code: 'idTaken' })
  }

  async page(workshopId: string, jobId: string, q: RecordQuery): Promise<Result<RecordPage, RecordError>> {
    if (!(await this.jobs.exists(workshopId, jobId))) return err({ code: 'noSuchJob' })
    return ok(await this.records.page(workshopId, jobId, q))
  }

  async csv(workshopId: string, jobId: string): Promise<Result<string, RecordError>> {
    if (!(await this.jobs.exists(workshopId, jobId))) return err({ code: 'noSuchJob' })
    const rows = (await this.records.all(workshopId, jobId)).map((r) => {
      const m = r.body.kind === 'measurement' ? r.body : null
      return {
        at: r.at,
        stored: r.storedAt ?? '',
        who: r.who,
        'imported by': r.importedBy ?? '',
        kind: r.body.kind,
        quantity: m?.quantity ?? '',
        entered: m ? m.text : 'text' in r.body ? r.body.text : '',
        'value (SI)': m?.si ?? '',
        family: m?.family ?? '',
        field: m?.field ?? (r.body.kind === 'photo' ? (r.body.field ?? '') : ''),
        place: m?.place ?? '',
        condition: m?.condition ?? '',
        instrument: m?.instrument ?? '',
        reason: reasonOf(r.body),
        from: r.body.kind === 'change' ? r.body.from : '',
        to: r.body.kind === 'change' ? r.body.to : '',
        corrects: r.corrects ?? '',
        withdraws: r.withdraws ? 'yes' : '',
        id: r.id,
      }
    })
    return ok(Papa.unparse(rows, { escapeFormulae: FORMULA, newline: '\r\n' }))
  }

  /** Takes a photograph; sent again under the same id it is the same photograph. */
  async addPhoto(
    workshopId: string,
    jobId: string,
    photoId: string,
    bytes: Buffer,
  ): Promise<Result<PhotoStored, RecordError>> {
    if (!(await this.jobs.exists(workshopId, jobId))) return err({ code: 'noSuchJob' })
    const before = await this.storedPhoto(workshopId, jobId, photoId, bytes)
    if (before) return before
    const made = await reencode(bytes)
    if (!made.ok) return made
    const { image, thumb, width, height } = made.value
    try {
      await againAtDeadlock(() => this.photos.add(workshopId, jobId, { id: photoId, image, thumb, width, height }))
    } catch (error) {
      if (!isDuplicateKey(error)) throw error
      return (await this.storedPhoto(workshopId, jobId, photoId, bytes)) ?? err({ code: 'idTaken' })
    }
    return ok({ photoId, width, height, bytes: image.length })
  }

  private async storedPhoto(
    workshopId: string,
    jobId: string,
    photoId: string,
    bytes: Buffer,
  ): Promise<Result<PhotoStored, RecordError> | null> {
    if (!(await this.photos.idIsTaken(photoId))) return null
    const before = await this.photos.find(workshopId, jobId, photoId)
    return before
      ? ok({ photoId, width: before.width, height: before.height, bytes: bytes.length })
      : err({ code: 'idTaken' })
  }

  async photoBytes(
    workshopId: string,
    jobId: string,
    photoId: string,
    which: 'image' | 'thumb',
  ): Promise<Result<Buffer, RecordError>> {
    const bytes = await this.photos.bytes(workshopId, jobId, photoId, which)
    return bytes ? ok(bytes) : err({ code: 'noSuchPhoto' })
  }
}
