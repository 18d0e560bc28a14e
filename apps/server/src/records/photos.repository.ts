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

  /** The photographs of a job, one at a time. */
  async *each(workshopId: string, jobId: string): AsyncGenerator<PhotoEntity, void> {
    const photos = this.database.getRepository(PhotoEntity)
    const where = { workshopId, jobId }
    for (const { id } of await photos.find({ where, select: { id: true }, order: { id: 'ASC' } })) {
      const photo = await photos.findOne({
        where: { ...where, id },
        select: { id: true, width: true, height: true, image: true },
      })
      if (photo) yield photo
    }
  }
}
