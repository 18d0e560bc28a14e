import { SECTION_SCHEMAS, type BoardJob, type BoardQuery, type JobBoard } from '@lochmoor/contract'
import { readinessOf, type Readiness } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import Papa from 'papaparse'
import { CatalogueRepository } from '../catalogue/catalogue.repository.ts'
import { VERSION } from '../version.ts'
import { FORMULA } from '../http/csv.ts'
import { BoardRepository } from './board.repository.ts'
import { documentOf } from './documentOf.ts'
import type { JobEntity, JobSectionEntity } from './job.entity.ts'

const MOST_CSV_ROWS = 20_000
const CSV_PAGE = 500
const DAY_MS = 86_400_000

const bySection = (sections: readonly JobSectionEntity[]): Map<string, JobSectionEntity[]> => {
  const map = new Map<string, JobSectionEntity[]>()
  for (const s of sections) map.set(s.jobId, [...(map.get(s.jobId) ?? []), s])
  return map
}

/** The jobs of a workshop as a board. What is computed is kept until the document or the program changes. */
@Injectable()
export class BoardService {
  constructor(
    private readonly board: BoardRepository,
    private readonly catalogue: CatalogueRepository,
  ) {}

  async page(workshopId: string, q: BoardQuery): Promise<JobBoard> {
    const { jobs, total, byState } = await this.board.page(workshopId, q)
    return { jobs: await this.shown(workshopId, jobs), total, page: q.page, size: q.size, byState }
  }

  private async shown(workshopId: string, jobs: readonly JobEntity[]): Promise<BoardJob[]> {
    const readiness = await this.readinessOf(workshopId, jobs)
    const works = bySection(
      await this.board.sections(
        workshopId,
        jobs.map((j) => j.id),
        'work',
      ),
    )
    return jobs.map((job): BoardJob => {
      const [work] = works.get(job.id) ?? []
      if (!work) throw new Error(`job ${job.id} is stored without its work section`)
      const ready = readiness.get(job.id)!
      return {
        id: job.id,
        title: job.title,
        year: job.year,
        savedAt: job.updatedAt.toISOString(),
        stateSince: job.stateSince.toISOString(),
        archivedAt: job.archivedAt?.toISOString() ?? null,
        workVersion: work.version,
        work: SECTION_SCHEMAS.work.parse(work.value),
        nextAction: ready.nextAction,
        repairs: ready.repairs.map((r) => r.step),
        stations: ready.stations.map((s) => ({ ...s })),
      }
    })
  }

  private async readinessOf(workshopId: string, jobs: readonly JobEntity[]): Promise<Map<string, Readiness>> {
    const kept = jobs.flatMap((j) => (j.readiness && j.judgedBy === VERSION ? [[j.id, j.readiness] as const] : []))
    const map = new Map(kept)
    const missing = jobs.filter((j) => !map.has(j.id))
    if (missing.length === 0) return map
    const catalogue = await this.catalogue.whole(workshopId)
    const sections = bySection(
      await this.board.sections(
        workshopId,
        missing.map((j) => j.id),
      ),
    )
    for (const job of missing) {
      const readiness = readinessOf(documentOf(job.id, sections.get(job.id) ?? []), catalogue)
      map.set(job.id, readiness)
      await this.board.keepReadiness(workshopId, job, readiness, VERSION)
    }
    return map
  }

  /** The board with these filters as CSV: one line a job, formulas of spreadsheets made harmless. */
  async csv(workshopId: string, q: BoardQuery, names: ReadonlyMap<string, string>, now: Date): Promise<string> {
    const rows: Record<string, string | number>[] = []
    for (let page = 1; rows.length < MOST_CSV_ROWS; page++) {
      const { jobs } = await this.page(workshopId, { ...q, page, size: CSV_PAGE })
      for (const j of jobs)
        rows.push({
          title: j.title,
          year: j.year ?? '',
          state: j.work.state,
          'days in state': Math.floor((now.getTime() - Date.parse(j.stateSince)) / DAY_MS),
          person: j.work.personId ? (names.get(j.work.personId) ?? '') : '',
          'next action': j.nextAction,
          'held by': j.work.heldBy,
          'repair first': j.repairs.join('; '),
          ...Object.fromEntries(j.stations.map((s) => [`station ${s.station}`, `${s.stage}, ${s.verdict}`])),
          changed: j.savedAt,
          id: j.id,
        })
      if (jobs.length < CSV_PAGE) break
    }
    return Papa.unparse(rows, { escapeFormulae: FORMULA, newline: '\r\n' })
  }
}
