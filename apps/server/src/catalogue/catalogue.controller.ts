import { CatalogueSchema, PART_KINDS, PART_SCHEMAS, PartKindSchema, type PartKind } from '@lochmoor/contract'
import { Controller, Get, Param } from '@nestjs/common'
import { ApiTags } from '@nestjs/swagger'
import { z } from 'zod'
import { Answers } from '../http/answers.decorator.ts'
import { WorkshopService } from '../workshop/workshop.service.ts'
import { CatalogueRepository } from './catalogue.repository.ts'

@ApiTags('catalogue')
@Controller('catalogue')
export class CatalogueController {
  constructor(
    private readonly parts: CatalogueRepository,
    private readonly workshops: WorkshopService,
  ) {}

  @Get()
  @Answers({ 200: CatalogueSchema })
  async all(): Promise<Record<string, unknown>> {
    const { id } = await this.workshops.current()
    const lists = await Promise.all(PART_KINDS.map(async (kind) => [kind, await this.parts.list(id, kind)] as const))
    return Object.fromEntries(lists)
  }

  @Get(':kind')
  @Answers({ 200: z.array(z.union(Object.values(PART_SCHEMAS))) })
  async kind(@Param('kind', { schema: PartKindSchema }) kind: PartKind): Promise<unknown[]> {
    const { id } = await this.workshops.current()
    return this.parts.list(id, kind)
  }
}
