import type { BoardQuery } from '@lochmoor/contract'
import type { WorkState } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { DataSource } from 'typeorm'
import { escapeLike } from '../database/escapeLike.ts'
import { BoardIndex } from './boardIndex.ts'

const COLUMN: Readonly<Record<BoardQuery['sort'], string>> = {
  changed: 'updated_at',
  title: 'title',
  year: 'year',
  state: 'state',
  days: 'state_since',
}
/** So many jobs are named one by one; of more the store looks for itself. */
const MOST_BY_ID = 500

/** A job as the board reads it. */
export interface BoardRow {
  readonly id: string
  readonly title: string
  readonly year: number | null
  readonly stateSince: Date
  readonly archivedAt: Date | null
  readonly updatedAt: Date
  readonly judgedBy: string | null
  /** JSON text of `JudgedJob`: what was computed last, or null where the document has changed since. */
  readonly readiness: string | null
  readonly workVersion: number
  /** JSON text */
  readonly work: string
}
export interface BoardPage {
  readonly jobs: readonly BoardRow[]
  readonly total: number
  readonly byState: Readonly<Record<WorkState, number>>
}

/** The board: pages of jobs, filtered and sorted by the store. */
@Injectable()
export class BoardRepository {
  constructor(
    private readonly database: DataSource,
    private readonly index: BoardIndex,
  ) {}

  async page(workshopId: string, q: BoardQuery): Promise<BoardPage> {
    const { byState, ids } = await this.index.find(workshopId, q)
    const total = q.state ? byState[q.state] : Object.values(byState).reduce((sum, n) => sum + n, 0)
    return { jobs: ids?.length === 0 ? [] : await this.rows(workshopId, q, ids), total, byState }
  }

  /** The rows of a page: an index answers which they are, and only those are read whole. */
  private rows(workshopId: string, q: BoardQuery, ids: readonly string[] | null): Promise<BoardRow[]> {
    const direction = q.direction === 'down' ? 'desc' : 'asc'
    // "Days in state, most first" is "since when, earliest first".
    const along = q.sort === 'days' ? (q.direction === 'down' ? 'asc' : 'desc') : direction
    const column = COLUMN[q.sort]
    const archived = q.archived === 'yes' ? 'is not null' : 'is null'
    const filters: [sql: string, value: unknown][] = []
    if (q.state) filters.push(['state = ?', q.state])
    if (ids && ids.length <= MOST_BY_ID) filters.push(['id in (?)', ids])
    else if (ids) {
      const search = q.search.trim()
      // Compared letter by letter in lower case: many times quicker than by the rules of a language.
      if (search) filters.push(['title_words like ?', `%${escapeLike(search.toLowerCase())}%`])
      if (q.person) filters.push(['person_id <=> ?', q.person === 'nobody' ? null : q.person])
    }
    const where = ['workshop_id = ?', `archived_at ${archived}`, ...filters.map(([sql]) => sql)].join(' and ')
    return this.database.query<BoardRow[]>(
      `select j.id, j.title, j.year, j.state_since as stateSince, j.archived_at as archivedAt, j.updated_at as updatedAt,
         j.judged_by as judgedBy, cast(j.readiness as char) as readiness, w.version as workVersion, cast(w.value as char) as work
       from (select id from job where ${where} order by ${column} ${along}, id ${along} limit ? offset ?) p
         join job j on j.id = p.id join job_section w on w.job_id = j.id and w.section = 'work'
       order by j.${column} ${along}, j.id ${along}`,
      [workshopId, ...filters.map(([, value]) => value), q.size, (q.page - 1) * q.size],
    )
  }

  /** The sections of jobs of this workshop as JSON texts, by job and name. */
  async sections(workshopId: string, jobIds: readonly string[]): Promise<Map<string, Record<string, string>>> {
    const map = new Map<string, Record<string, string>>()
    if (jobIds.length === 0) return map
    const rows = await this.database.query<{ id: string; section: string; value: string }[]>(
      `select s.job_id as id, s.section, cast(s.value as char) as value
       from job j join job_section s on s.job_id = j.id where j.workshop_id = ? and j.id in (?)`,
      [workshopId, jobIds],
    )
    for (const { id, section, value } of rows) map.set(id, { ...map.get(id), [section]: value })
    return map
  }

  /** Keeps what was computed, unless the job has changed meanwhile. */
  async keepReadiness(workshopId: string, job: BoardRow, readiness: string, judgedBy: string): Promise<void> {
    await this.database.query(
      'update job set readiness = ?, judged_by = ? where id = ? and workshop_id = ? and updated_at = ?',
      [readiness, judgedBy, job.id, workshopId, job.updatedAt],
    )
  }
}
