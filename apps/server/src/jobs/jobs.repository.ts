import { randomUUID } from 'node:crypto'
import { JOB_SCHEMA_VERSION, SECTION_NAMES, type SectionName } from '@lochmoor/contract'
import type { JobDocument } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { DataSource, IsNull, Not, type EntityManager, type SelectQueryBuilder } from 'typeorm'
import { BoardIndex, TURN } from './boardIndex.ts'
import { JobEntity, JobSectionEntity, SectionHistoryEntity } from './job.entity.ts'

export type WriteOutcome =
  | { readonly kind: 'written'; readonly version: number; readonly savedAt: Date }
  | { readonly kind: 'stale'; readonly current: JobSectionEntity }
  | { readonly kind: 'noSuchJob' }

export interface NewJobRow {
  readonly id?: string
  readonly document: JobDocument
  readonly who: string
  readonly createdAt?: Date
  readonly stateSince?: Date
  /** Versions to begin with; 1 where a section is not named. */
  readonly versions?: Partial<Record<SectionName, number>>
  /** Earlier versions to take over, the present ones among them. */
  readonly history?: readonly Omit<SectionHistoryEntity, 'jobId'>[]
}

interface SectionRow {
  readonly id: string
  readonly archivedAt: Date | null
  readonly stateSince: Date
  readonly section: string
  readonly version: number
  readonly schemaVersion: number
  readonly updatedAt: Date
  /** JSON text */
  readonly value: string
}
const JOB_AS_TEXT = `select j.id, j.archived_at as archivedAt, j.state_since as stateSince, s.section, s.version,
    s.schema_version as schemaVersion, s.updated_at as updatedAt, cast(s.value as char) as value
  from job j join job_section s on s.job_id = j.id where j.id = ? and j.workshop_id = ?`

/** A column that the board filters by, and its value. */
type Filter = readonly [column: string, value: string | null]

/** What the board keeps of a section, as the columns that a write of it sets. */
const copiesOf = <S extends SectionName>(
  section: S,
  value: JobDocument[S],
  now: Date,
): { readonly sql: string; readonly values: readonly unknown[]; readonly filters: readonly Filter[] } => {
  if (section === 'vehicle') {
    const { title, year } = value as JobDocument['vehicle']
    return { sql: ', j.title = ?, j.year = ?', values: [title, year], filters: [['title', title]] }
  }
  if (section === 'work') {
    const { state, personId } = value as JobDocument['work']
    // Its days begin anew with another state; compared before the new one is set.
    return {
      sql: ', j.state_since = if(j.state = ?, j.state_since, ?), j.state = ?, j.person_id = ?',
      values: [state, now, state, personId],
      filters: [
        ['state', state],
        ['person_id', personId],
      ],
    }
  }
  return { sql: '', values: [], filters: [] }
}

/** Where a page of history ended: time, version and section of its last entry. */
export interface HistoryPlace {
  readonly at: Date
  readonly version: number
  readonly section: string
}

interface HistoryRow extends HistoryPlace {
  readonly schemaVersion: number
  readonly who: string
  readonly importedBy: string | null
  /** JSON text */
  readonly value: string
}
/** Versions that are read at once, where all are wanted. */
const VERSIONS_AT_ONCE = 50

/** Rows that go to the store in one statement. */
const AT_ONCE = 200

/** Jobs of a workshop. Every query names the workshop; there is no way to ask without one. */
@Injectable()
export class JobsRepository {
  constructor(
    private readonly database: DataSource,
    private readonly index: BoardIndex,
  ) {}

  async isEmpty(workshopId: string): Promise<boolean> {
    return !(await this.database.getRepository(JobEntity).existsBy({ workshopId }))
  }

  find(workshopId: string, id: string): Promise<JobEntity | null> {
    return this.database.getRepository(JobEntity).findOne({ where: { workshopId, id }, relations: { sections: true } })
  }

  /**
   * A job as its JSON text, put together from the texts of its sections: they were looked at when they were written, by this
   * version (the store is brought up before the first request), so they are neither read nor checked again.
   */
  async text(workshopId: string, id: string): Promise<string | null> {
    const rows = await this.database.query<SectionRow[]>(JOB_AS_TEXT, [id, workshopId])
    const [job] = rows
    if (!job) return null
    const sections = new Map(rows.map((r) => [r.section, r]))
    const texts = SECTION_NAMES.map((name) => {
      const s = sections.get(name)
      if (!s) throw new Error(`job ${id} is stored without its section ${name}`)
      if (s.schemaVersion !== JOB_SCHEMA_VERSION)
        throw new Error(
          `section ${name} of job ${id} is stored in version ${s.schemaVersion}, not ${JOB_SCHEMA_VERSION}`,
        )
      return `"${name}":{"version":${s.version},"savedAt":"${s.updatedAt.toISOString()}","value":${s.value}}`
    })
    const archivedAt = job.archivedAt ? `"${job.archivedAt.toISOString()}"` : 'null'
    return `{"id":"${job.id}","archivedAt":${archivedAt},"stateSince":"${job.stateSince.toISOString()}","sections":{${texts.join(',')}}}`
  }

  exists(workshopId: string, id: string): Promise<boolean> {
    return this.database.getRepository(JobEntity).existsBy({ workshopId, id })
  }

  /** Whether the id is taken in any workshop: an imported job then gets another. */
  idIsTaken(id: string): Promise<boolean> {
    return this.database.getRepository(JobEntity).existsBy({ id })
  }

  /** Stores a new job with all its sections and their history. */
  create(workshopId: string, job: NewJobRow, manager?: EntityManager): Promise<string> {
    return manager
      ? this.insert(manager, workshopId, job)
      : this.database.transaction((own) => this.insert(own, workshopId, job))
  }

  private async insert(manager: EntityManager, workshopId: string, job: NewJobRow): Promise<string> {
    const { id = randomUUID(), document, who, versions = {}, history } = job
    const now = new Date()
    const { title, year } = document.vehicle
    const { state, personId } = document.work
    await manager.insert(JobEntity, {
      id,
      workshopId,
      title,
      year,
      state,
      personId,
      stateSince: job.stateSince ?? now,
      archivedAt: null,
      readiness: null,
      judgedBy: null,
      createdAt: job.createdAt ?? now,
      updatedAt: now,
    })
    const rows = SECTION_NAMES.map((section) => ({
      jobId: id,
      section,
      version: versions[section] ?? 1,
      schemaVersion: JOB_SCHEMA_VERSION,
      value: document[section],
    }))
    await manager.insert(
      JobSectionEntity,
      rows.map((r) => ({ ...r, updatedAt: now })),
    )
    const past =
      history?.map((h) => ({ ...h, value: h.value as object, jobId: id })) ?? rows.map((r) => ({ ...r, at: now, who }))
    for (let i = 0; i < past.length; i += AT_ONCE)
      await manager.insert(SectionHistoryEntity, past.slice(i, i + AT_ONCE))
    await this.index.turn(workshopId, manager)
    return id
  }

  /**
   * Writes one section if it still stands at the version the write was based on: one transaction, sent as one statement,
   * because each way to the store and back costs as much as the writing. The job's row is locked with the section's: writers
   * of one job wait for each other, those of other jobs for nobody.
   */
  async writeSection<S extends SectionName>(
    workshopId: string,
    jobId: string,
    section: S,
    baseVersion: number,
    value: JobDocument[S],
    who: string,
  ): Promise<WriteOutcome> {
    const savedAt = new Date()
    const version = baseVersion + 1
    const copies = copiesOf(section, value, savedAt)
    const [[{ written }]] = await this.database.query<[[{ written: number }]]>(
      `begin not atomic
        declare turns int default 0;
        declare exit handler for sqlexception begin rollback; resignal; end;
        start transaction;
        ${copies.filters.length > 0 ? `select ${copies.filters.map(([column]) => `not (binary ${column} <=> ?)`).join(' or ')} into turns from job where id = ?;` : ''}
        update job j join job_section s on s.job_id = j.id and s.section = ?
          set s.version = ?, s.schema_version = ?, s.value = ?, s.updated_at = ?,
            j.updated_at = ?, j.readiness = null, j.judged_by = null${copies.sql}
          where j.id = ? and j.workshop_id = ? and s.version = ?;
        if row_count() > 0 then
          insert into job_section_history (job_id, section, version, schema_version, value, at, who)
            select job_id, section, version, schema_version, value, updated_at, ? from job_section
            where job_id = ? and section = ?;
          if turns then ${TURN}; end if;
          select 1 as written;
        else
          select 0 as written;
        end if;
        commit;
      end`,
      [
        ...(copies.filters.length > 0 ? [...copies.filters.map(([, v]) => v), jobId] : []),
        ...[section, version, JOB_SCHEMA_VERSION, JSON.stringify(value), savedAt, savedAt, ...copies.values],
        ...[jobId, workshopId, baseVersion, who, jobId, section, workshopId],
      ],
    )
    if (written === 1) return { kind: 'written', version, savedAt }
    const current = await this.database
      .getRepository(JobSectionEntity)
      .findOneBy({ jobId, section, job: { workshopId } })
    return current ? { kind: 'stale', current } : { kind: 'noSuchJob' }
  }

  async setArchived(workshopId: string, id: string, archivedAt: Date | null): Promise<boolean> {
    return this.database.transaction(async (manager) => {
      const { affected } = await manager.update(JobEntity, { workshopId, id }, { archivedAt })
      if (affected === 1) await this.index.turn(workshopId, manager)
      return affected === 1
    })
  }

  /** Deletes an archived job with all that hangs on it. */
  async remove(workshopId: string, id: string): Promise<boolean> {
    return this.database.transaction(async (manager) => {
      const { affected } = await manager.delete(JobEntity, { workshopId, id, archivedAt: Not(IsNull()) })
      if (affected === 1) await this.index.turn(workshopId, manager)
      return affected === 1
    })
  }

  /** Versions of the sections of a job of this workshop. */
  private versions(workshopId: string, jobId: string): SelectQueryBuilder<SectionHistoryEntity> {
    return this.database
      .getRepository(SectionHistoryEntity)
      .createQueryBuilder('h')
      .innerJoin(JobEntity, 'j', 'j.id = h.jobId and j.workshopId = :workshopId', { workshopId })
      .where('h.jobId = :jobId', { jobId })
  }

  /** Latest first, at most `take`, beyond the last one of the page before. */
  history(
    workshopId: string,
    jobId: string,
    take: number,
    section?: SectionName,
    before?: HistoryPlace,
  ): Promise<SectionHistoryEntity[]> {
    const query = this.versions(workshopId, jobId)
      .orderBy('h.at', 'DESC')
      .addOrderBy('h.version', 'DESC')
      .addOrderBy('h.section', 'DESC')
      .limit(take)
    if (section) query.andWhere('h.section = :section', { section })
    if (before)
      query.andWhere(
        'h.at <= :at and (h.at < :at or h.version < :version or (h.version = :version and h.section < :last))',
        { at: before.at, version: before.version, last: before.section },
      )
    return query.getMany()
  }

  versionOf(
    workshopId: string,
    jobId: string,
    section: SectionName,
    version: number,
  ): Promise<SectionHistoryEntity | null> {
    return this.versions(workshopId, jobId)
      .andWhere('h.section = :section and h.version = :version', { section, version })
      .getOne()
  }

  /** Every version as the JSON text of an entry of a job file, oldest first, some at a time. */
  async *historyTexts(workshopId: string, jobId: string): AsyncGenerator<string, void> {
    let place: HistoryPlace | null = null
    for (;;) {
      const rows: HistoryRow[] = await this.database.query<HistoryRow[]>(
        `select h.section, h.version, h.schema_version as schemaVersion, h.at, h.who, h.imported_by as importedBy,
           cast(h.value as char) as value
         from job_section_history h join job j on j.id = h.job_id and j.workshop_id = ?
         where h.job_id = ?${place ? ' and h.at >= ? and (h.at > ? or h.version > ? or (h.version = ? and h.section > ?))' : ''}
         order by h.at, h.version, h.section limit ${VERSIONS_AT_ONCE}`,
        [workshopId, jobId, ...(place ? [place.at, place.at, place.version, place.version, place.section] : [])],
      )
      for (const { at, importedBy, schemaVersion, section, value, version, who } of rows) {
        const head = JSON.stringify({ section, version, at, who, importedBy, schemaVersion })
        yield `${head.slice(0, -1)},"value":${value}}`
      }
      const last = rows.at(-1)
      if (!last || rows.length < VERSIONS_AT_ONCE) return
      place = last
    }
  }
}
