import { CatalogueSchema, PART_KINDS, PART_SCHEMAS, PartKindSchema, type PartKind } from '@lochmoor/contract'
import { Controller, Get, Param } from '@nestjs/common'
import { ApiTags } from '@nestjs/swagger'
import { z } from 'zod'
import { Answers } from '../http/answers.decorator.ts'
import { AllWhoRead, Who, type Caller } from '../workshop/caller.ts'
import { CatalogueRepository } from './catalogue.repository.ts'

@ApiTags('catalogue')
@Controller('catalogue')
@AllWhoRead()
export class CatalogueController {
  constructor(private readonly parts: CatalogueRepository) {}

  @Get()
  @Answers({ 200: CatalogueSchema })
  async all(@Who() { workshopId }: Caller): Promise<Record<string, unknown>> {
    const lists = await Promise.all(
      PART_KINDS.map(async (kind) => [kind, await this.parts.list(workshopId, kind)] as const),
    )
    return Object.fromEntries(lists)
  }

  @Get(':kind')
  @Answers({ 200: z.array(z.union(Object.values(PART_SCHEMAS))) })
  kind(@Who() { workshopId }: Caller, @Param('kind', { schema: PartKindSchema }) kind: PartKind): Promise<unknown[]> {
    return this.parts.list(workshopId, kind)
  }
}
