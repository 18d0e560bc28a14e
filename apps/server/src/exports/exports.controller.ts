import { Imported, JobFile, JobFileQuery, JobId, MOST_JOB_FILE_BYTES, Refusal } from '@lochmoor/contract'
import type { Result } from '@lochmoor/core'
import { Controller, Get, HttpException, Param, Post, Query, Req, Res, StreamableFile } from '@nestjs/common'
import { ApiBody, ApiTags } from '@nestjs/swagger'
import type { Request, Response } from 'express'
import type { z } from 'zod'
import { Answers, jsonSchemaOf } from '../http/answers.decorator.ts'
import { streamed } from '../http/streamed.ts'
import { Turns } from '../threads/turns.ts'
import { From, Who, type PersonCaller } from '../workshop/caller.ts'
import { ExportsService, type ExportError } from './exports.service.ts'
import { withUpload } from './uploaded.ts'

const orRefuse = <T>(result: Result<T, ExportError>): T => {
  if (result.ok) return result.value
  const { error } = result
  if (error.code === 'refused') throw new HttpException(error.refusal, 400)
  throw error.code === 'noSuchJob'
    ? new HttpException({ code: error.code, message: 'There is no job with this id here.' }, 404)
    : new HttpException(
        {
          code: error.code,
          message: `photos: ${error.photoId} is ${error.found.slice(0, 80)}; allowed: a JPEG picture in base64`,
        },
        400,
      )
}

@ApiTags('exports')
@Controller('jobs')
export class ExportsController {
  /** One file of a person at a time, and few of all. */
  private readonly own = new Turns(1, 1)
  private readonly all = new Turns(1, 4, 30)

  constructor(private readonly exports: ExportsService) {}

  @Get(':id/export')
  @Answers({ 200: JobFile, 404: Refusal })
  async export(
    @Who() caller: PersonCaller,
    @Param('id', { schema: JobId }) id: string,
    @Query({ schema: JobFileQuery }) { history }: z.infer<typeof JobFileQuery>,
    @From() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<StreamableFile> {
    const { pieces, title } = orRefuse(await this.exports.export(caller, id, new Date(), address, history === 'whole'))
    response.attachment(`${title.replace(/[/:*?"<>|]/g, '-')}.lochmoor.json`)
    return streamed(pieces, 'application/json; charset=utf-8')
  }

  @Post('import')
  @ApiBody({ schema: jsonSchemaOf(JobFile) })
  @Answers({ 201: Imported, 400: Refusal, 413: Refusal, 429: Refusal })
  async import(@Who() caller: PersonCaller, @Req() request: Request, @From() address: string): Promise<Imported> {
    // However slowly it comes, others' files are read meanwhile.
    const take = () =>
      withUpload(request, MOST_JOB_FILE_BYTES, (path) =>
        this.all.take(() => this.exports.import(caller, path, address)),
      )
    return orRefuse(await this.own.take(take, caller.personId))
  }
}
