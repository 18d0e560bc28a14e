import {
  CatalogueSchema,
  Done,
  OwnPartId,
  ownPartSchema,
  ownPartsSchema,
  PART_SCHEMAS,
  PartKindSchema,
  PartsStored,
  PartUses,
  Refusal,
  type PartKind,
} from '@lochmoor/contract'
import type { Result } from '@lochmoor/core'
import { Body, Controller, Delete, Get, Header, HttpCode, HttpException, Param, Post, Put } from '@nestjs/common'
import { ApiBody, ApiTags } from '@nestjs/swagger'
import { z } from 'zod'
import { Answers, jsonSchemaOf } from '../http/answers.decorator.ts'
import { parseOrRefuse } from '../http/schema.pipe.ts'
import { AllWhoRead, Who, type Caller, type PersonCaller } from '../workshop/caller.ts'
import { CatalogueRepository } from './catalogue.repository.ts'
import { CatalogueService, type PartError } from './catalogue.service.ts'

const orRefuse = <T>(result: Result<T, PartError>): T => {
  if (result.ok) return result.value
  const { error } = result
  switch (error.code) {
    case 'noSuchPart':
      throw new HttpException({ code: error.code, message: 'There is no part with this id here.' }, 404)
    case 'partInUse':
      throw new HttpException(
        {
          code: error.code,
          message: `In use by ${error.jobs.slice(0, 5).join(', ')}${error.jobs.length > 5 ? ` and ${error.jobs.length - 5} more` : ''}: a part in use cannot be removed. Take it out of the job first.`,
        },
        409,
      )
    case 'badPump':
      throw new HttpException(
        {
          code: error.code,
          message: error.problems.map((p) => `${p.field}: ${p.says}`).join('; '),
          problems: error.problems.map((p) => ({ field: p.field, value: null, allowed: p.says })),
        },
        400,
      )
  }
}

const PartId = z.string().min(1).max(64)
const AnyPart = z.union(Object.values(PART_SCHEMAS))
const done = { done: true } as const

@ApiTags('catalogue')
@Controller('catalogue')
export class CatalogueController {
  constructor(
    private readonly parts: CatalogueRepository,
    private readonly catalogue: CatalogueService,
  ) {}

  @Get()
  @AllWhoRead()
  @Answers({ 200: CatalogueSchema })
  async all(@Who() caller: Caller): Promise<Record<string, unknown>> {
    const { workshopId } = caller
    // A guest is shown one job: what is in it, and not what else the workshop has on its shelves.
    if (caller.kind === 'guest') return this.catalogue.ofJob(workshopId, caller.jobId)
    return { ...(await this.parts.whole(workshopId)) }
  }

  @Get(':kind')
  @Answers({ 200: z.array(AnyPart) })
  kind(
    @Who() { workshopId }: PersonCaller,
    @Param('kind', { schema: PartKindSchema }) kind: PartKind,
  ): Promise<unknown[]> {
    return this.parts.list(workshopId, kind)
  }

  @Get(':kind/parts.csv')
  @Header('content-type', 'text/csv; charset=utf-8')
  @Header('content-disposition', 'attachment; filename="parts.csv"')
  csv(@Who() { workshopId }: PersonCaller, @Param('kind', { schema: PartKindSchema }) kind: PartKind): Promise<string> {
    return this.catalogue.csv(workshopId, kind)
  }

  @Get(':kind/:id/uses')
  @Answers({ 200: PartUses, 404: Refusal })
  async uses(
    @Who() { workshopId }: PersonCaller,
    @Param('kind', { schema: PartKindSchema }) kind: PartKind,
    @Param('id', { schema: PartId }) id: string,
  ): Promise<PartUses> {
    return orRefuse(await this.catalogue.uses(workshopId, kind, id))
  }

  /** All or none. */
  @Post(':kind/import')
  @HttpCode(200)
  @ApiBody({ schema: jsonSchemaOf(z.strictObject({ parts: z.array(AnyPart) })) })
  @Answers({ 200: PartsStored, 400: Refusal })
  async import(
    @Who() { workshopId }: PersonCaller,
    @Param('kind', { schema: PartKindSchema }) kind: PartKind,
    @Body() body: unknown,
  ): Promise<z.infer<typeof PartsStored>> {
    const { parts } = parseOrRefuse(ownPartsSchema(kind), body)
    return { stored: orRefuse(await this.catalogue.store(workshopId, kind, parts)) }
  }

  @Put(':kind/:id')
  @ApiBody({ schema: jsonSchemaOf(AnyPart) })
  @Answers({ 200: Done, 400: Refusal })
  async put(
    @Who() { workshopId }: PersonCaller,
    @Param('kind', { schema: PartKindSchema }) kind: PartKind,
    @Param('id', { schema: OwnPartId }) id: string,
    @Body() body: unknown,
  ): Promise<z.infer<typeof Done>> {
    const part = parseOrRefuse(
      ownPartSchema(kind).refine((p) => p.id === id, { path: ['id'], error: `allowed: "${id}", as in the address` }),
      body,
    )
    orRefuse(await this.catalogue.store(workshopId, kind, [part]))
    return done
  }

  @Delete(':kind/:id')
  @Answers({ 200: Done, 404: Refusal, 409: Refusal })
  async remove(
    @Who() { workshopId }: PersonCaller,
    @Param('kind', { schema: PartKindSchema }) kind: PartKind,
    @Param('id', { schema: OwnPartId }) id: string,
  ): Promise<z.infer<typeof Done>> {
    orRefuse(await this.catalogue.remove(workshopId, kind, id))
    return done
  }
}
