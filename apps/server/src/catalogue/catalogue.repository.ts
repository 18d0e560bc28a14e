import { PART_KINDS, PART_SCHEMAS, type PartKind } from '@lochmoor/contract'
import type { Catalogue, Part } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { DataSource, IsNull } from 'typeorm'
import { PartEntity } from './part.entity.ts'

/** Parts a workshop may use: those shipped with Lochmoor and its own. */
@Injectable()
export class CatalogueRepository {
  constructor(private readonly database: DataSource) {}

  async list(workshopId: string, kind: PartKind): Promise<Part[]> {
    const rows = await this.database.getRepository(PartEntity).find({
      where: [
        { workshopId: IsNull(), kind },
        { workshopId, kind },
      ],
      order: { position: 'ASC', id: 'ASC' },
    })
    return rows.map((row) => PART_SCHEMAS[kind].parse(row.data))
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
