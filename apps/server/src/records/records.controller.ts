import {
  JobId,
  LogRecordSchema,
  MOST_PHOTO_BYTES,
  NewRecord,
  PhotoStored,
  RecordPage,
  RecordQuery,
  Refusal,
} from '@lochmoor/contract'
import type { LogRecord, Result } from '@lochmoor/core'
import {
  Body,
  Controller,
  Get,
  Header,
  HttpException,
  Param,
  Post,
  Put,
  Query,
  Res,
  StreamableFile,
} from '@nestjs/common'
import { ApiTags } from '@nestjs/swagger'
import type { Response } from 'express'
import { z } from 'zod'
import { Answers } from '../http/answers.decorator.ts'
import { GuestsToo, Who, type Caller, type PersonCaller } from '../workshop/caller.ts'
import { RecordsService, type RecordError } from './records.service.ts'

const STATUS = {
  noSuchJob: 404,
  idTaken: 409,
  nothingToCorrect: 409,
  noSuchPhoto: 404,
  notAPhoto: 400,
} satisfies Record<RecordError['code'], number>

const messageOf = (e: RecordError): string => {
  switch (e.code) {
    case 'noSuchJob':
      return 'There is no job with this id here.'
    case 'idTaken':
      return 'An entry with this id is already in a job log, with different text.'
    case 'nothingToCorrect':
      return 'The entry to be corrected is not in this job’s log.'
    case 'noSuchPhoto':
      return 'This job has no such photograph.'
    case 'notAPhoto':
      return `photograph is ${e.found.slice(0, 80)}; allowed: a JPEG, PNG or WebP picture of at most ${MOST_PHOTO_BYTES / 1024 ** 2} MB.`
  }
}

const orRefuse = <T>(result: Result<T, RecordError>): T => {
  if (result.ok) return result.value
  const { error } = result
  throw new HttpException({ code: error.code, message: messageOf(error) }, STATUS[error.code])
}

const PhotoId = z.uuid({ error: 'allowed: the id of a photograph, a UUID' })

@ApiTags('records')
@Controller('jobs/:id')
export class RecordsController {
  constructor(private readonly records: RecordsService) {}

  @Get('records')
  @GuestsToo()
  @Answers({ 200: RecordPage, 404: Refusal })
  async page(
    @Who() { workshopId }: Caller,
    @Param('id', { schema: JobId }) id: string,
    @Query({ schema: RecordQuery }) query: RecordQuery,
  ): Promise<RecordPage> {
    return orRefuse(await this.records.page(workshopId, id, query))
  }

  @Get('records.csv')
  @GuestsToo()
  @Header('content-type', 'text/csv; charset=utf-8')
  @Header('content-disposition', 'attachment; filename="log-book.csv"')
  async csv(@Who() { workshopId }: Caller, @Param('id', { schema: JobId }) id: string): Promise<string> {
    return orRefuse(await this.records.csv(workshopId, id))
  }

  @Post('records')
  @Answers({ 200: LogRecordSchema, 201: LogRecordSchema, 400: Refusal, 404: Refusal, 409: Refusal })
  async add(
    @Who() caller: PersonCaller,
    @Param('id', { schema: JobId }) id: string,
    @Body({ schema: NewRecord }) body: NewRecord,
    @Res({ passthrough: true }) response: Response,
  ): Promise<LogRecord> {
    const { isNew, record } = orRefuse(await this.records.add(caller, id, body))
    response.status(isNew ? 201 : 200)
    return record
  }

  /** The photograph as the body of the request, of type image/jpeg, image/png or image/webp. */
  @Put('photos/:photoId')
  @Answers({ 200: PhotoStored, 400: Refusal, 404: Refusal, 413: Refusal })
  async addPhoto(
    @Who() { workshopId }: PersonCaller,
    @Param('id', { schema: JobId }) id: string,
    @Param('photoId', { schema: PhotoId }) photoId: string,
    @Body() body: unknown,
  ): Promise<PhotoStored> {
    const bytes = Buffer.isBuffer(body) ? body : Buffer.alloc(0)
    return orRefuse(await this.records.addPhoto(workshopId, id, photoId, bytes))
  }

  @Get('photos/:photoId')
  @GuestsToo()
  photo(
    @Who() { workshopId }: Caller,
    @Param('id', { schema: JobId }) id: string,
    @Param('photoId', { schema: PhotoId }) photoId: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile | undefined> {
    return this.file(workshopId, id, photoId, 'image', response)
  }

  @Get('photos/:photoId/thumb')
  @GuestsToo()
  thumb(
    @Who() { workshopId }: Caller,
    @Param('id', { schema: JobId }) id: string,
    @Param('photoId', { schema: PhotoId }) photoId: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile | undefined> {
    return this.file(workshopId, id, photoId, 'thumb', response)
  }

  /**
   * A photograph never changes, so the browser may keep it; but it asks each time whether it may still show it, and a link
   * that has been ended shows nothing.
   */
  private async file(
    workshopId: string,
    id: string,
    photoId: string,
    which: 'image' | 'thumb',
    response: Response,
  ): Promise<StreamableFile | undefined> {
    const tag = `"${photoId}-${which}"`
    const has = response.req.headers['if-none-match'] === tag
    const bytes = orRefuse(await this.records.photoBytes(workshopId, id, photoId, which))
    response.setHeader('cache-control', 'private, no-cache')
    response.setHeader('etag', tag)
    if (has) {
      response.status(304)
      return undefined
    }
    return new StreamableFile(bytes, { type: 'image/jpeg', length: bytes.length })
  }
}
