import { randomUUID } from 'node:crypto'
import type {
  Colleagues,
  Invitation,
  InvitationAccept,
  InvitationInfo,
  Mailbox,
  OpenInvitation,
  Person,
  PersonChange,
  WorkshopChange,
} from '@lochmoor/contract'
import { err, ok, type Result } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { DataSource, IsNull, MoreThan } from 'typeorm'
import type { z } from 'zod'
import { AuditService, type AuditEvent } from './audit.service.ts'
import type { PersonCaller } from './caller.ts'
import { GuestLinkEntity } from './guestLink.entity.ts'
import { InvitationEntity, LetterEntity } from './invitation.entity.ts'
import { weakPassword } from './passwords.ts'
import { PersonEntity } from './person.entity.ts'
import { hashOfPassword, hashOfToken, newToken } from './secrets.ts'
import { SecondFactorService } from './secondFactor.service.ts'
import { NO_PREFERENCES, SessionsService, type Opened } from './sessions.service.ts'
import { WorkshopEntity } from './workshop.entity.ts'

export type PeopleError =
  | { readonly code: 'noSuchPerson' }
  | { readonly code: 'lastOwner' }
  | { readonly code: 'elsewhere' }
  | { readonly code: 'noSuchInvitation' }
  | { readonly code: 'removed' }
  | { readonly code: 'weakPassword'; readonly allowed: string }

const INVITATION_DAYS = 7
const DAY_MS = 86_400_000
const MAILBOX_SAYS =
  'This is a stand-in: no mail leaves this machine. It shows what would have been sent; pass the link on yourself.'

/** The people of a workshop. Every query names the workshop. */
@Injectable()
export class PeopleService {
  constructor(
    private readonly database: DataSource,
    private readonly audit: AuditService,
    private readonly sessions: SessionsService,
    private readonly factors: SecondFactorService,
  ) {}

  async people(workshopId: string): Promise<Person[]> {
    const rows = await this.database.getRepository(PersonEntity).find({ where: { workshopId }, order: { name: 'ASC' } })
    const withKey = await this.factors.holders(rows.map((r) => r.id))
    return rows.map(({ id, name, email, role, active, totpSecret }) => ({
      id,
      name,
      email,
      role,
      active,
      secondFactor: totpSecret !== null || withKey.has(id),
    }))
  }

  async colleagues(workshopId: string): Promise<Colleagues> {
    return (await this.people(workshopId)).map(({ id, name, active }) => ({ id, name, active }))
  }

  /** Name and locks of the workshop. */
  async changeWorkshop({ email, workshopId }: PersonCaller, change: WorkshopChange, address: string): Promise<void> {
    if (Object.keys(change).length === 0) return
    await this.database.getRepository(WorkshopEntity).update({ id: workshopId }, change)
    const about = Object.entries(change)
      .map(([what, to]) => `${what}: ${to}`)
      .join(', ')
    await this.audit.note({ workshopId, event: 'workshop-changed', who: email, about, address })
  }

  /**
   * Role, or whether somebody may still sign in. The last owner who can cannot be taken away. Whoever is removed takes
   * along every way in: sessions, links to a password, and the guest links they made.
   */
  async change(
    caller: PersonCaller,
    personId: string,
    change: z.infer<typeof PersonChange>,
    address: string,
  ): Promise<Result<Person, PeopleError>> {
    const { workshopId } = caller
    type Changed = Result<{ person: Person; events: [boolean, AuditEvent, string][] }, PeopleError>
    const changed = await this.database.transaction(async (manager): Promise<Changed> => {
      const owners = await manager.find(PersonEntity, {
        where: { workshopId, role: 'owner', active: true },
        lock: { mode: 'pessimistic_write' },
      })
      const person = await manager.findOne(PersonEntity, {
        where: { workshopId, id: personId },
        lock: { mode: 'pessimistic_write' },
      })
      if (!person) return err({ code: 'noSuchPerson' })
      const next = { role: change.role ?? person.role, active: change.active ?? person.active }
      const isLast = owners.length === 1 && owners[0]?.id === personId
      if (isLast && (next.role !== 'owner' || !next.active)) return err({ code: 'lastOwner' })
      await manager.update(PersonEntity, { workshopId, id: personId }, next)
      // Who gains rights signs in for them anew; who loses them has none left open.
      if (!next.active || next.role !== person.role) await this.sessions.endAllOf(personId, null, manager)
      if (!next.active) {
        await manager.delete(InvitationEntity, { workshopId, email: person.email })
        await manager.delete(GuestLinkEntity, [
          { workshopId, createdById: personId },
          { workshopId, createdById: IsNull(), createdBy: person.name },
        ])
      }
      const events: [boolean, AuditEvent, string][] = [
        [next.role !== person.role, 'role-changed', `${person.email}: ${person.role} to ${next.role}`],
        [next.active !== person.active, next.active ? 'activated' : 'deactivated', person.email],
      ]
      const keeps = change.secondFactor !== 'reset' && (await this.sessions.hasSecondFactor(person))
      const { email, id, name } = person
      return ok({ person: { id, name, email, ...next, secondFactor: keeps }, events })
    })
    if (!changed.ok) return changed
    const { events, person } = changed.value
    if (change.secondFactor === 'reset') {
      await this.factors.resetOf(personId)
      events.push([true, 'second-factor-reset', person.email])
    }
    for (const [happened, event, about] of events)
      if (happened) await this.audit.note({ workshopId, event, who: caller.email, about, address })
    return ok(person)
  }

  /** Writes the one-time link into the stand-in mailbox. For somebody known here it sets a new password. */
  async invite(
    caller: PersonCaller,
    { email, role }: z.infer<typeof Invitation>,
    address: string,
  ): Promise<Result<null, PeopleError>> {
    const { workshopId } = caller
    const known = await this.database.getRepository(PersonEntity).findOneBy({ email })
    if (known && known.workshopId !== workshopId) return err({ code: 'elsewhere' })
    if (known && !known.active) return err({ code: 'removed' })
    const workshop = await this.database.getRepository(WorkshopEntity).findOneByOrFail({ id: workshopId })
    const token = newToken()
    const link = `/invitation/${token}`
    await this.database.transaction(async (manager) => {
      // The newest link is the only one.
      await manager.delete(InvitationEntity, { workshopId, email })
      await manager.insert(InvitationEntity, {
        id: randomUUID(),
        workshopId,
        email,
        role: known?.role ?? role,
        tokenHash: hashOfToken(token),
        createdAt: new Date(),
        expiresAt: new Date(Date.now() + INVITATION_DAYS * DAY_MS),
        usedAt: null,
      })
      await manager.insert(LetterEntity, {
        workshopId,
        recipient: email,
        subject: known ? `A new password at ${workshop.name}` : `${caller.name} asks you to ${workshop.name}`,
        body: known
          ? `Hello ${known.name},\n\nwith this link you set a new password. It works once, for ${INVITATION_DAYS} days.`
          : `Hello,\n\n${caller.name} would like to work with you at ${workshop.name}. Use this link to choose a name and a password. It works once, within ${INVITATION_DAYS} days.`,
        link,
        at: new Date(),
      })
    })
    await this.audit.note({
      workshopId,
      event: 'invited',
      who: caller.email,
      about: `${email} as ${known?.role ?? role}`,
      address,
    })
    return ok(null)
  }

  /** Links that somebody may still follow. */
  async openInvitations(workshopId: string): Promise<OpenInvitation[]> {
    const rows = await this.database.getRepository(InvitationEntity).find({
      where: { workshopId, usedAt: IsNull(), expiresAt: MoreThan(new Date()) },
      order: { createdAt: 'DESC', id: 'ASC' },
    })
    return rows.map(({ id, email, role, createdAt, expiresAt }) => ({
      id,
      email,
      role,
      createdAt: createdAt.toISOString(),
      expiresAt: expiresAt.toISOString(),
    }))
  }

  async revoke(
    { email: who, workshopId }: PersonCaller,
    id: string,
    address: string,
  ): Promise<Result<null, PeopleError>> {
    const invitations = this.database.getRepository(InvitationEntity)
    const invitation = await invitations.findOneBy({ workshopId, id, usedAt: IsNull() })
    const { affected } = await invitations.delete({ workshopId, id, usedAt: IsNull() })
    if (!invitation || affected !== 1) return err({ code: 'noSuchInvitation' })
    await this.audit.note({ workshopId, event: 'invitation-revoked', who, about: invitation.email, address })
    return ok(null)
  }

  async mailbox(workshopId: string): Promise<Mailbox> {
    const rows = await this.database
      .getRepository(LetterEntity)
      .find({ where: { workshopId }, order: { id: 'DESC' }, take: 100 })
    return {
      standIn: true,
      says: MAILBOX_SAYS,
      letters: rows.map(({ id, recipient, subject, body, link, at }) => ({
        id,
        to: recipient,
        subject,
        body,
        link,
        at: at.toISOString(),
      })),
    }
  }

  private openInvitation(token: string): Promise<InvitationEntity | null> {
    return this.database
      .getRepository(InvitationEntity)
      .findOneBy({ tokenHash: hashOfToken(token), usedAt: IsNull(), expiresAt: MoreThan(new Date()) })
  }

  async invitation(token: string): Promise<Result<InvitationInfo, PeopleError>> {
    const invitation = await this.openInvitation(token)
    if (!invitation) return err({ code: 'noSuchInvitation' })
    const { email, workshopId } = invitation
    const [workshop, known] = await Promise.all([
      this.database.getRepository(WorkshopEntity).findOneByOrFail({ id: workshopId }),
      this.database.getRepository(PersonEntity).existsBy({ email }),
    ])
    return ok({ email, workshop: workshop.name, known })
  }

  /** Whoever follows the link signs in; a session that was open in that browser, anybody's, ends. */
  async accept(
    { name, password, token }: z.infer<typeof InvitationAccept>,
    address: string,
    before: string | null,
  ): Promise<Result<Opened, PeopleError>> {
    const open = await this.openInvitation(token)
    if (!open) return err({ code: 'noSuchInvitation' })
    const weak = weakPassword(password, { name, email: open.email })
    if (weak) return err({ code: 'weakPassword', allowed: weak })
    const passwordHash = await hashOfPassword(password)
    const person = await this.database.transaction(async (manager): Promise<PersonEntity | null> => {
      const used = await manager.update(
        InvitationEntity,
        { tokenHash: hashOfToken(token), usedAt: IsNull(), expiresAt: MoreThan(new Date()) },
        { usedAt: new Date() },
      )
      if (used.affected !== 1) return null
      const { email, role, workshopId } = await manager.findOneByOrFail(InvitationEntity, {
        tokenHash: hashOfToken(token),
      })
      const known = await manager.findOne(PersonEntity, { where: { email }, lock: { mode: 'pessimistic_write' } })
      // A link lets nobody back in who was removed, nor does it speak for another workshop.
      if (known && (known.workshopId !== workshopId || !known.active)) return null
      if (known) await this.sessions.endAllOf(known.id, null, manager)
      return manager.save(PersonEntity, {
        id: known?.id ?? randomUUID(),
        workshopId,
        email,
        name,
        role: known?.role ?? role,
        active: true,
        passwordHash,
        totpSecret: known?.totpSecret ?? null,
        totpStep: known?.totpStep ?? null,
        preferences: known?.preferences ?? NO_PREFERENCES,
      })
    })
    if (!person) return err({ code: 'noSuchInvitation' })
    const { workshopId, email } = person
    await this.audit.note({ workshopId, event: 'invitation-accepted', who: email, address })
    await this.sessions.end(before)
    return ok(await this.sessions.openFor(person, await this.sessions.hasSecondFactor(person)))
  }
}
