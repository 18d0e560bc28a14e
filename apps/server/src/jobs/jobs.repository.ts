import { randomUUID } from 'node:crypto'
import { JOB_SCHEMA_VERSION, SECTION_NAMES, type SectionName } from '@lochmoor/contract'
import type { JobDocument } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { DataSource, type EntityManager } from 'typeorm'
import { JobEntity, JobSectionEntity } from './job.entity.ts'

export type WriteOutcome =
  | { readonly kind: 'written'; readonly version: number; readonly savedAt: Date }
  | { readonly kind: 'stale'; readonly current: JobSectionEntity }
  | { readonly kind: 'noSuchJob' }

/** Jobs of a workshop. Every query names the workshop; there is no way to ask without one. */
@Injectable()
export class JobsRepository {
  constructor(private readonly database: DataSource) {}

  list(workshopId: string): Promise<JobEntity[]> {
    return this.database.getRepository(JobEntity).find({
      where: { workshopId },
      relations: { sections: true },
      order: { updatedAt: 'DESC', id: 'ASC' },
      take: 200,
    })
  }

  find(workshopId: string, id: string): Promise<JobEntity | null> {
    return this.database.getRepository(JobEntity).findOne({ where: { workshopId, id }, relations: { sections: true } })
  }

  /** Stores a new job with all its sections at version 1. */
  async create(workshopId: string, document: JobDocument, id: string = randomUUID()): Promise<string> {
    const now = new Date()
    await this.database.transaction(async (manager) => {
      const { title, year } = document.vehicle
      await manager.insert(JobEntity, { id, workshopId, title, year, updatedAt: now })
      await manager.insert(
        JobSectionEntity,
        SECTION_NAMES.map((section) => ({
          jobId: id,
          section,
          version: 1,
          schemaVersion: JOB_SCHEMA_VERSION,
          value: document[section],
          updatedAt: now,
        })),
      )
    })
    return id
  }

  /** Writes one section if it still stands at the version the write was based on. One transaction. */
  writeSection<S extends SectionName>(
    workshopId: string,
    jobId: string,
    section: S,
    baseVersion: number,
    value: JobDocument[S],
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
      const version = baseVersion + 1
      await manager.update(
        JobSectionEntity,
        { jobId, section },
        { version, value: value, schemaVersion: JOB_SCHEMA_VERSION, updatedAt: now },
      )
      await this.touch(manager, jobId, section === 'vehicle' ? (value as JobDocument['vehicle']) : null, now)
      return { kind: 'written', version, savedAt: now }
    })
  }

  private async touch(
    manager: EntityManager,
    id: string,
    vehicle: JobDocument['vehicle'] | null,
    now: Date,
  ): Promise<void> {
    await manager.update(
      JobEntity,
      { id },
      { updatedAt: now, ...(vehicle && { title: vehicle.title, year: vehicle.year }) },
    )
  }
}
