import {
  BoardQuery,
  explainProblem,
  Done,
  HistoryPage,
  HistoryQuery,
  JobBoard,
  JobId,
  JobResponse,
  NewJob,
  Refusal,
  SECTION_SCHEMAS,
  SectionNameSchema,
  SectionSaved,
  SectionVersion,
  sectionWrite,
  VersionNumber,
  type SectionName,
} from '@lochmoor/contract'
import type { Result } from '@lochmoor/core'
import {
  Body,
  Controller,
  Delete,
  Get,
  Header,
  HttpCode,
  HttpException,
  Param,
  Post,
  Put,
  Query,
  StreamableFile,
} from '@nestjs/common'
import { ApiBody, ApiTags } from '@nestjs/swagger'
import { z } from 'zod'
import { Answers, jsonSchemaOf } from '../http/answers.decorator.ts'
import { streamed } from '../http/streamed.ts'
import { parseOrRefuse } from '../http/schema.pipe.ts'
import { From, GuestsToo, OwnerOnly, Who, type Caller, type PersonCaller } from '../workshop/caller.ts'
import { PeopleService } from '../workshop/people.service.ts'
import { BoardService } from './board.service.ts'
import { withoutPrivate } from './forGuests.ts'
import { JobsService, type JobError } from './jobs.service.ts'

const STATUS = { noSuchJob: 404, noSuchVersion: 404, notArchived: 409, stale: 409 } satisfies Record<
  JobError['code'],
  number
>
const MESSAGE = {
  noSuchJob: 'There is no job with this id here.',
  noSuchVersion: 'This section never had that version.',
  notArchived: 'Only an archived job can be deleted: archive it first.',
  stale: 'Somebody else has changed this section in the meantime; nothing was overwritten.',
} satisfies Record<JobError['code'], string>

export const orRefuseJob = <T>(result: Result<T, JobError>): T => {
  if (result.ok) return result.value
  const { code } = result.error
  throw new HttpException({ message: MESSAGE[code], ...result.error }, STATUS[code])
}

const AnySectionWrite = z.union(Object.values(SECTION_SCHEMAS).map((s) => sectionWrite(s)))
/** Of an answer that is JSON text already. */
const JSON_TEXT = 'application/json; charset=utf-8'
const done = { done: true } as const
type Finished = z.infer<typeof Done>

@ApiTags('jobs')
@Controller('jobs')
export class JobsController {
  constructor(
    private readonly jobs: JobsService,
    private readonly board: BoardService,
    private readonly people: PeopleService,
  ) {}

  @Get()
  @Header('content-type', JSON_TEXT)
  @Answers({ 200: JobBoard, 400: Refusal, 401: Refusal })
  list(@Who() { workshopId }: PersonCaller, @Query({ schema: BoardQuery }) query: BoardQuery): Promise<string> {
    return this.board.page(workshopId, query)
  }

  /** Sent as it is made: packed, the first lines would wait for those after them. */
  @Get('board.csv')
  @Header('cache-control', 'no-store, no-transform')
  async csv(
    @Who() { workshopId }: PersonCaller,
    @Query({ schema: BoardQuery }) query: BoardQuery,
  ): Promise<StreamableFile> {
    const names = new Map((await this.people.colleagues(workshopId)).map((p) => [p.id, p.name]))
    const lines = this.board.csv(workshopId, query, names, new Date())
    return streamed(lines, 'text/csv; charset=utf-8', 'attachment; filename="jobs.csv"')
  }

  @Post()
  @Header('content-type', JSON_TEXT)
  @Answers({ 201: JobResponse, 400: Refusal, 404: Refusal })
  async create(@Who() caller: PersonCaller, @Body({ schema: NewJob }) body: NewJob): Promise<string> {
    return orRefuseJob(await this.jobs.create(caller, body))
  }

  @Get(':id')
  @GuestsToo()
  @Header('content-type', JSON_TEXT)
  @Answers({ 200: JobResponse, 404: Refusal })
  async open(@Who() caller: Caller, @Param('id', { schema: JobId }) id: string): Promise<string> {
    const text = orRefuseJob(await this.jobs.open(caller.workshopId, id))
    return caller.kind === 'guest' ? withoutPrivate(text) : text
  }

  @Put(':id/sections/:section')
  @ApiBody({ schema: jsonSchemaOf(AnySectionWrite) })
  @Answers({ 200: SectionSaved, 400: Refusal, 404: Refusal, 409: Refusal })
  async write(
    @Who() caller: PersonCaller,
    @Param('id', { schema: JobId }) id: string,
    @Param('section', { schema: SectionNameSchema }) section: SectionName,
    @Body() body: unknown,
  ): Promise<SectionSaved> {
    const { baseVersion, value } = parseOrRefuse(sectionWrite(SECTION_SCHEMAS[section]), body)
    await this.refuseStranger(caller.workshopId, value)
    return orRefuseJob(await this.jobs.write(caller, id, section, baseVersion, value))
  }

  /** Only somebody of this workshop can have a job of it. */
  private async refuseStranger(workshopId: string, value: object): Promise<void> {
    const personId = 'personId' in value ? value.personId : null
    if (typeof personId !== 'string') return
    if ((await this.people.colleagues(workshopId)).some((p) => p.id === personId)) return
    const problem = {
      field: 'value.personId',
      value: personId,
      allowed: 'the id of a person of this workshop, or null',
    }
    throw new HttpException({ code: 'badInput', message: explainProblem(problem), problems: [problem] }, 400)
  }

  @Post(':id/archive')
  @HttpCode(200)
  @Answers({ 200: Done, 404: Refusal })
  async archive(
    @Who() caller: PersonCaller,
    @Param('id', { schema: JobId }) id: string,
    @From() address: string,
  ): Promise<Finished> {
    orRefuseJob(await this.jobs.archive(caller, id, new Date(), address))
    return done
  }

  @Post(':id/restore')
  @HttpCode(200)
  @Answers({ 200: Done, 404: Refusal })
  async restore(
    @Who() caller: PersonCaller,
    @Param('id', { schema: JobId }) id: string,
    @From() address: string,
  ): Promise<Finished> {
    orRefuseJob(await this.jobs.archive(caller, id, null, address))
    return done
  }

  @Delete(':id')
  @OwnerOnly()
  @Answers({ 200: Done, 403: Refusal, 404: Refusal, 409: Refusal })
  async remove(
    @Who() caller: PersonCaller,
    @Param('id', { schema: JobId }) id: string,
    @From() address: string,
  ): Promise<Finished> {
    orRefuseJob(await this.jobs.remove(caller, id, address))
    return done
  }

  @Get(':id/history')
  @Answers({ 200: HistoryPage, 404: Refusal })
  async history(
    @Who() { workshopId }: PersonCaller,
    @Param('id', { schema: JobId }) id: string,
    @Query({ schema: HistoryQuery }) { section, before }: z.infer<typeof HistoryQuery>,
  ): Promise<HistoryPage> {
    return orRefuseJob(await this.jobs.history(workshopId, id, section, before))
  }

  @Get(':id/history/:section/:version')
  @Answers({ 200: SectionVersion, 404: Refusal })
  async version(
    @Who() { workshopId }: PersonCaller,
    @Param('id', { schema: JobId }) id: string,
    @Param('section', { schema: SectionNameSchema }) section: SectionName,
    @Param('version', { schema: VersionNumber }) version: number,
  ): Promise<SectionVersion> {
    return orRefuseJob(await this.jobs.version(workshopId, id, section, version))
  }
}
