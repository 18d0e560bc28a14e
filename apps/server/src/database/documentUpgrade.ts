import { JOB_SCHEMA_VERSION, migrateSections, repointField, SECTION_NAMES, SECTION_SCHEMAS } from '@lochmoor/contract'
import { Injectable } from '@nestjs/common'
import { DataSource, In, type EntityManager } from 'typeorm'
import { JobSectionEntity, SectionHistoryEntity } from '../jobs/job.entity.ts'
import { RecordEntity } from '../records/record.entity.ts'

const BATCH = 200
/** A field within an item that is named by its place, as before version 5. */
const BY_PLACE = /\.\d+\./

/** Brings stored documents of older versions to this one: once, at the start, before anything reads them. */
@Injectable()
export class DocumentUpgrade {
  constructor(private readonly database: DataSource) {}

  /** Number of jobs that were brought up to date. */
  async run(): Promise<number> {
    let upgraded = 0
    for (;;) {
      const old: { job_id: string }[] = await this.database.query(
        `select distinct job_id from job_section where schema_version < ? limit ${BATCH}`,
        [JOB_SCHEMA_VERSION],
      )
      if (old.length === 0) return upgraded
      const sections = await this.database
        .getRepository(JobSectionEntity)
        .findBy({ jobId: In(old.map((o) => o.job_id)) })
      for (const { job_id: id } of old)
        await this.upgrade(
          id,
          sections.filter((s) => s.jobId === id),
        )
      upgraded += old.length
    }
  }

  private async upgrade(jobId: string, stored: readonly JobSectionEntity[]): Promise<void> {
    const from = Math.min(...stored.map((s) => s.schemaVersion))
    const values = migrateSections(Object.fromEntries(stored.map((s) => [s.section, s.value])), from)
    const now = new Date()
    await this.database.transaction(async (manager) => {
      await this.repoint(manager, jobId)
      for (const section of SECTION_NAMES) {
        const value = SECTION_SCHEMAS[section].parse(values[section]) as object
        const before = stored.find((s) => s.section === section)
        const row = { value, schemaVersion: JOB_SCHEMA_VERSION }
        if (before) {
          await manager.update(JobSectionEntity, { jobId, section }, row)
          continue
        }
        await manager.insert(JobSectionEntity, { jobId, section, version: 1, ...row, updatedAt: now })
        await manager.insert(SectionHistoryEntity, { jobId, section, version: 1, ...row, at: now, who: 'Lochmoor' })
      }
    })
  }

  /** Entries of the log book name items by their id from now on, where it is certain which one they meant. */
  private async repoint(manager: EntityManager, jobId: string): Promise<void> {
    const measured = await manager.findBy(RecordEntity, { jobId, kind: 'measurement' })
    const records = measured.filter((r) => r.field !== null && BY_PLACE.test(r.field))
    if (records.length === 0) return
    const history = await manager.find(SectionHistoryEntity, { where: { jobId }, order: { version: 'ASC' } })
    for (const { seq, field, at, body } of records) {
      if (field === null || body.kind !== 'measurement') continue
      const versions = history
        .filter((h) => h.section === field.split('.')[0])
        .map((h) => ({ at: h.at.toISOString(), value: h.value }))
      const now = repointField(field, at.toISOString(), versions)
      if (now !== field) await manager.update(RecordEntity, { seq }, { field: now, body: { ...body, field: now } })
    }
  }
}
