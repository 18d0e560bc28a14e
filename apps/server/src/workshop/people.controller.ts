import {
  AuditTrail,
  Colleagues,
  Done,
  Invitation,
  InvitationAccept,
  InvitationId,
  InvitationInfo,
  LinkToken,
  OpenInvitation,
  OpenInvitations,
  Mailbox,
  People,
  Person,
  PersonChange,
  PersonId,
  Refusal,
  WorkshopChange,
} from '@lochmoor/contract'
import type { Result } from '@lochmoor/core'
import { Body, Controller, Delete, Get, HttpException, Param, Patch, Post, Res } from '@nestjs/common'
import { ApiTags } from '@nestjs/swagger'
import type { Response } from 'express'
import type { z } from 'zod'
import { Answers } from '../http/answers.decorator.ts'
import { AuditService } from './audit.service.ts'
import { From, Open, OwnerOnly, Who, type PersonCaller } from './caller.ts'
import { PeopleService, type PeopleError } from './people.service.ts'
import { refusedPassword } from './passwords.ts'
import { sessionCookieOf, setSessionCookie } from './sessionCookie.ts'

const STATUS = {
  noSuchPerson: 404,
  lastOwner: 409,
  elsewhere: 409,
  noSuchInvitation: 410,
  removed: 409,
} satisfies Record<Exclude<PeopleError['code'], 'weakPassword'>, number>
const MESSAGE = {
  noSuchPerson: 'There is no person with this id here.',
  lastOwner: 'A workshop needs at least one owner who can sign in: make somebody else an owner first.',
  elsewhere: 'This address belongs to another workshop on this installation.',
  noSuchInvitation: 'This link has been used, has expired or was never valid. Ask the owner for a new one.',
  removed: 'This person was removed from the workshop: let them in again first, under People.',
} satisfies Record<Exclude<PeopleError['code'], 'weakPassword'>, string>

const orRefuse = <T>(result: Result<T, PeopleError>): T => {
  if (result.ok) return result.value
  const { error } = result
  if (error.code === 'weakPassword') throw refusedPassword('password', error.allowed)
  const { code } = error
  throw new HttpException({ message: MESSAGE[code], code }, STATUS[code])
}
const done = { done: true } as const
type Finished = z.infer<typeof Done>

@ApiTags('workshop')
@Controller('workshop')
export class PeopleController {
  constructor(
    private readonly people: PeopleService,
    private readonly audit: AuditService,
  ) {}

  /** Names for choosing who has a job. */
  @Get('colleagues')
  @Answers({ 200: Colleagues })
  colleagues(@Who() { workshopId }: PersonCaller): Promise<Colleagues> {
    return this.people.colleagues(workshopId)
  }

  @Get('people')
  @OwnerOnly()
  @Answers({ 200: People, 403: Refusal })
  all(@Who() { workshopId }: PersonCaller): Promise<Person[]> {
    return this.people.people(workshopId)
  }

  @Patch('people/:personId')
  @OwnerOnly()
  @Answers({ 200: Person, 403: Refusal, 404: Refusal, 409: Refusal })
  async change(
    @Who() caller: PersonCaller,
    @Param('personId', { schema: PersonId }) personId: string,
    @Body({ schema: PersonChange }) body: z.infer<typeof PersonChange>,
    @From() address: string,
  ): Promise<Person> {
    return orRefuse(await this.people.change(caller, personId, body, address))
  }

  @Patch()
  @OwnerOnly()
  @Answers({ 200: Done, 400: Refusal, 403: Refusal })
  async changeWorkshop(
    @Who() caller: PersonCaller,
    @Body({ schema: WorkshopChange }) body: WorkshopChange,
    @From() address: string,
  ): Promise<Finished> {
    await this.people.changeWorkshop(caller, body, address)
    return done
  }

  @Post('invitations')
  @OwnerOnly()
  @Answers({ 201: Done, 403: Refusal, 409: Refusal })
  async invite(
    @Who() caller: PersonCaller,
    @Body({ schema: Invitation }) body: z.infer<typeof Invitation>,
    @From() address: string,
  ): Promise<Finished> {
    orRefuse(await this.people.invite(caller, body, address))
    return done
  }

  /** Links that somebody may still follow. */
  @Get('invitations')
  @OwnerOnly()
  @Answers({ 200: OpenInvitations, 403: Refusal })
  openInvitations(@Who() { workshopId }: PersonCaller): Promise<OpenInvitation[]> {
    return this.people.openInvitations(workshopId)
  }

  @Delete('invitations/:invitationId')
  @OwnerOnly()
  @Answers({ 200: Done, 403: Refusal, 410: Refusal })
  async revoke(
    @Who() caller: PersonCaller,
    @Param('invitationId', { schema: InvitationId }) id: string,
    @From() address: string,
  ): Promise<Finished> {
    orRefuse(await this.people.revoke(caller, id, address))
    return done
  }

  /** A stand-in for a mail service: what would have been sent. */
  @Get('mailbox')
  @OwnerOnly()
  @Answers({ 200: Mailbox, 403: Refusal })
  mailbox(@Who() { workshopId }: PersonCaller): Promise<Mailbox> {
    return this.people.mailbox(workshopId)
  }

  @Get('audit')
  @OwnerOnly()
  @Answers({ 200: AuditTrail, 403: Refusal })
  trail(@Who() { workshopId }: PersonCaller): Promise<AuditTrail> {
    return this.audit.trail(workshopId)
  }
}

@ApiTags('workshop')
@Controller('invitations')
export class InvitationsController {
  constructor(private readonly people: PeopleService) {}

  @Get(':token')
  @Open()
  @Answers({ 200: InvitationInfo, 410: Refusal })
  async read(@Param('token', { schema: LinkToken }) token: string): Promise<InvitationInfo> {
    return orRefuse(await this.people.invitation(token))
  }

  @Post()
  @Open()
  @Answers({ 201: Done, 400: Refusal, 410: Refusal })
  async accept(
    @Body({ schema: InvitationAccept }) body: z.infer<typeof InvitationAccept>,
    @From() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<Finished> {
    const before = sessionCookieOf(response.req)
    setSessionCookie(response, orRefuse(await this.people.accept(body, address, before)))
    return done
  }
}
