import { PART_KINDS, PART_SCHEMAS, PARTS_SAY_SINCE, type PartKind, type SectionName } from '@lochmoor/contract'
import type { Catalogue, Part } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { DataSource, IsNull, type FindOptionsWhere } from 'typeorm'
import { PartEntity } from './part.entity.ts'
import { rowIdOf } from './rowId.ts'

/** Parts a workshop may use: those shipped with Lochmoor and its own. */
@Injectable()
export class CatalogueRepository {
  constructor(private readonly database: DataSource) {}

  /** Those shipped with Lochmoor in their order, then the workshop's own by name. */
  async list(workshopId: string, kind: PartKind): Promise<Part[]> {
    const rows = await this.database.getRepository(PartEntity).find({
      where: [
        { workshopId: IsNull(), kind },
        { workshopId, kind },
      ],
      order: { position: 'ASC', name: 'ASC', id: 'ASC' },
    })
    return rows.map((row) => partOf(kind, row.data))
  }

  /** Every kind, for what looks for parts among them all. */
  async whole(workshopId: string): Promise<Catalogue> {
    // One question: twelve of them, from ten who ask at once, would hold up everybody else who waits for the store.
    return this.byKind([{ workshopId: IsNull() }, { workshopId }])
  }

  /** Those that ship with Lochmoor. */
  stock(): Promise<Catalogue> {
    return this.byKind([{ workshopId: IsNull() }])
  }

  private async byKind(where: FindOptionsWhere<PartEntity>[]): Promise<Catalogue> {
    const order = { position: 'ASC', name: 'ASC', id: 'ASC' } as const
    const rows = await this.database.getRepository(PartEntity).find({ where, order })
    const lists = PART_KINDS.map((kind) => [
      kind,
      rows.filter((row) => row.kind === kind).map((row) => partOf(kind, row.data)),
    ])
    return Object.fromEntries(lists) as Catalogue
  }

  async findOwn(workshopId: string, kind: PartKind, partId: string): Promise<Part | null> {
    const row = await this.database
      .getRepository(PartEntity)
      .findOneBy({ workshopId, kind, id: rowIdOf(workshopId, kind, partId) })
    return row && partOf(kind, row.data)
  }

  /** Puts own parts in, all or none; one whose id is there already is replaced. */
  async storeOwn(workshopId: string, kind: PartKind, parts: readonly Part[]): Promise<void> {
    await this.database.getRepository(PartEntity).upsert(
      parts.map((part) => ({
        id: rowIdOf(workshopId, kind, part.id),
        workshopId,
        kind,
        name: part.name,
        position: OWN_POSITION,
        data: part,
      })),
      ['id'],
    )
  }

  async removeOwn(workshopId: string, kind: PartKind, partId: string): Promise<boolean> {
    const { affected } = await this.database
      .getRepository(PartEntity)
      .delete({ workshopId, kind, id: rowIdOf(workshopId, kind, partId) })
    return affected === 1
  }

  /** Sections of this workshop's jobs, archived ones too, that hold a copy of a part. */
  sectionsWith(
    workshopId: string,
    partId: string,
  ): Promise<{ id: string; title: string; section: SectionName; value: unknown }[]> {
    return this.database.query(
      `select j.id, j.title, s.section, s.value from job j join job_section s on s.job_id = j.id
       where j.workshop_id = ?
         and json_search(s.value, 'one', ?, '!', '$**.id') is not null
       order by j.title, j.id`,
      [workshopId, partId.replace(/[!%_]/g, '!$&')],
    )
  }

  async sectionsOf(workshopId: string, jobId: string): Promise<{ section: SectionName; value: unknown }[]> {
    const rows: { section: SectionName; value: unknown }[] = await this.database.query(
      'select s.section, s.value from job j join job_section s on s.job_id = j.id where j.workshop_id = ? and j.id = ?',
      [workshopId, jobId],
    )
    return rows.map(({ section, value }) => ({
      section,
      value: typeof value === 'string' ? (JSON.parse(value) as unknown) : value,
    }))
  }

  /** Puts in, or brings up to date, the parts shipped with this version. */
  async storeStock(stock: Catalogue): Promise<void> {
    const rows = PART_KINDS.flatMap((kind) =>
      stock[kind].map((part, position) => ({
        id: part.id,
        workshopId: null,
        kind,
        name: part.name,
        position,
        data: PART_SCHEMAS[kind].parse(part),
      })),
    )
    await this.database.getRepository(PartEntity).upsert(rows, ['id'])
  }
}

const MOST_READ = 5000
/** Parts that were read before, by what is stored of them: reading a whole catalogue anew takes forty milliseconds. */
const readBefore = new Map<string, Part>()

const partOf = (kind: PartKind, data: unknown): Part => {
  const stored = `${kind} ${JSON.stringify(data)}`
  const known = readBefore.get(stored)
  if (known) return known
  const part = read(kind, data)
  if (readBefore.size >= MOST_READ) readBefore.clear()
  readBefore.set(stored, part)
  return part
}

/** A stored part as this version knows it: an older one says nothing of what was not asked then. */
const read = (kind: PartKind, data: unknown): Part => {
  return PART_SCHEMAS[kind].parse({ ...PARTS_SAY_SINCE[kind], ...(data as object) })
}

/** Behind everything that ships with Lochmoor. */
const OWN_POSITION = 1_000_000
