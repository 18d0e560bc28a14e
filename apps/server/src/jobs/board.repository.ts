import type { BoardQuery } from '@lochmoor/contract'
import { WORK_STATES, type Readiness, type WorkState } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { DataSource, In, type SelectQueryBuilder } from 'typeorm'
import { escapeLike } from '../database/escapeLike.ts'
import { JobEntity, JobSectionEntity } from './job.entity.ts'

const COLUMN: Readonly<Record<BoardQuery['sort'], string>> = {
  changed: 'job.updatedAt',
  title: 'job.title',
  year: 'job.year',
  state: 'job.state',
  days: 'job.stateSince',
}
export interface BoardPage {
  readonly jobs: readonly JobEntity[]
  readonly total: number
  readonly byState: Readonly<Record<WorkState, number>>
}

/** The board: pages of jobs, filtered and sorted by the store. */
@Injectable()
export class BoardRepository {
  constructor(private readonly database: DataSource) {}

  private filtered(workshopId: string, q: BoardQuery, withState: boolean): SelectQueryBuilder<JobEntity> {
    const query = this.database
      .getRepository(JobEntity)
      .createQueryBuilder('job')
      .where('job.workshopId = :workshopId', { workshopId })
      .andWhere(q.archived === 'yes' ? 'job.archivedAt is not null' : 'job.archivedAt is null')
    const search = q.search.trim()
    // Compared letter by letter in lower case: many times quicker than by the rules of a language.
    if (search) query.andWhere('job.title_words like :search', { search: `%${escapeLike(search.toLowerCase())}%` })
    if (q.person === 'nobody') query.andWhere('job.personId is null')
    else if (q.person) query.andWhere('job.personId = :person', { person: q.person })
    if (withState && q.state) query.andWhere('job.state = :state', { state: q.state })
    return query
  }

  async page(workshopId: string, q: BoardQuery): Promise<BoardPage> {
    const direction = q.direction === 'down' ? 'DESC' : 'ASC'
    // "Days in state, most first" is "since when, earliest first".
    const along = q.sort === 'days' ? (q.direction === 'down' ? 'ASC' : 'DESC') : direction
    const [ids, counts] = await Promise.all([
      // Ids first: an index answers this, and whole rows are read for one page only.
      this.filtered(workshopId, q, true)
        .select('job.id', 'id')
        .orderBy(COLUMN[q.sort], along)
        .addOrderBy('job.id', along)
        .limit(q.size)
        .offset((q.page - 1) * q.size)
        .getRawMany<{ id: string }>(),
      this.filtered(workshopId, q, false)
        .select('job.state', 'state')
        .addSelect('count(*)', 'number')
        .groupBy('job.state')
        .getRawMany<{ state: WorkState; number: string }>(),
    ])
    const byState = Object.fromEntries(
      WORK_STATES.map((s) => [s, Number(counts.find((c) => c.state === s)?.number ?? 0)]),
    ) as BoardPage['byState']
    const total = q.state ? byState[q.state] : Object.values(byState).reduce((s, n) => s + n, 0)
    const rows = new Map(
      (
        await this.jobs(
          workshopId,
          ids.map(({ id }) => id),
        )
      ).map((j) => [j.id, j]),
    )
    return { jobs: ids.flatMap(({ id }) => rows.get(id) ?? []), total, byState }
  }

  private jobs(workshopId: string, ids: readonly string[]): Promise<JobEntity[]> {
    if (ids.length === 0) return Promise.resolve([])
    return this.database.getRepository(JobEntity).findBy({ workshopId, id: In([...ids]) })
  }

  /** Sections of jobs of this workshop. */
  sections(workshopId: string, jobIds: readonly string[], section?: string): Promise<JobSectionEntity[]> {
    if (jobIds.length === 0) return Promise.resolve([])
    return this.database
      .getRepository(JobSectionEntity)
      .findBy({ jobId: In([...jobIds]), job: { workshopId }, ...(section && { section }) })
  }

  /** Keeps what was computed, unless the job has changed meanwhile. */
  async keepReadiness(workshopId: string, job: JobEntity, readiness: Readiness, judgedBy: string): Promise<void> {
    await this.database
      .getRepository(JobEntity)
      .update({ workshopId, id: job.id, updatedAt: job.updatedAt }, { readiness: readiness, judgedBy })
  }
}
