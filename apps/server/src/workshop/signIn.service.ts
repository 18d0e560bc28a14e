import { randomUUID } from 'node:crypto'
import type { FirstOwner } from '@lochmoor/contract'
import { err, ok, type Result } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import { DataSource, type EntityManager } from 'typeorm'
import type { z } from 'zod'
import { DEMO_PEOPLE } from '../demo/demoPeople.ts'
import { AttemptsService, type TooMany } from './attempts.service.ts'
import { AuditService } from './audit.service.ts'
import type { Caller, PersonCaller } from './caller.ts'
import { GuestLinkEntity } from './guestLink.entity.ts'
import { InvitationEntity } from './invitation.entity.ts'
import { weakPassword } from './passwords.ts'
import { PersonEntity } from './person.entity.ts'
import { hashOfPassword, hashOfToken, passwordFits } from './secrets.ts'
import { NO_PREFERENCES, SessionsService, type Opened } from './sessions.service.ts'
import { WorkshopEntity } from './workshop.entity.ts'

export type SignInError =
  | { readonly code: 'wrongPassword' }
  | { readonly code: 'wrongPresent' }
  | { readonly code: 'weakPassword'; readonly field: string; readonly allowed: string }
  | { readonly code: 'wrongCode' }
  | { readonly code: 'noSecondFactor' }
  | { readonly code: 'claimed' }
  | { readonly code: 'linkExpired' }
  | { readonly code: 'noDemo' }
  | TooMany

const CLAIM_LOCK = 'lochmoor-claim'
const CLAIM_WAIT_S = 20

/** Signing in and out, by every way there is. Each opens a session of its own and ends the one that was there. */
@Injectable()
export class SignInService {
  constructor(
    private readonly database: DataSource,
    private readonly audit: AuditService,
    private readonly attempts: AttemptsService,
    private readonly sessions: SessionsService,
  ) {}

  /** The password is right: in, or halfway where the person has a second factor. */
  async signIn(
    email: string,
    password: string,
    address: string,
    before: string | null,
  ): Promise<Result<Opened, SignInError>> {
    const known = await this.audit.hasSignedInFrom(email, address)
    const attempt = await this.attempts.reserve(`sign-in ${email}`, address, known)
    if (!attempt.ok) return attempt
    const person = await this.database.getRepository(PersonEntity).findOneBy({ email })
    const fits = await passwordFits(password, person?.active ? person.passwordHash : null)
    if (!person || !fits) {
      await this.audit.note({ workshopId: person?.workshopId ?? null, event: 'sign-in-failed', who: email, address })
      return err({ code: 'wrongPassword' })
    }
    await attempt.value.right()
    await this.attempts.tidy()
    await this.sessions.end(before)
    const halfway = await this.sessions.hasSecondFactor(person)
    if (!halfway) await this.audit.note({ workshopId: person.workshopId, event: 'signed-in', who: email, address })
    return ok(await this.sessions.openFor(person, halfway))
  }

  /** One click, on demo data only. */
  async signInDemo(
    as: 'owner' | 'installer',
    address: string,
    before: string | null,
  ): Promise<Result<Opened, SignInError>> {
    const { id } = DEMO_PEOPLE.find((p) => p.role === as)!
    const person = this.sessions.demo
      ? await this.database.getRepository(PersonEntity).findOneBy({ id, active: true })
      : null
    if (!person) return err({ code: 'noDemo' })
    const { workshopId, email } = person
    await this.sessions.end(before)
    await this.audit.note({ workshopId, event: 'signed-in', who: email, about: 'with the demo button', address })
    return ok(await this.sessions.openFor(person))
  }

  /** The first start outside the demo: whoever stands at the machine becomes the owner, once. */
  async claim(first: z.infer<typeof FirstOwner>, address: string): Promise<Result<Opened, SignInError>> {
    if (await this.database.getRepository(PersonEntity).exists()) return err({ code: 'claimed' })
    const weak = weakPassword(first.password, first)
    if (weak) return err({ code: 'weakPassword', field: 'password', allowed: weak })
    const passwordHash = await hashOfPassword(first.password)
    const person = await this.oneAtATime((manager) => this.firstOwner(manager, first, passwordHash))
    if (!person) return err({ code: 'claimed' })
    await this.audit.note({ workshopId: person.workshopId, event: 'first-owner', who: person.email, address })
    return ok(await this.sessions.openFor(person))
  }

  private async firstOwner(
    manager: EntityManager,
    first: z.infer<typeof FirstOwner>,
    passwordHash: string,
  ): Promise<PersonEntity | null> {
    if ((await manager.count(PersonEntity)) > 0) return null
    const [known] = await manager.find(WorkshopEntity, { take: 1 })
    const workshopId = known?.id ?? randomUUID()
    await manager.save(WorkshopEntity, { id: workshopId, name: first.workshop })
    return manager.save(PersonEntity, {
      id: randomUUID(),
      workshopId,
      email: first.email,
      name: first.name,
      role: 'owner',
      active: true,
      passwordHash,
      totpSecret: null,
      totpStep: null,
      preferences: NO_PREFERENCES,
    })
  }

  /** There is no row yet that could be locked, so the claim has a lock of the store's own; held over the commit. */
  private async oneAtATime<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    const runner = this.database.createQueryRunner()
    try {
      await runner.query('select get_lock(?, ?)', [CLAIM_LOCK, CLAIM_WAIT_S])
      return await runner.manager.transaction(work)
    } finally {
      await runner.query('select release_lock(?)', [CLAIM_LOCK])
      await runner.release()
    }
  }

  /** Follows a guest link. A person of the same workshop stays who they are. */
  async followGuestLink(
    token: string,
    caller: Caller | undefined,
    address: string,
  ): Promise<Result<{ readonly jobId: string; readonly opened: Opened | null }, SignInError>> {
    const link = await this.database.getRepository(GuestLinkEntity).findOneBy({ tokenHash: hashOfToken(token) })
    if (!link || link.expiresAt <= new Date()) return err({ code: 'linkExpired' })
    const { jobId, workshopId, id, expiresAt } = link
    if (caller?.kind === 'person' && caller.workshopId === workshopId) return ok({ jobId, opened: null })
    await this.sessions.end(caller?.token ?? null)
    await this.audit.note({ workshopId, event: 'guest-opened', who: 'a guest', about: `job ${jobId}`, address })
    const whose = { workshopId, guestLinkId: id, personId: null, halfway: false }
    return ok({ jobId, opened: await this.sessions.open(whose, expiresAt) })
  }

  async signOut(caller: Caller | undefined, token: string | null, address: string): Promise<void> {
    await this.sessions.end(token)
    if (caller?.kind === 'person')
      await this.audit.note({ workshopId: caller.workshopId, event: 'signed-out', who: caller.email, address })
  }

  async signOutEverywhere(caller: PersonCaller, address: string): Promise<void> {
    await this.sessions.endAllOf(caller.personId)
    await this.audit.note({ workshopId: caller.workshopId, event: 'signed-out-everywhere', who: caller.email, address })
  }

  /** Whether somebody who is signed in knows their own password: asked, and slowed, like at the sign-in. */
  async knowsPassword(
    caller: PersonCaller,
    password: string,
    address: string,
  ): Promise<Result<PersonEntity, SignInError>> {
    const attempt = await this.attempts.reserve(`password of ${caller.personId}`, address, false)
    if (!attempt.ok) return attempt
    const person = await this.database.getRepository(PersonEntity).findOneByOrFail({ id: caller.personId })
    if (!(await passwordFits(password, person.passwordHash))) {
      await this.audit.note({ workshopId: caller.workshopId, event: 'password-wrong', who: caller.email, address })
      return err({ code: 'wrongPresent' })
    }
    await attempt.value.right()
    return ok(person)
  }

  /** Every session of the person ends with the old password, and every link that could set another; this browser gets a new one. */
  async changePassword(
    caller: PersonCaller,
    current: string,
    next: string,
    address: string,
  ): Promise<Result<Opened, SignInError>> {
    const known = await this.knowsPassword(caller, current, address)
    if (!known.ok) return known
    const person = known.value
    const weak = weakPassword(next, person)
    if (weak) return err({ code: 'weakPassword', field: 'next', allowed: weak })
    const passwordHash = await hashOfPassword(next)
    await this.database.transaction(async (manager) => {
      await manager.update(PersonEntity, { id: person.id }, { passwordHash })
      await manager.delete(InvitationEntity, { workshopId: person.workshopId, email: person.email })
      await this.sessions.endAllOf(person.id, null, manager)
    })
    await this.audit.note({ workshopId: caller.workshopId, event: 'password-changed', who: caller.email, address })
    return ok(await this.sessions.openFor(person))
  }
}
