import { SECTION_NAMES, type BoardQuery } from '@lochmoor/contract'
import type { WorkSection } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import Papa from 'papaparse'
import { CatalogueRepository } from '../catalogue/catalogue.repository.ts'
import { FORMULA } from '../http/csv.ts'
import { WorkPools } from '../threads/workPools.ts'
import { VERSION } from '../version.ts'
import { BoardRepository, type BoardRow } from './board.repository.ts'
import type { JudgedJob } from './judgeWorker.ts'

/** Jobs that are read, judged and written at once, in a board as CSV: no more of them are ever held. */
const CSV_PAGE = 200
const DAY_MS = 86_400_000

/** The jobs of a workshop as a board. What is computed is kept until the document or the program changes. */
@Injectable()
export class BoardService {
  constructor(
    private readonly board: BoardRepository,
    private readonly catalogue: CatalogueRepository,
    private readonly pools: WorkPools,
  ) {}

  /** A page of the board as the JSON text of a `JobBoard`, put together from texts that were made before. */
  async page(workshopId: string, q: BoardQuery): Promise<string> {
    const { byState, jobs, total } = await this.board.page(workshopId, q)
    const judged = await this.judged(workshopId, jobs)
    const texts = jobs.map((job) => {
      const { archivedAt, id, stateSince, title, updatedAt, work, workVersion, year } = job
      const head = JSON.stringify({ id, title, year, savedAt: updatedAt, stateSince, archivedAt, workVersion })
      return `${head.slice(0, -1)},"work":${work},${judged.get(id)!.slice(1)}`
    })
    const end = JSON.stringify({ total, page: q.page, size: q.size, byState })
    return `{"jobs":[${texts.join(',')}],${end.slice(1)}`
  }

  /** What was computed of jobs, as JSON texts of `JudgedJob`; where it no longer holds, anew, in a thread of its own. */
  private async judged(workshopId: string, jobs: readonly BoardRow[]): Promise<Map<string, string>> {
    const kept = jobs.flatMap((j) =>
      j.readiness !== null && j.judgedBy === VERSION ? [[j.id, j.readiness] as const] : [],
    )
    const map = new Map(kept)
    const missing = jobs.filter((j) => !map.has(j.id))
    if (missing.length === 0) return map
    const sections = await this.board.sections(
      workshopId,
      missing.map((j) => j.id),
    )
    const whole = missing.map(({ id }) => {
      const texts = sections.get(id)
      for (const name of SECTION_NAMES)
        if (texts?.[name] === undefined) throw new Error(`job ${id} is stored without its section ${name}`)
      return texts!
    })
    const found = await this.pools.judge({ catalogue: await this.catalogue.whole(workshopId), jobs: whole })
    for (const [i, job] of missing.entries()) {
      map.set(job.id, found[i]!)
      await this.board.keepReadiness(workshopId, job, found[i]!, VERSION)
    }
    return map
  }

  /**
   * The board with these filters as CSV, some lines at a time: a line a job, formulas of spreadsheets made harmless. Who
   * reads it sets the pace.
   */
  async *csv(
    workshopId: string,
    q: BoardQuery,
    names: ReadonlyMap<string, string>,
    now: Date,
  ): AsyncGenerator<string, void> {
    for (let page = 1; ; page++) {
      const { jobs } = await this.board.page(workshopId, { ...q, page, size: CSV_PAGE })
      const judged = await this.judged(workshopId, jobs)
      const rows = jobs.map((j) => {
        const { nextAction, repairs, stations } = JSON.parse(judged.get(j.id)!) as JudgedJob
        const work = JSON.parse(j.work) as WorkSection
        return {
          title: j.title,
          year: j.year ?? '',
          state: work.state,
          'days in state': Math.floor((now.getTime() - j.stateSince.getTime()) / DAY_MS),
          person: work.personId ? (names.get(work.personId) ?? '') : '',
          'next action': nextAction,
          'held by': work.heldBy,
          'repair first': repairs.join('; '),
          ...Object.fromEntries(stations.map((s) => [`station ${s.station}`, `${s.stage}, ${s.verdict}`])),
          changed: j.updatedAt.toISOString(),
          id: j.id,
        }
      })
      const text = Papa.unparse(rows, { escapeFormulae: FORMULA, newline: '\r\n', header: page === 1 })
      if (text !== '') yield page === 1 ? text : `\r\n${text}`
      if (jobs.length < CSV_PAGE) return
    }
  }
}
