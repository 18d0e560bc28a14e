import type { RecordQuery } from '@lochmoor/contract'
import { meaningsOf, type LogRecord, type RecordBody } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { DataSource, type EntityManager } from 'typeorm'
import { escapeLike } from '../database/escapeLike.ts'
import { RecordEntity } from './record.entity.ts'

/** The words of an entry that a search looks through, in lower case. */
const wordsOf = (body: RecordBody, who: string): string => {
  const texts = Object.entries(body).flatMap(([key, v]) => (typeof v === 'string' && key !== 'photoId' ? [v] : []))
  return [who, ...texts].join(' ').toLowerCase()
}

const shown = (r: RecordEntity): LogRecord => ({
  id: r.id,
  at: r.at.toISOString(),
  storedAt: r.storedAt.toISOString(),
  who: r.who,
  importedBy: r.importedBy,
  body: r.body,
  corrects: r.corrects,
  withdraws: r.withdraws,
})

/** Rows that go to the store in one statement. */
const AT_ONCE = 200

/** The log book of a job. It offers adding and reading; there is no changing and no deleting. */
@Injectable()
export class RecordsRepository {
  constructor(private readonly database: DataSource) {}

  async find(workshopId: string, jobId: string, id: string): Promise<LogRecord | null> {
    const row = await this.database.getRepository(RecordEntity).findOneBy({ workshopId, jobId, id })
    return row && shown(row)
  }

  /** Whether an id stands in any book: it was sent before, or somebody else's is taken. */
  idIsTaken(id: string): Promise<boolean> {
    return this.database.getRepository(RecordEntity).existsBy({ id })
  }

  async add(
    workshopId: string,
    jobId: string,
    records: readonly LogRecord[],
    manager: EntityManager = this.database.manager,
  ): Promise<void> {
    const rows = records.map((r) => ({
      id: r.id,
      workshopId,
      jobId,
      kind: r.body.kind,
      at: new Date(r.at),
      storedAt: r.storedAt ? new Date(r.storedAt) : new Date(),
      who: r.who,
      importedBy: r.importedBy,
      field: r.body.kind === 'measurement' ? r.body.field : null,
      corrects: r.corrects,
      withdraws: r.withdraws,
      body: r.body,
      search: wordsOf(r.body, r.who),
    }))
    for (let i = 0; i < rows.length; i += AT_ONCE) await manager.insert(RecordEntity, rows.slice(i, i + AT_ONCE))
  }

  /** A page of entries, latest stored first. */
  async page(
    workshopId: string,
    jobId: string,
    q: RecordQuery,
  ): Promise<{ records: LogRecord[]; total: number; next: string | null }> {
    const query = this.database
      .getRepository(RecordEntity)
      .createQueryBuilder('r')
      .where('r.workshopId = :workshopId and r.jobId = :jobId', { workshopId, jobId })
    if (q.kind) query.andWhere('r.kind = :kind', { kind: q.kind })
    if (q.field) query.andWhere('r.field = :field', { field: q.field })
    // Each word by whatever name the trade has for it.
    for (const [i, names] of meaningsOf(q.search).entries())
      query.andWhere(
        `(${names.map((_, k) => `r.search like :word${i}_${k}`).join(' or ')})`,
        Object.fromEntries(names.map((name, k) => [`word${i}_${k}`, `%${escapeLike(name)}%`])),
      )
    const total = await query.getCount()
    if (q.before) query.andWhere('r.seq < :before', { before: q.before })
    const rows = await query
      .orderBy('r.seq', 'DESC')
      .limit(q.size + 1)
      .getMany()
    const page = rows.slice(0, q.size)
    return { records: page.map(shown), total, next: rows.length > q.size ? page.at(-1)!.seq : null }
  }

  /** The whole book in the order in which it was written. */
  async all(workshopId: string, jobId: string): Promise<LogRecord[]> {
    const rows = await this.database
      .getRepository(RecordEntity)
      .find({ where: { workshopId, jobId }, order: { seq: 'ASC' } })
    return rows.map(shown)
  }
}
