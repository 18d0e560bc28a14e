import type { PersonRole, Preferences, SessionState } from '@lochmoor/contract'
import { Inject, Injectable } from '@nestjs/common'
import { DataSource, LessThan, Not, type EntityManager } from 'typeorm'
import type { Caller, PersonCaller } from './caller.ts'
import { PersonEntity } from './person.entity.ts'
import { PasskeyEntity, RecoveryCodeEntity } from './secondFactor.entity.ts'
import { csrfOf, hashOfToken, newToken } from './secrets.ts'
import { SessionEntity } from './session.entity.ts'

/** Whether this server runs on demo data and lets people in by one click. */
export const DEMO_MODE = 'DEMO_MODE'

export const SESSION_DAYS = 30
const DAY_MS = 86_400_000
const HOUR_MS = 3_600_000
/** How exactly it is known when a session was last used. */
const SEEN_MS = 60_000
/** So long somebody may take between password and second factor. */
export const HALFWAY_MS = 10 * 60_000

export interface Opened {
  readonly token: string
  readonly expiresAt: Date
}

export const NO_PREFERENCES: Preferences = { units: {}, theme: null, english: null }

/** A session with whose it is, as one row. */
type WhoAsks = {
  readonly workshopId: string
  readonly expiresAt: Date
  readonly seenAt: Date
  readonly halfway: number
  readonly idleH: number
  readonly secondFactor: number
} & (
  | {
      readonly personId: string
      readonly name: string
      readonly email: string
      readonly role: PersonRole
      readonly active: number
      readonly hasTotp: number
    }
  | { readonly personId: null; readonly jobId: string | null; readonly linkExpiresAt: Date }
)
const IDLE_COLUMN = 'idle_hours'
const WHO_ASKS = `select s.workshop_id as workshopId, s.expires_at as expiresAt, s.seen_at as seenAt, s.halfway,
    w.${IDLE_COLUMN} as idleH, w.second_factor as secondFactor,
    p.id as personId, p.name, p.email, p.role, p.active, p.totp_secret is not null as hasTotp,
    g.job_id as jobId, g.expires_at as linkExpiresAt
  from session s join workshop w on w.id = s.workshop_id
    left join person p on p.id = s.person_id left join guest_link g on g.id = s.guest_link_id
  where s.token_hash = ?`

/** Sessions live in the store, so any server process knows them. */
@Injectable()
export class SessionsService {
  constructor(
    private readonly database: DataSource,
    @Inject(DEMO_MODE) readonly demo: boolean,
  ) {}

  /** The session of a token, if it has neither run out nor rested too long. */
  private async sessionOf(token: string): Promise<SessionEntity | null> {
    const session = await this.database.getRepository(SessionEntity).findOne({
      where: { tokenHash: hashOfToken(token) },
      relations: { person: true, guestLink: true, workshop: true },
    })
    const now = Date.now()
    if (!session || session.expiresAt.getTime() <= now) return null
    const restedMs = now - session.seenAt.getTime()
    if (session.personId !== null && restedMs > session.workshop.idleHours * HOUR_MS) return null
    if (restedMs > SEEN_MS)
      await this.database
        .getRepository(SessionEntity)
        .update({ tokenHash: session.tokenHash }, { seenAt: new Date(now) })
    return session
  }

  /** Who a token belongs to: asked at every request, so one plain query. */
  async callerOf(token: string): Promise<Caller | null> {
    const tokenHash = hashOfToken(token)
    const [row] = await this.database.query<WhoAsks[]>(WHO_ASKS, [tokenHash])
    const now = Date.now()
    if (!row || row.halfway || row.expiresAt.getTime() <= now) return null
    const restedMs = now - row.seenAt.getTime()
    if (row.personId !== null && restedMs > row.idleH * HOUR_MS) return null
    if (restedMs > SEEN_MS)
      await this.database.getRepository(SessionEntity).update({ tokenHash }, { seenAt: new Date(now) })
    const { workshopId } = row
    if (row.personId !== null) {
      if (!row.active) return null
      const { email, name, personId, role } = row
      const wanting = row.secondFactor && !row.hasTotp && !(await this.hasPasskey(personId))
      const wants = wanting ? 'second-factor' : null
      return { kind: 'person', workshopId, personId, name, email, role, wants, token }
    }
    const { jobId, linkExpiresAt } = row
    return jobId !== null && linkExpiresAt.getTime() > now
      ? { kind: 'guest', workshopId, jobId, expiresAt: linkExpiresAt, token }
      : null
  }

  /** Who has said the password and not yet the second factor. */
  async halfwayOf(token: string | null): Promise<(SessionEntity & { person: PersonEntity }) | null> {
    const session = token === null ? null : await this.sessionOf(token)
    return session?.halfway && session.person?.active ? { ...session, person: session.person } : null
  }

  async hasSecondFactor(person: PersonEntity): Promise<boolean> {
    return person.totpSecret !== null || (await this.hasPasskey(person.id))
  }

  private hasPasskey(personId: string): Promise<boolean> {
    return this.database.getRepository(PasskeyEntity).existsBy({ personId })
  }

  async state(caller: Caller | undefined, token: string | null): Promise<SessionState> {
    if (!caller) return this.stateOfNobody(token)
    const csrf = csrfOf(caller.token)
    const session = await this.database
      .getRepository(SessionEntity)
      .findOneOrFail({ where: { tokenHash: hashOfToken(caller.token) }, relations: { workshop: true, person: true } })
    const { workshop } = session
    if (caller.kind === 'guest')
      return {
        state: 'guest',
        role: 'guest',
        jobId: caller.jobId,
        workshop: workshop.name,
        csrf,
        expiresAt: caller.expiresAt.toISOString(),
      }
    const person = session.person!
    const { personId, name, email, role } = caller
    const [passkeys, recoveryCodes] = await Promise.all([
      this.database.getRepository(PasskeyEntity).find({ where: { personId }, order: { name: 'ASC', id: 'ASC' } }),
      this.database.getRepository(RecoveryCodeEntity).countBy({ personId }),
    ])
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
      secondFactor: {
        totp: person.totpSecret !== null,
        passkeys: passkeys.map(({ id, name: called }) => ({ id, name: called })),
        recoveryCodes,
        wanting: caller.wants === 'second-factor',
      },
      settings: { idleHours: workshop.idleHours, secondFactor: workshop.secondFactor },
    }
  }

  private async stateOfNobody(token: string | null): Promise<SessionState> {
    const halfway = await this.halfwayOf(token)
    if (halfway) {
      const { person } = halfway
      const passkeys = await this.database.getRepository(PasskeyEntity).countBy({ personId: person.id })
      return { state: 'second-factor', totp: person.totpSecret !== null, passkey: passkeys > 0 }
    }
    const claimed = await this.database.getRepository(PersonEntity).count({ take: 1 })
    return claimed > 0 ? { state: 'signed-out', demo: this.demo } : { state: 'needs-owner' }
  }

  async keepPreferences(caller: PersonCaller, preferences: Preferences): Promise<void> {
    await this.database.getRepository(PersonEntity).update({ id: caller.personId }, { preferences })
  }

  /** A session of a person with a token of its own; halfway where a second factor is still to come. */
  openFor(person: PersonEntity, halfway = false): Promise<Opened> {
    const forMs = halfway ? HALFWAY_MS : SESSION_DAYS * DAY_MS
    return this.open(
      { workshopId: person.workshopId, personId: person.id, guestLinkId: null, halfway },
      new Date(Date.now() + forMs),
    )
  }

  async open(
    whose: Pick<SessionEntity, 'workshopId' | 'personId' | 'guestLinkId' | 'halfway'>,
    expiresAt: Date,
  ): Promise<Opened> {
    const sessions = this.database.getRepository(SessionEntity)
    await sessions.delete({ expiresAt: LessThan(new Date()) })
    const token = newToken()
    await sessions.insert({ ...whose, tokenHash: hashOfToken(token), expiresAt, seenAt: new Date(), challenge: null })
    return { token, expiresAt }
  }

  /** Ends the session of a token; what was no session ends as well. */
  async end(token: string | null): Promise<void> {
    if (token !== null) await this.database.getRepository(SessionEntity).delete({ tokenHash: hashOfToken(token) })
  }

  /** Ends all of a person's sessions, but for one. */
  async endAllOf(
    personId: string,
    but: string | null = null,
    manager: EntityManager = this.database.manager,
  ): Promise<void> {
    await manager.delete(SessionEntity, {
      personId,
      ...(but !== null && { tokenHash: Not(hashOfToken(but)) }),
    })
  }
}
