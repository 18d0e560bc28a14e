import { Injectable } from '@nestjs/common'
import { DataSource, type EntityManager } from 'typeorm'
import { PhotoEntity } from './record.entity.ts'

export type PhotoRow = Pick<PhotoEntity, 'id' | 'width' | 'height' | 'image' | 'thumb'>

/** Photographs of a job, in the store beside everything else. */
@Injectable()
export class PhotosRepository {
  constructor(private readonly database: DataSource) {}

  idIsTaken(id: string): Promise<boolean> {
    return this.database.getRepository(PhotoEntity).existsBy({ id })
  }

  find(workshopId: string, jobId: string, id: string): Promise<PhotoEntity | null> {
    return this.database.getRepository(PhotoEntity).findOneBy({ workshopId, jobId, id })
  }

  async bytes(workshopId: string, jobId: string, id: string, which: 'image' | 'thumb'): Promise<Buffer | null> {
    const row = await this.database
      .getRepository(PhotoEntity)
      .findOne({ where: { workshopId, jobId, id }, select: { id: true, [which]: true } })
    return row?.[which] ?? null
  }

  async add(
    workshopId: string,
    jobId: string,
    photo: PhotoRow,
    manager: EntityManager = this.database.manager,
  ): Promise<void> {
    await manager.insert(PhotoEntity, { ...photo, workshopId, jobId })
  }

  all(workshopId: string, jobId: string): Promise<PhotoEntity[]> {
    return this.database.getRepository(PhotoEntity).find({
      where: { workshopId, jobId },
      select: { id: true, width: true, height: true, image: true },
      order: { id: 'ASC' },
    })
  }
}
