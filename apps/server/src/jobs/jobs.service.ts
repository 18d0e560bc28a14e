import {
  migrateSections,
  type HistoryEntry,
  type HistoryPage,
  type NewJob,
  type SectionName,
  type SectionSaved,
  type SectionVersion,
} from '@lochmoor/contract'
import {
  copiedJob,
  differences,
  emptyJob,
  err,
  JOB,
  jobFromTemplate,
  ok,
  valueAt,
  type JobDocument,
  type Result,
} from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { AuditService } from '../workshop/audit.service.ts'
import type { PersonCaller } from '../workshop/caller.ts'
import { documentOf } from './documentOf.ts'
import type { JobSectionEntity, SectionHistoryEntity } from './job.entity.ts'
import { JobsRepository, type HistoryPlace } from './jobs.repository.ts'

export type JobError =
  | { readonly code: 'noSuchJob' }
  | { readonly code: 'noSuchVersion' }
  | { readonly code: 'notArchived' }
  | { readonly code: 'stale'; readonly current: { version: number; savedAt: string; value: unknown } }

const HISTORY_PAGE = 60

/** What a page of history gave as the place of the next one. */
const placeOf = (next: string): HistoryPlace => {
  const [at = '', version = '', section = ''] = next.split('~')
  return { at: new Date(at), version: Number(version), section }
}

const versioned = (s: JobSectionEntity) => ({ version: s.version, savedAt: s.updatedAt.toISOString(), value: s.value })

@Injectable()
export class JobsService {
  constructor(
    private readonly jobs: JobsRepository,
    private readonly audit: AuditService,
  ) {}

  /** A new job: of which nothing is known, from a template, or as a copy. */
  async create({ workshopId, name }: PersonCaller, wanted: NewJob): Promise<Result<string, JobError>> {
    const document = await this.beginning(workshopId, wanted)
    if (!document) return err({ code: 'noSuchJob' })
    const id = await this.jobs.create(workshopId, { document, who: name })
    return this.open(workshopId, id)
  }

  private async beginning(workshopId: string, { title, template, copyOf }: NewJob): Promise<JobDocument | null> {
    if (template) return jobFromTemplate(title, template)
    if (!copyOf) return emptyJob(title)
    const source = await this.jobs.find(workshopId, copyOf)
    return source && copiedJob(documentOf(source.id, source.sections), title)
  }

  /** A job as the JSON text of a `JobResponse`. */
  async open(workshopId: string, id: string): Promise<Result<string, JobError>> {
    const text = await this.jobs.text(workshopId, id)
    return text === null ? err({ code: 'noSuchJob' }) : ok(text)
  }

  async write<S extends SectionName>(
    { workshopId, name }: PersonCaller,
    id: string,
    section: S,
    baseVersion: number,
    value: JobDocument[S],
  ): Promise<Result<SectionSaved, JobError>> {
    const outcome = await this.jobs.writeSection(workshopId, id, section, baseVersion, value, name)
    switch (outcome.kind) {
      case 'written':
        return ok({ version: outcome.version, savedAt: outcome.savedAt.toISOString() })
      case 'stale':
        return err({ code: 'stale', current: versioned(outcome.current) })
      case 'noSuchJob':
        return err({ code: 'noSuchJob' })
    }
  }

  /** Puts a job away, or back on the board. */
  async archive(
    { email, workshopId }: PersonCaller,
    id: string,
    archivedAt: Date | null,
    address: string,
  ): Promise<Result<null, JobError>> {
    if (!(await this.jobs.setArchived(workshopId, id, archivedAt))) return err({ code: 'noSuchJob' })
    const event = archivedAt ? 'job-archived' : 'job-restored'
    await this.audit.note({ workshopId, event, who: email, about: `job ${id}`, address })
    return ok(null)
  }

  /** For good, with log book and photographs: only what was archived before. */
  async remove(caller: PersonCaller, id: string, address: string): Promise<Result<null, JobError>> {
    const { workshopId, email } = caller
    const job = await this.jobs.find(workshopId, id)
    if (!job) return err({ code: 'noSuchJob' })
    if (!(await this.jobs.remove(workshopId, id))) return err({ code: 'notArchived' })
    await this.audit.note({ workshopId, event: 'job-deleted', who: email, about: `${job.title} (${id})`, address })
    return ok(null)
  }

  /** Who changed what and when, latest first: each version against the one before it. */
  async history(
    workshopId: string,
    id: string,
    section: SectionName | undefined,
    before: string | undefined,
  ): Promise<Result<HistoryPage, JobError>> {
    if (!(await this.jobs.exists(workshopId, id))) return err({ code: 'noSuchJob' })
    const rows = await this.jobs.history(
      workshopId,
      id,
      HISTORY_PAGE + 1,
      section,
      before === undefined ? undefined : placeOf(before),
    )
    const shown = rows.slice(0, HISTORY_PAGE)
    const entries = await Promise.all(
      shown.map(async (row): Promise<HistoryEntry> => {
        const name = row.section as SectionName
        const older =
          rows.find((r) => r.section === row.section && r.version === row.version - 1) ??
          (row.version > 1 ? await this.jobs.versionOf(workshopId, id, name, row.version - 1) : null)
        return {
          section: name,
          version: row.version,
          at: row.at.toISOString(),
          who: row.who,
          importedBy: row.importedBy,
          changes: older
            ? changesOf(name, inTodaysShape(older, name), inTodaysShape(row, name)).map((d) => ({
                path: d.path,
                of: d.of,
                before: d.before ?? null,
                after: d.after ?? null,
              }))
            : [],
        }
      }),
    )
    const last = shown.at(-1)
    return ok({
      entries,
      next: last && rows.length > HISTORY_PAGE ? `${last.at.toISOString()}~${last.version}~${last.section}` : null,
    })
  }

  /** One earlier version, in the shape of today, to be put back by the one who asks. */
  async version(
    workshopId: string,
    id: string,
    section: SectionName,
    version: number,
  ): Promise<Result<SectionVersion, JobError>> {
    if (!(await this.jobs.exists(workshopId, id))) return err({ code: 'noSuchJob' })
    const row = await this.jobs.versionOf(workshopId, id, section, version)
    return row ? ok({ section, version, value: inTodaysShape(row, section) }) : err({ code: 'noSuchVersion' })
  }
}

/** What the item of a list on the way of a path is called in a value, or null. */
const itemOnTheWay = (value: unknown, path: string): string | null => {
  const keys = path.split('.')
  const names = keys.flatMap((_, i) => {
    const item = valueAt(value, keys.slice(0, i + 1).join('.')) as { id?: unknown; name?: unknown } | undefined
    return typeof item?.id === 'string' && item.id === keys[i] && typeof item.name === 'string' ? [item.name] : []
  })
  return names.at(-1) ?? null
}

const changesOf = (section: SectionName, before: unknown, after: unknown) =>
  differences(JOB.fields[section], before, after).map((d) => ({
    ...d,
    of: itemOnTheWay(after, d.path) ?? itemOnTheWay(before, d.path),
  }))

const inTodaysShape = (row: SectionHistoryEntity, section: SectionName): unknown =>
  migrateSections({ [section]: row.value }, row.schemaVersion)[section]
