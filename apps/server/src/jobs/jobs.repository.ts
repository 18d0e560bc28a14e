import { randomUUID } from 'node:crypto'
import { JOB_SCHEMA_VERSION, SECTION_NAMES, type SectionName } from '@lochmoor/contract'
import type { JobDocument } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { DataSource, IsNull, Not, type EntityManager, type SelectQueryBuilder } from 'typeorm'
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

/** Rows that go to the store in one statement. */
const AT_ONCE = 200

/** Jobs of a workshop. Every query names the workshop; there is no way to ask without one. */
@Injectable()
export class JobsRepository {
  constructor(private readonly database: DataSource) {}

  async isEmpty(workshopId: string): Promise<boolean> {
    return !(await this.database.getRepository(JobEntity).existsBy({ workshopId }))
  }

  find(workshopId: string, id: string): Promise<JobEntity | null> {
    return this.database.getRepository(JobEntity).findOne({ where: { workshopId, id }, relations: { sections: true } })
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
    return id
  }

  /** Writes one section if it still stands at the version the write was based on. One transaction. */
  writeSection<S extends SectionName>(
    workshopId: string,
    jobId: string,
    section: S,
    baseVersion: number,
    value: JobDocument[S],
    who: string,
  ): Promise<WriteOutcome> {
    return this.database.transaction(async (manager): Promise<WriteOutcome> => {
      const now = new Date()
      const job = await manager.findOne(JobEntity, {
        where: { workshopId, id: jobId },
        lock: { mode: 'pessimistic_write' },
      })
      const stored = job && (await manager.findOne(JobSectionEntity, { where: { jobId, section } }))
      if (!stored) return { kind: 'noSuchJob' }
      if (stored.version !== baseVersion) return { kind: 'stale', current: stored }
      const row = { version: baseVersion + 1, value: value as object, schemaVersion: JOB_SCHEMA_VERSION }
      await manager.update(JobSectionEntity, { jobId, section }, { ...row, updatedAt: now })
      await manager.insert(SectionHistoryEntity, { jobId, section, ...row, at: now, who })
      await manager.update(JobEntity, { id: jobId }, { ...this.copies(job, section, value, now), updatedAt: now })
      return { kind: 'written', version: row.version, savedAt: now }
    })
  }

  /** What the board keeps of a section; what was computed for it no longer holds. */
  private copies<S extends SectionName>(job: JobEntity, section: S, value: JobDocument[S], now: Date) {
    const stale = { readiness: null, judgedBy: null }
    if (section === 'vehicle') {
      const { title, year } = value as JobDocument['vehicle']
      return { ...stale, title, year }
    }
    if (section === 'work') {
      const { state, personId } = value as JobDocument['work']
      return { ...stale, state, personId, ...(state !== job.state && { stateSince: now }) }
    }
    return stale
  }

  async setArchived(workshopId: string, id: string, archivedAt: Date | null): Promise<boolean> {
    const { affected } = await this.database.getRepository(JobEntity).update({ workshopId, id }, { archivedAt })
    return affected === 1
  }

  /** Deletes an archived job with all that hangs on it. */
  async remove(workshopId: string, id: string): Promise<boolean> {
    const { affected } = await this.database
      .getRepository(JobEntity)
      .delete({ workshopId, id, archivedAt: Not(IsNull()) })
    return affected === 1
  }

  /** Versions of the sections of a job of this workshop. */
  private versions(workshopId: string, jobId: string): SelectQueryBuilder<SectionHistoryEntity> {
    return this.database
      .getRepository(SectionHistoryEntity)
      .createQueryBuilder('h')
      .innerJoin(JobEntity, 'j', 'j.id = h.jobId and j.workshopId = :workshopId', { workshopId })
      .where('h.jobId = :jobId', { jobId })
  }

  /** Latest first, at most `take`, older than a time. */
  history(
    workshopId: string,
    jobId: string,
    take: number,
    section?: SectionName,
    before?: Date,
  ): Promise<SectionHistoryEntity[]> {
    const query = this.versions(workshopId, jobId).orderBy('h.at', 'DESC').addOrderBy('h.version', 'DESC').limit(take)
    if (section) query.andWhere('h.section = :section', { section })
    if (before) query.andWhere('h.at < :before', { before })
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

  /** Oldest first. */
  wholeHistory(workshopId: string, jobId: string): Promise<SectionHistoryEntity[]> {
    return this.versions(workshopId, jobId)
      .orderBy('h.at', 'ASC')
      .addOrderBy('h.section', 'ASC')
      .addOrderBy('h.version', 'ASC')
      .getMany()
  }
}
