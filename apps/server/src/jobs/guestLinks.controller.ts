import { Done, GuestLinkId, GuestLinkMade, GuestLinks, JobId, NewGuestLink, Refusal } from '@lochmoor/contract'
import { Body, Controller, Delete, Get, Param, Post } from '@nestjs/common'
import { ApiTags } from '@nestjs/swagger'
import type { z } from 'zod'
import { Answers } from '../http/answers.decorator.ts'
import { From, Who, type PersonCaller } from '../workshop/caller.ts'
import { GuestLinksService } from './guestLinks.service.ts'
import { orRefuseJob } from './jobs.controller.ts'

@ApiTags('jobs')
@Controller('jobs/:id/guest-links')
export class GuestLinksController {
  constructor(private readonly links: GuestLinksService) {}

  @Get()
  @Answers({ 200: GuestLinks, 404: Refusal })
  async list(@Who() { workshopId }: PersonCaller, @Param('id', { schema: JobId }) id: string): Promise<GuestLinks> {
    return orRefuseJob(await this.links.list(workshopId, id))
  }

  @Post()
  @Answers({ 201: GuestLinkMade, 400: Refusal, 404: Refusal })
  async make(
    @Who() caller: PersonCaller,
    @Param('id', { schema: JobId }) id: string,
    @Body({ schema: NewGuestLink }) body: z.infer<typeof NewGuestLink>,
    @From() address: string,
  ): Promise<GuestLinkMade> {
    return orRefuseJob(await this.links.make(caller, id, body.days, address))
  }

  @Delete(':linkId')
  @Answers({ 200: Done, 404: Refusal })
  async end(
    @Who() caller: PersonCaller,
    @Param('id', { schema: JobId }) id: string,
    @Param('linkId', { schema: GuestLinkId }) linkId: string,
    @From() address: string,
  ): Promise<z.infer<typeof Done>> {
    orRefuseJob(await this.links.end(caller, id, linkId, address))
    return { done: true }
  }
}
