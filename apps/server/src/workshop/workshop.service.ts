import { randomUUID } from 'node:crypto'
import { Injectable } from '@nestjs/common'
import { DataSource } from 'typeorm'
import { WorkshopEntity } from './workshop.entity.ts'

/**
 * Whose data a request may see. There are no accounts yet: every request belongs to the one workshop of this
 * installation, and everything below takes the workshop as an argument already.
 */
@Injectable()
export class WorkshopService {
  constructor(private readonly database: DataSource) {}

  async current(): Promise<WorkshopEntity> {
    const [workshop] = await this.database.getRepository(WorkshopEntity).find({ order: { id: 'ASC' }, take: 1 })
    if (!workshop) throw new Error('there is no workshop: preparing the store failed')
    return workshop
  }

  /** The only workshop, made when there is none. */
  async ensure(id: string = randomUUID(), name = 'My workshop'): Promise<string> {
    const repository = this.database.getRepository(WorkshopEntity)
    const [known] = await repository.find({ take: 1 })
    if (known) return known.id
    await repository.insert({ id, name })
    return id
  }
}
