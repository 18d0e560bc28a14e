import { randomUUID } from 'node:crypto'
import type { FirstOwner, Preferences, SessionState } from '@lochmoor/contract'
import { err, ok, type Result } from '@lochmoor/core'
import { Inject, Injectable } from '@nestjs/common'
import { DataSource, LessThan, Not, type EntityManager } from 'typeorm'
import type { z } from 'zod'
import { DEMO_PEOPLE } from '../demo/demoPeople.ts'
import { AuditService } from './audit.service.ts'
import type { Caller, PersonCaller } from './caller.ts'
import { GuestLinkEntity } from './guestLink.entity.ts'
import { PersonEntity } from './person.entity.ts'
import { csrfOf, hashOfPassword, hashOfToken, newToken, passwordFits } from './secrets.ts'
import { SessionEntity } from './session.entity.ts'
import { WorkshopEntity } from './workshop.entity.ts'

export const SESSION_COOKIE = 'lochmoor'
/** Whether this server runs on demo data and lets people in by one click. */
export const DEMO_MODE = 'DEMO_MODE'

export const SESSION_DAYS = 30
const DAY_MS = 86_400_000
const THROTTLE_MS = 15 * 60_000
/** Failed sign-ins within a quarter of an hour after which an account, or a machine, has to wait. */
export const MOST_FAILURES = { byWho: 8, byAddress: 60 } as const

export type SignInError =
  | { readonly code: 'wrongPassword' }
  | { readonly code: 'wrongPresent' }
  | { readonly code: 'tooManyTries'; readonly retryAfterS: number }
  | { readonly code: 'claimed' }
  | { readonly code: 'linkExpired' }
  | { readonly code: 'noDemo' }

export interface Opened {
  readonly token: string
  readonly expiresAt: Date
}

const CLAIM_LOCK = 'lochmoor-claim'
const CLAIM_WAIT_S = 20
const NO_PREFERENCES: Preferences = { units: {}, theme: null, english: null }

/** Signing in and out. Sessions live in the store, so any server process knows them. */
@Injectable()
export class SessionsService {
  constructor(
    private readonly database: DataSource,
    private readonly audit: AuditService,
    @Inject(DEMO_MODE) private readonly demo: boolean,
  ) {}

  async callerOf(token: string): Promise<Caller | null> {
    const session = await this.database
      .getRepository(SessionEntity)
      .findOne({ where: { tokenHash: hashOfToken(token) }, relations: { person: true, guestLink: true } })
    if (!session || session.expiresAt <= new Date()) return null
    const { person, guestLink, workshopId } = session
    if (person)
      return person.active
        ? {
            kind: 'person',
            workshopId,
            personId: person.id,
            name: person.name,
            email: person.email,
            role: person.role,
            token,
          }
        : null
    return guestLink && guestLink.expiresAt > new Date()
      ? { kind: 'guest', workshopId, jobId: guestLink.jobId, expiresAt: guestLink.expiresAt, token }
      : null
  }

  async state(caller: Caller | undefined): Promise<SessionState> {
    if (!caller) {
      const claimed = await this.database.getRepository(PersonEntity).count({ take: 1 })
      return claimed > 0 ? { state: 'signed-out', demo: this.demo } : { state: 'needs-owner' }
    }
    const workshop = await this.database.getRepository(WorkshopEntity).findOneByOrFail({ id: caller.workshopId })
    const csrf = csrfOf(caller.token)
    if (caller.kind === 'guest')
      return {
        state: 'guest',
        role: 'guest',
        jobId: caller.jobId,
        workshop: workshop.name,
        csrf,
        expiresAt: caller.expiresAt.toISOString(),
      }
    const person = await this.database.getRepository(PersonEntity).findOneByOrFail({ id: caller.personId })
    const { personId, name, email, role } = caller
    return {
      state: 'signed-in',
      role,
      personId,
      name,
      email,
      workshop: workshop.name,
      csrf,
      demo: this.demo,
      // Kept before there were two Englishes, they name none.
      preferences: { ...NO_PREFERENCES, ...person.preferences },
    }
  }

  async signIn(email: string, password: string, address: string): Promise<Result<Opened, SignInError>> {
    const { byWho, byAddress } = await this.audit.failuresSince(new Date(Date.now() - THROTTLE_MS), email, address)
    if (byWho >= MOST_FAILURES.byWho || byAddress >= MOST_FAILURES.byAddress)
      return err({ code: 'tooManyTries', retryAfterS: THROTTLE_MS / 1000 })
    const person = await this.database.getRepository(PersonEntity).findOneBy({ email })
    const fits = await passwordFits(password, person?.active ? person.passwordHash : null)
    if (!person || !fits) {
      await this.audit.note({ workshopId: person?.workshopId ?? null, event: 'sign-in-failed', who: email, address })
      return err({ code: 'wrongPassword' })
    }
    await this.audit.note({ workshopId: person.workshopId, event: 'signed-in', who: email, address })
    return ok(await this.openFor(person))
  }

  /** One click, on demo data only. */
  async signInDemo(as: 'owner' | 'installer', address: string): Promise<Result<Opened, SignInError>> {
    const { id } = DEMO_PEOPLE.find((p) => p.role === as)!
    const person = this.demo ? await this.database.getRepository(PersonEntity).findOneBy({ id, active: true }) : null
    if (!person) return err({ code: 'noDemo' })
    const { workshopId, email } = person
    await this.audit.note({ workshopId, event: 'signed-in', who: email, about: 'with the demo button', address })
    return ok(await this.openFor(person))
  }

  /** The first start outside the demo: whoever stands at the machine becomes the owner, once. */
  async claim(first: z.infer<typeof FirstOwner>, address: string): Promise<Result<Opened, SignInError>> {
    const passwordHash = await hashOfPassword(first.password)
    const person = await this.oneAtATime((manager) => this.firstOwner(manager, first, passwordHash))
    if (!person) return err({ code: 'claimed' })
    await this.audit.note({ workshopId: person.workshopId, event: 'first-owner', who: person.email, address })
    return ok(await this.openFor(person))
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
    await this.audit.note({ workshopId, event: 'guest-opened', who: 'a guest', about: `job ${jobId}`, address })
    return ok({ jobId, opened: await this.open({ workshopId, guestLinkId: id, personId: null }, expiresAt) })
  }

  async signOut(caller: Caller, address: string): Promise<void> {
    await this.database.getRepository(SessionEntity).delete({ tokenHash: hashOfToken(caller.token) })
    if (caller.kind === 'person')
      await this.audit.note({ workshopId: caller.workshopId, event: 'signed-out', who: caller.email, address })
  }

  async signOutEverywhere(caller: PersonCaller, address: string): Promise<void> {
    await this.database.getRepository(SessionEntity).delete({ personId: caller.personId })
    await this.audit.note({ workshopId: caller.workshopId, event: 'signed-out-everywhere', who: caller.email, address })
  }

  /** Other sessions of the person end with the old password. */
  async changePassword(
    caller: PersonCaller,
    current: string,
    next: string,
    address: string,
  ): Promise<Result<null, SignInError>> {
    const people = this.database.getRepository(PersonEntity)
    const person = await people.findOneByOrFail({ id: caller.personId })
    if (!(await passwordFits(current, person.passwordHash))) return err({ code: 'wrongPresent' })
    await people.update({ id: person.id }, { passwordHash: await hashOfPassword(next) })
    await this.database
      .getRepository(SessionEntity)
      .delete({ personId: person.id, tokenHash: Not(hashOfToken(caller.token)) })
    await this.audit.note({ workshopId: caller.workshopId, event: 'password-changed', who: caller.email, address })
    return ok(null)
  }

  async keepPreferences(caller: PersonCaller, preferences: Preferences): Promise<void> {
    await this.database.getRepository(PersonEntity).update({ id: caller.personId }, { preferences })
  }

  async openFor(person: PersonEntity): Promise<Opened> {
    const expiresAt = new Date(Date.now() + SESSION_DAYS * DAY_MS)
    return this.open({ workshopId: person.workshopId, personId: person.id, guestLinkId: null }, expiresAt)
  }

  private async open(
    whose: Pick<SessionEntity, 'workshopId' | 'personId' | 'guestLinkId'>,
    expiresAt: Date,
  ): Promise<Opened> {
    const sessions = this.database.getRepository(SessionEntity)
    await sessions.delete({ expiresAt: LessThan(new Date()) })
    const token = newToken()
    await sessions.insert({ ...whose, tokenHash: hashOfToken(token), expiresAt })
    return { token, expiresAt }
  }
}
