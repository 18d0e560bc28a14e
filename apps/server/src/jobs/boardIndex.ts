import type { BoardQuery } from '@lochmoor/contract'
import { WORK_STATES, type WorkState } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { DataSource, type EntityManager } from 'typeorm'

/** What the board filters and counts by, of one job. */
interface IndexRow {
  readonly id: string
  /** The title in lower case, as the store has it. */
  readonly words: string
  readonly state: WorkState
  readonly personId: string | null
  readonly archived: boolean
}

interface Index {
  readonly turn: string
  readonly rows: readonly IndexRow[]
}

export interface Found {
  readonly byState: Readonly<Record<WorkState, number>>
  /** The jobs that answer all filters, in no order; null where there is no filter but the state. */
  readonly ids: readonly string[] | null
}

/** Makes the mark of a workshop another one. */
export const TURN =
  'insert into board_turn (workshop_id, turn) values (?, uuid()) on duplicate key update turn = values(turn)'

/** Workshops whose index is kept here. */
const MOST_KEPT = 8

/**
 * Of every job of a workshop what the board filters and counts by, kept here for as long as nothing of it has changed. The
 * store has a mark for each workshop that becomes another in the same transaction as any such change, whichever server makes
 * it: it is asked for before each use.
 */
@Injectable()
export class BoardIndex {
  private readonly kept = new Map<string, Index>()

  constructor(private readonly database: DataSource) {}

  /** Says that something of a workshop's jobs has changed that a board filters or counts by. */
  async turn(workshopId: string, manager: EntityManager): Promise<void> {
    await manager.query(TURN, [workshopId])
  }

  /** Counts by state under the filters of a query, and what answers all of them. */
  async find(workshopId: string, q: BoardQuery): Promise<Found> {
    const { rows } = await this.indexOf(workshopId)
    const archived = q.archived === 'yes'
    const search = q.search.trim().toLowerCase()
    const person = q.person === 'nobody' ? null : q.person
    const byState = Object.fromEntries(WORK_STATES.map((s) => [s, 0])) as Record<WorkState, number>
    const ids: string[] = []
    for (const row of rows) {
      if (row.archived !== archived || (search && !row.words.includes(search))) continue
      if (person !== undefined && row.personId !== person) continue
      byState[row.state]++
      if (!q.state || row.state === q.state) ids.push(row.id)
    }
    return { byState, ids: search || person !== undefined ? ids : null }
  }

  private async indexOf(workshopId: string): Promise<Index> {
    // Asked before the rows are: what changes in between is read anew the next time.
    const [row] = await this.database.query<{ turn: string }[]>('select turn from board_turn where workshop_id = ?', [
      workshopId,
    ])
    const turn = row?.turn ?? ''
    const known = this.kept.get(workshopId)
    if (known?.turn === turn) return known
    const rows = await this.database.query<(Omit<IndexRow, 'archived'> & { archived: number })[]>(
      'select id, title_words as words, state, person_id as personId, archived_at is not null as archived from job where workshop_id = ?',
      [workshopId],
    )
    const index = { turn, rows: rows.map((r) => ({ ...r, archived: r.archived === 1 })) }
    this.kept.delete(workshopId)
    this.kept.set(workshopId, index)
    const [oldest] = this.kept.keys()
    if (this.kept.size > MOST_KEPT && oldest !== undefined) this.kept.delete(oldest)
    return index
  }
}
