import {
  FuelSectionSchema,
  JobList,
  JobResponse,
  NewJob,
  Refusal,
  SectionSaved,
  sectionWrite,
  VehicleSectionSchema,
} from '@lochmoor/contract'
import type { Result } from '@lochmoor/core'
import { Body, Controller, Get, HttpException, Param, Post, Put } from '@nestjs/common'
import { ApiTags } from '@nestjs/swagger'
import { z } from 'zod'
import { Answers } from '../http/answers.decorator.ts'
import { JobsService, type JobError } from './jobs.service.ts'

const STATUS = { noSuchJob: 404, stale: 409 } satisfies Record<JobError['code'], number>
const MESSAGE = {
  noSuchJob: 'There is no job of this id here.',
  stale: 'Somebody else changed this section meanwhile; nothing was overwritten.',
} satisfies Record<JobError['code'], string>

const orRefuse = <T>(result: Result<T, JobError>): T => {
  if (result.ok) return result.value
  const { code } = result.error
  throw new HttpException({ message: MESSAGE[code], ...result.error }, STATUS[code])
}

const JobId = z.uuid({ error: 'allowed: the id of a job, a UUID' })
const VehicleWrite = sectionWrite(VehicleSectionSchema)
const FuelWrite = sectionWrite(FuelSectionSchema)

@ApiTags('jobs')
@Controller('jobs')
export class JobsController {
  constructor(private readonly jobs: JobsService) {}

  @Get()
  @Answers({ 200: JobList })
  list(): Promise<JobList> {
    return this.jobs.list()
  }

  @Post()
  @Answers({ 201: JobResponse, 400: Refusal })
  create(@Body({ schema: NewJob }) body: z.infer<typeof NewJob>): Promise<JobResponse> {
    return this.jobs.create(body.title)
  }

  @Get(':id')
  @Answers({ 200: JobResponse, 404: Refusal })
  async open(@Param('id', { schema: JobId }) id: string): Promise<JobResponse> {
    return orRefuse(await this.jobs.open(id))
  }

  @Put(':id/sections/vehicle')
  @Answers({ 200: SectionSaved, 400: Refusal, 404: Refusal, 409: Refusal })
  async writeVehicle(
    @Param('id', { schema: JobId }) id: string,
    @Body({ schema: VehicleWrite }) body: z.infer<typeof VehicleWrite>,
  ): Promise<SectionSaved> {
    return orRefuse(await this.jobs.write(id, 'vehicle', body.baseVersion, body.value))
  }

  @Put(':id/sections/fuel')
  @Answers({ 200: SectionSaved, 400: Refusal, 404: Refusal, 409: Refusal })
  async writeFuel(
    @Param('id', { schema: JobId }) id: string,
    @Body({ schema: FuelWrite }) body: z.infer<typeof FuelWrite>,
  ): Promise<SectionSaved> {
    return orRefuse(await this.jobs.write(id, 'fuel', body.baseVersion, body.value))
  }
}
