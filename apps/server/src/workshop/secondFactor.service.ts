import { randomInt } from 'node:crypto'
import { err, ok, type Result } from '@lochmoor/core'
import { Injectable } from '@nestjs/common'
import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
  type AuthenticationResponseJSON,
  type PublicKeyCredentialCreationOptionsJSON,
  type PublicKeyCredentialRequestOptionsJSON,
  type RegistrationResponseJSON,
} from '@simplewebauthn/server'
import { Secret, TOTP } from 'otpauth'
import QRCode from 'qrcode'
import { DataSource, In } from 'typeorm'
import { AttemptsService } from './attempts.service.ts'
import { AuditService } from './audit.service.ts'
import type { PersonCaller } from './caller.ts'
import { PersonEntity } from './person.entity.ts'
import { PasskeyEntity, RecoveryCodeEntity } from './secondFactor.entity.ts'
import { hashOfToken } from './secrets.ts'
import { SessionEntity } from './session.entity.ts'
import { SessionsService, type Opened } from './sessions.service.ts'
import { SignInService, type SignInError } from './signIn.service.ts'

const PERIOD_S = 30
const RECOVERY_CODES = 10
/** Without letters and figures that are taken for each other. */
const ALPHABET = 'abcdefghjkmnpqrstuvwxyz23456789'

/** Where the page is served: passkeys belong to it. */
export interface Site {
  readonly host: string
  readonly origin: string
}
export interface NewTotp {
  readonly secret: string
  readonly qrSvg: string
}
export interface Confirmed {
  readonly opened: Opened
  /** Told once. */
  readonly recoveryCodes: readonly string[]
}

const totpOf = (secret: string, label: string): TOTP =>
  new TOTP({
    issuer: 'Lochmoor',
    label,
    algorithm: 'SHA1',
    digits: 6,
    period: PERIOD_S,
    secret: Secret.fromBase32(secret),
  })

/** What a key has to have signed. */
const expected = ({ host, origin }: Site, expectedChallenge: string) => ({
  expectedChallenge,
  expectedOrigin: origin,
  expectedRPID: host,
  requireUserVerification: false,
})
/** What the package made of a key's answer; null where it threw, as it does for everything that is not as it was asked for. */
const answered = <T>(verified: Promise<T>): Promise<T | null> => verified.catch(() => null)

const newRecoveryCode = (): string => {
  const group = () => Array.from({ length: 5 }, () => ALPHABET[randomInt(ALPHABET.length)]).join('')
  return `${group()}-${group()}`
}
const hashOfCode = (code: string): string => hashOfToken(`recovery ${code.trim().toLowerCase()}`)

/** What stands beside the password: an authenticator's codes (RFC 6238), passkeys, and codes on paper for the day both are lost. */
@Injectable()
export class SecondFactorService {
  constructor(
    private readonly database: DataSource,
    private readonly audit: AuditService,
    private readonly attempts: AttemptsService,
    private readonly sessions: SessionsService,
    private readonly signIn: SignInService,
  ) {}

  /** A secret to be read into an authenticator; nothing changes until a code of it is given. */
  async newTotp(caller: PersonCaller): Promise<NewTotp> {
    const secret = new Secret({ size: 20 }).base32
    const qrSvg = await QRCode.toString(totpOf(secret, caller.email).toString(), { type: 'svg', margin: 1 })
    return { secret, qrSvg }
  }

  async confirmTotp(
    caller: PersonCaller,
    password: string,
    secret: string,
    code: string,
    address: string,
  ): Promise<Result<Confirmed, SignInError>> {
    const known = await this.signIn.knowsPassword(caller, password, address)
    if (!known.ok) return known
    const step = this.stepOf(secret, code)
    if (step === null) return err({ code: 'wrongCode' })
    await this.database
      .getRepository(PersonEntity)
      .update({ id: caller.personId }, { totpSecret: secret, totpStep: String(step) })
    await this.note(caller, 'second-factor-set', 'authenticator', address)
    return ok(await this.confirmed(caller, known.value))
  }

  /** Takes authenticator, passkeys and codes away; where the workshop asks for a second factor it cannot be left without. */
  async remove(caller: PersonCaller, password: string, address: string): Promise<Result<Opened, SignInError>> {
    const known = await this.signIn.knowsPassword(caller, password, address)
    if (!known.ok) return known
    await this.resetOf(caller.personId)
    await this.note(caller, 'second-factor-removed', '', address)
    await this.sessions.endAllOf(caller.personId)
    return ok(await this.sessions.openFor(known.value))
  }

  /** Those of some people who have a passkey. */
  async holders(personIds: readonly string[]): Promise<ReadonlySet<string>> {
    const rows = await this.database
      .getRepository(PasskeyEntity)
      .find({ where: { personId: In(personIds) }, select: { id: true, personId: true } })
    return new Set(rows.map((r) => r.personId))
  }

  /** As an owner does for somebody who has lost everything. */
  async resetOf(personId: string): Promise<void> {
    await this.database.transaction(async (manager) => {
      await manager.update(PersonEntity, { id: personId }, { totpSecret: null, totpStep: null })
      await manager.delete(PasskeyEntity, { personId })
      await manager.delete(RecoveryCodeEntity, { personId })
    })
  }

  /** The second step of signing in, by an authenticator's code or one from paper. */
  async enter(token: string | null, code: string, address: string): Promise<Result<Opened, SignInError>> {
    const session = await this.sessions.halfwayOf(token)
    if (!session) return err({ code: 'noSecondFactor' })
    const { person } = session
    const attempt = await this.attempts.reserve(`second factor ${person.id}`, address, false)
    if (!attempt.ok) return attempt
    const right = (await this.totpIsRight(person, code)) || (await this.recoveryIsRight(person, code))
    if (!right) {
      await this.audit.note({
        workshopId: person.workshopId,
        event: 'second-factor-failed',
        who: person.email,
        address,
      })
      return err({ code: 'wrongCode' })
    }
    await attempt.value.right()
    return ok(await this.letIn(session, address))
  }

  private async letIn(session: SessionEntity & { person: PersonEntity }, address: string): Promise<Opened> {
    const { person } = session
    await this.database.getRepository(SessionEntity).delete({ tokenHash: session.tokenHash })
    await this.audit.note({ workshopId: person.workshopId, event: 'signed-in', who: person.email, about: 'with a second factor', address }) // prettier-ignore
    return this.sessions.openFor(person)
  }

  /** The time step of a code that is right now, or one step off; null where it is not. */
  private stepOf(secret: string, code: string): number | null {
    if (!/^\d{6}$/.test(code.replace(/\s/g, ''))) return null
    const delta = totpOf(secret, '').validate({ token: code.replace(/\s/g, ''), window: 1 })
    return delta === null ? null : Math.floor(Date.now() / 1000 / PERIOD_S) + delta
  }

  /** One statement takes the step: a code that was seen over a shoulder does not count again, nor does it twice at once. */
  private async totpIsRight({ id, totpSecret }: PersonEntity, code: string): Promise<boolean> {
    const step = totpSecret === null ? null : this.stepOf(totpSecret, code)
    if (step === null) return false
    const { affected } = await this.database
      .createQueryBuilder()
      .update(PersonEntity)
      .set({ totpStep: String(step) })
      .where('id = :id and (totp_step is null or totp_step < :step)', { id, step })
      .execute()
    return affected === 1
  }

  private async recoveryIsRight({ id }: PersonEntity, code: string): Promise<boolean> {
    const { affected } = await this.database
      .getRepository(RecoveryCodeEntity)
      .delete({ personId: id, codeHash: hashOfCode(code) })
    return affected === 1
  }

  /** New codes for paper; those from before are void. */
  private async newRecoveryCodes(personId: string): Promise<string[]> {
    const codes = Array.from({ length: RECOVERY_CODES }, newRecoveryCode)
    await this.database.transaction(async (manager) => {
      await manager.delete(RecoveryCodeEntity, { personId })
      await manager.insert(
        RecoveryCodeEntity,
        codes.map((code) => ({ personId, codeHash: hashOfCode(code) })),
      )
    })
    return codes
  }

  /** Rights have risen: every session ends, and this browser gets a new one. */
  private async confirmed(caller: PersonCaller, person: PersonEntity): Promise<Confirmed> {
    const recoveryCodes = await this.newRecoveryCodes(caller.personId)
    await this.sessions.endAllOf(caller.personId)
    return { opened: await this.sessions.openFor(person), recoveryCodes }
  }

  /** What the browser asks its key to sign, to become a passkey here. */
  async passkeyOptions(caller: PersonCaller, { host }: Site): Promise<PublicKeyCredentialCreationOptionsJSON> {
    const known = await this.database.getRepository(PasskeyEntity).findBy({ personId: caller.personId })
    const options = await generateRegistrationOptions({
      rpName: 'Lochmoor',
      rpID: host,
      userName: caller.email,
      userDisplayName: caller.name,
      userID: new Uint8Array(Buffer.from(caller.personId)),
      attestationType: 'none',
      excludeCredentials: known.map(({ id }) => ({ id })),
      authenticatorSelection: { residentKey: 'discouraged', userVerification: 'preferred' },
    })
    await this.keepChallenge(caller.token, options.challenge)
    return options
  }

  async addPasskey(
    caller: PersonCaller,
    password: string,
    name: string,
    response: RegistrationResponseJSON,
    site: Site,
    address: string,
  ): Promise<Result<Confirmed, SignInError>> {
    const known = await this.signIn.knowsPassword(caller, password, address)
    if (!known.ok) return known
    const expectedChallenge = await this.takeChallenge(caller.token)
    if (expectedChallenge === null) return err({ code: 'noSecondFactor' })
    const made = await answered(verifyRegistrationResponse({ response, ...expected(site, expectedChallenge) }))
    if (!made?.verified) return err({ code: 'wrongCode' })
    const { counter, id, publicKey } = made.registrationInfo.credential
    const passkey = { id, personId: caller.personId, publicKey: Buffer.from(publicKey), counter: String(counter), name }
    await this.database.getRepository(PasskeyEntity).insert(passkey)
    await this.note(caller, 'second-factor-set', `passkey ${name}`, address)
    return ok(await this.confirmed(caller, known.value))
  }

  /** What somebody halfway in has a passkey sign. */
  async entryOptions(
    token: string | null,
    { host }: Site,
  ): Promise<Result<PublicKeyCredentialRequestOptionsJSON, SignInError>> {
    const session = await this.sessions.halfwayOf(token)
    if (!session) return err({ code: 'noSecondFactor' })
    const known = await this.database.getRepository(PasskeyEntity).findBy({ personId: session.person.id })
    const options = await generateAuthenticationOptions({
      rpID: host,
      allowCredentials: known.map(({ id }) => ({ id })),
      userVerification: 'preferred',
    })
    await this.keepChallenge(token!, options.challenge)
    return ok(options)
  }

  async enterByPasskey(
    token: string | null,
    response: AuthenticationResponseJSON,
    site: Site,
    address: string,
  ): Promise<Result<Opened, SignInError>> {
    const session = await this.sessions.halfwayOf(token)
    if (!session) return err({ code: 'noSecondFactor' })
    const { person } = session
    const expectedChallenge = await this.takeChallenge(token!)
    const passkey = await this.database.getRepository(PasskeyEntity).findOneBy({ id: response.id, personId: person.id })
    if (expectedChallenge === null || !passkey) return err({ code: 'wrongCode' })
    const credential = {
      id: passkey.id,
      publicKey: new Uint8Array(passkey.publicKey),
      counter: Number(passkey.counter),
    }
    const said = await answered(
      verifyAuthenticationResponse({ response, credential, ...expected(site, expectedChallenge) }),
    )
    if (!said?.verified) {
      await this.audit.note({
        workshopId: person.workshopId,
        event: 'second-factor-failed',
        who: person.email,
        address,
      })
      return err({ code: 'wrongCode' })
    }
    await this.database
      .getRepository(PasskeyEntity)
      .update({ id: passkey.id }, { counter: String(said.authenticationInfo.newCounter) })
    return ok(await this.letIn(session, address))
  }

  private async keepChallenge(token: string, challenge: string): Promise<void> {
    await this.database.getRepository(SessionEntity).update({ tokenHash: hashOfToken(token) }, { challenge })
  }

  /** A challenge is answered once. */
  private async takeChallenge(token: string): Promise<string | null> {
    const sessions = this.database.getRepository(SessionEntity)
    const session = await sessions.findOneBy({ tokenHash: hashOfToken(token) })
    if (!session || session.challenge === null) return null
    const { affected } = await sessions.update(
      { tokenHash: session.tokenHash, challenge: session.challenge },
      { challenge: null },
    )
    return affected === 1 ? session.challenge : null
  }

  private note(
    caller: PersonCaller,
    event: 'second-factor-set' | 'second-factor-removed',
    about: string,
    address: string,
  ): Promise<void> {
    return this.audit.note({ workshopId: caller.workshopId, event, who: caller.email, about, address })
  }
}
