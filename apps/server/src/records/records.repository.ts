import type { RecordQuery } from '@lochmoor/contract'
import { meaningsOf, type LogRecord, type RecordBody } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { DataSource, MoreThan, type EntityManager, type SelectQueryBuilder } from 'typeorm'
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

/**
 * Words of this many entries that were stored one after the other stand together in a lot: looking through lots costs a
 * fraction of looking through entries.
 */
const ENTRIES_OF_LOT = 64n
// Sixty-four of the longest entries come to more than what is put together by default.
const ADD_WORDS = `set statement group_concat_max_len = 16777216 for insert into record_words (job_id, lot, words)
  select job_id, seq div ${ENTRIES_OF_LOT}, group_concat(search order by seq separator '\n') from record
  where id in (?) group by job_id, seq div ${ENTRIES_OF_LOT}
  on duplicate key update words = concat(words, '\n', values(words))`
/** Lots whose entries are looked through at once. */
const LOTS_AT_ONCE = 40
/** Entries that are read at once, where all are wanted. */
const ENTRIES_AT_ONCE = 500
/** So many entries are counted; of more it is said that there are more. */
const MOST_COUNTED = 1000

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

  async add(workshopId: string, jobId: string, records: readonly LogRecord[], manager?: EntityManager): Promise<void> {
    if (!manager) return this.database.transaction((own) => this.add(workshopId, jobId, records, own))
    const rows = records.map((r) => ({
      id: r.id,
      workshopId,
      jobId,
      kind: r.body.kind,
      at: new Date(r.at),
      storedAt: r.storedAt ? new Date(r.storedAt) : new Date(),
      who: r.who,
      importedBy: r.importedBy,
      field: r.body.kind === 'measurement' || r.body.kind === 'photo' ? (r.body.field ?? null) : null,
      corrects: r.corrects,
      withdraws: r.withdraws,
      body: r.body,
      search: wordsOf(r.body, r.who),
    }))
    for (let i = 0; i < rows.length; i += AT_ONCE) {
      const some = rows.slice(i, i + AT_ONCE)
      await manager.insert(RecordEntity, some)
      await manager.query(ADD_WORDS, [some.map((r) => r.id)])
    }
  }

  /**
   * A page of entries, latest stored first. How many there are in all is told where it is known from the page, or quickly
   * counted.
   */
  async page(
    workshopId: string,
    jobId: string,
    q: RecordQuery,
  ): Promise<{ records: LogRecord[]; total: number | null; next: string | null }> {
    const rows = await this.rows(workshopId, jobId, q)
    const page = rows.slice(0, q.size)
    const next = rows.length > q.size ? page.at(-1)!.seq : null
    const total = next === null && !q.before ? page.length : await this.counted(workshopId, jobId, q)
    return { records: page.map(shown), total, next }
  }

  private filtered(workshopId: string, jobId: string, q: RecordQuery): SelectQueryBuilder<RecordEntity> {
    const query = this.database
      .getRepository(RecordEntity)
      .createQueryBuilder('r')
      .where('r.workshopId = :workshopId and r.jobId = :jobId', { workshopId, jobId })
    if (q.kind) query.andWhere('r.kind = :kind', { kind: q.kind })
    if (q.field) query.andWhere('r.field = :field', { field: q.field })
    return query
  }

  /** As many as a page has, and one more where there are more. */
  private async rows(workshopId: string, jobId: string, q: RecordQuery): Promise<RecordEntity[]> {
    const words = meaningsOf(q.search)
    if (words.length > 0) return this.rowsWith(words, workshopId, jobId, q)
    const query = this.filtered(workshopId, jobId, q)
    if (q.before) query.andWhere('r.seq < :before', { before: q.before })
    return query
      .orderBy('r.seq', 'DESC')
      .limit(q.size + 1)
      .getMany()
  }

  /**
   * The entries that hold every word, each by whatever name the trade has for it: looked for in lots of entries first, then
   * among the entries of the lots that hold them all.
   */
  private async rowsWith(
    words: readonly (readonly string[])[],
    workshopId: string,
    jobId: string,
    q: RecordQuery,
  ): Promise<RecordEntity[]> {
    const holds = (column: string) => words.map((names) => `(${names.map(() => `instr(${column}, ?) > 0`).join(' or ')})`).join(' and ') // prettier-ignore
    const found: RecordEntity[] = []
    let before = q.before ? BigInt(q.before) : null
    while (found.length <= q.size) {
      const lots = await this.database.query<{ lot: string }[]>(
        `select cast(lot as char) as lot from record_words where job_id = ?${before === null ? '' : ' and lot <= ?'}
           and ${holds('words')} order by lot desc limit ${LOTS_AT_ONCE}`,
        [jobId, ...(before === null ? [] : [String((before - 1n) / ENTRIES_OF_LOT)]), ...words.flat()],
      )
      if (lots.length === 0) break
      const query = this.filtered(workshopId, jobId, q)
      if (before !== null) query.andWhere('r.seq < :before', { before: String(before) })
      const ranges = lots.map((_, i) => `r.seq between :from${i} and :to${i}`).join(' or ')
      query.andWhere(
        `(${ranges})`,
        Object.fromEntries(
          lots.flatMap(({ lot }, i) => [
            [`from${i}`, String(BigInt(lot) * ENTRIES_OF_LOT)],
            [`to${i}`, String((BigInt(lot) + 1n) * ENTRIES_OF_LOT - 1n)],
          ]),
        ),
      )
      for (const [i, names] of words.entries())
        query.andWhere(
          `(${names.map((_, k) => `instr(r.search, :word${i}_${k}) > 0`).join(' or ')})`,
          Object.fromEntries(names.map((name, k) => [`word${i}_${k}`, name])),
        )
      found.push(
        ...(await query
          .orderBy('r.seq', 'DESC')
          .limit(q.size + 1 - found.length)
          .getMany()),
      )
      before = BigInt(lots.at(-1)!.lot) * ENTRIES_OF_LOT
      if (lots.length < LOTS_AT_ONCE) break
    }
    return found
  }

  /** How many entries answer, or null where nobody waits for them to be counted. */
  private async counted(workshopId: string, jobId: string, q: RecordQuery): Promise<number | null> {
    if (q.search.trim() !== '') return null
    const some = await this.filtered(workshopId, jobId, q)
      .select('1', 'one')
      .limit(MOST_COUNTED + 1)
      .getRawMany()
    return some.length > MOST_COUNTED ? null : some.length
  }

  /** The whole book in the order in which it was written, some entries at a time. */
  async *inPages(workshopId: string, jobId: string): AsyncGenerator<LogRecord[], void> {
    for (let seq = '0'; ;) {
      const rows: RecordEntity[] = await this.database.getRepository(RecordEntity).find({
        where: { workshopId, jobId, seq: MoreThan(seq) },
        order: { seq: 'ASC' },
        take: ENTRIES_AT_ONCE,
      })
      if (rows.length > 0) yield rows.map(shown)
      if (rows.length < ENTRIES_AT_ONCE) return
      seq = rows.at(-1)!.seq
    }
  }

  async all(workshopId: string, jobId: string): Promise<LogRecord[]> {
    const all: LogRecord[] = []
    for await (const page of this.inPages(workshopId, jobId)) all.push(...page)
    return all
  }
}
