import { Imported, JobFile, JobId, Refusal } from '@lochmoor/contract'
import type { Result } from '@lochmoor/core'
import { Body, Controller, Get, HttpException, Param, Post, Res } from '@nestjs/common'
import { ApiBody, ApiTags } from '@nestjs/swagger'
import type { Response } from 'express'
import { Answers, jsonSchemaOf } from '../http/answers.decorator.ts'
import { Who, type PersonCaller } from '../workshop/caller.ts'
import { ExportsService, type ExportError } from './exports.service.ts'

const orRefuse = <T>(result: Result<T, ExportError>): T => {
  if (result.ok) return result.value
  const { error } = result
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
  constructor(private readonly exports: ExportsService) {}

  @Get(':id/export')
  @Answers({ 200: JobFile, 404: Refusal })
  async export(
    @Who() { workshopId }: PersonCaller,
    @Param('id', { schema: JobId }) id: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<JobFile> {
    const file = orRefuse(await this.exports.export(workshopId, id, new Date()))
    response.attachment(`${file.sections.vehicle.title.replace(/[/:*?"<>|]/g, '-')}.lochmoor.json`)
    return file
  }

  @Post('import')
  @ApiBody({ schema: jsonSchemaOf(JobFile) })
  @Answers({ 201: Imported, 400: Refusal })
  async import(@Who() caller: PersonCaller, @Body() body: unknown): Promise<Imported> {
    return orRefuse(await this.exports.import(caller, body))
  }
}
