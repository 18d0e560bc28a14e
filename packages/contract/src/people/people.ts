import { z } from 'zod'
import { oneOf } from '../field/figure.ts'

export const PERSON_ROLES = ['owner', 'installer'] as const
export const PersonRole = oneOf(PERSON_ROLES)
export type PersonRole = z.infer<typeof PersonRole>
export type Role = PersonRole | 'guest'

const EMAIL = 'allowed: an e-mail address of at most 190 characters'
export const Email = z
  .string({ error: EMAIL })
  .trim()
  .toLowerCase()
  .max(190, { error: EMAIL })
  .pipe(z.email({ error: EMAIL }))
const PASSWORD = 'allowed: 12 to 200 characters'
/** Never echoed: the refusal names the range, not the value. */
export const NewPassword = z.string({ error: PASSWORD }).min(12, { error: PASSWORD }).max(200, { error: PASSWORD })
const NAME = 'allowed: 1 to 80 characters'
export const PersonName = z.string({ error: NAME }).trim().min(1, { error: NAME }).max(80, { error: NAME })
export const PersonId = z.uuid({ error: 'allowed: the id of a person, a UUID' })
const TOKEN = 'allowed: the token of a link'
export const LinkToken = z.string({ error: TOKEN }).regex(/^[\w-]{20,100}$/, { error: TOKEN })

export const SignIn = z.strictObject({
  email: Email,
  password: z.string().max(200, { error: 'allowed: at most 200 characters' }),
})
export const DemoSignIn = z.strictObject({ as: PersonRole })
export const GuestSignIn = z.strictObject({ token: LinkToken })
export const FirstOwner = z.strictObject({
  workshop: PersonName,
  name: PersonName,
  email: Email,
  password: NewPassword,
})
export const PasswordChange = z.strictObject({ current: z.string().max(200), next: NewPassword })

const CODE = 'allowed: the six figures of the authenticator, or a code from paper'
export const SecondFactorCode = z.strictObject({
  code: z.string({ error: CODE }).trim().min(6, { error: CODE }).max(20, { error: CODE }),
})
const OwnPassword = z.string({ error: 'allowed: your password' }).max(200, { error: 'allowed: at most 200 characters' })
export const PasswordAgain = z.strictObject({ password: OwnPassword })
export const NewTotp = z.strictObject({ secret: z.string(), qrSvg: z.string() })
export type NewTotp = z.infer<typeof NewTotp>
const SECRET = 'allowed: the secret that was shown'
export const TotpConfirm = z.strictObject({
  password: OwnPassword,
  secret: z.string({ error: SECRET }).regex(/^[A-Z2-7]{32}$/, { error: SECRET }),
  code: z.string({ error: CODE }).max(20, { error: CODE }),
})
/** Codes for the day the authenticator is lost; told once. */
export const RecoveryCodes = z.strictObject({ recoveryCodes: z.array(z.string()) })
export type RecoveryCodes = z.infer<typeof RecoveryCodes>
/** What a browser and its key say to each other; looked into by the package that speaks it. */
const KeyAnswer = z.looseObject({
  id: z.string().max(400),
  rawId: z.string().max(400),
  type: z.literal('public-key'),
  response: z.looseObject({}),
})
export const PasskeyOptions = z.looseObject({ challenge: z.string() })
export const PasskeyConfirm = z.strictObject({ password: OwnPassword, name: PersonName, response: KeyAnswer })
export const PasskeyEntry = z.strictObject({ response: KeyAnswer })

export const Units = z.record(z.string().max(40), z.string().max(40))
export const Preferences = z.strictObject({
  units: Units,
  theme: z.enum(['light', 'dark']).nullable(),
  /** Null follows the language of the browser; people of before there were two have none. */
  english: z.enum(['british', 'american']).nullable().default(null),
})
export type Preferences = z.infer<typeof Preferences>

/** Who is asking, as far as the server knows. */
export const SessionState = z.discriminatedUnion('state', [
  /** Nobody has claimed this installation yet. */
  z.strictObject({ state: z.literal('needs-owner') }),
  z.strictObject({ state: z.literal('signed-out'), demo: z.boolean() }),
  /** The password was right. */
  z.strictObject({ state: z.literal('second-factor'), totp: z.boolean(), passkey: z.boolean() }),
  z.strictObject({
    state: z.literal('signed-in'),
    role: z.enum(['owner', 'installer']),
    personId: PersonId,
    name: z.string(),
    email: z.string(),
    workshop: z.string(),
    csrf: z.string(),
    demo: z.boolean(),
    preferences: Preferences,
    secondFactor: z.strictObject({
      totp: z.boolean(),
      passkeys: z.array(z.strictObject({ id: z.string(), name: z.string() })),
      recoveryCodes: z.int(),
      /** The workshop asks for one and there is none yet: until then nothing else can be done. */
      wanting: z.boolean(),
    }),
    settings: z.strictObject({ idleHours: z.int(), secondFactor: z.boolean() }),
  }),
  z.strictObject({
    state: z.literal('guest'),
    role: z.literal('guest'),
    jobId: z.uuid(),
    workshop: z.string(),
    csrf: z.string(),
    expiresAt: z.iso.datetime(),
  }),
])
export type SessionState = z.infer<typeof SessionState>

export const Person = z.strictObject({
  id: PersonId,
  name: z.string(),
  email: z.string(),
  role: PersonRole,
  active: z.boolean(),
  /** Whether there is one beside the password. */
  secondFactor: z.boolean(),
})
export type Person = z.infer<typeof Person>
export const People = z.array(Person)

/** What every person of the workshop may know of the others. */
export const Colleagues = z.array(z.strictObject({ id: PersonId, name: z.string(), active: z.boolean() }))
export type Colleagues = z.infer<typeof Colleagues>

export const PersonChange = z.strictObject({
  role: PersonRole.optional(),
  active: z.boolean({ error: 'allowed: true or false' }).optional(),
  /** Takes authenticator, passkeys and codes away: for somebody who has lost them. */
  secondFactor: z.literal('reset', { error: 'allowed: "reset"' }).optional(),
})
const HOURS = 'allowed: a whole number of hours, 1 to 720'
export const WorkshopChange = z.strictObject({
  name: PersonName.optional(),
  idleHours: z.int({ error: HOURS }).min(1, { error: HOURS }).max(720, { error: HOURS }).optional(),
  secondFactor: z.boolean({ error: 'allowed: true or false' }).optional(),
})
export type WorkshopChange = z.infer<typeof WorkshopChange>

export const Invitation = z.strictObject({ email: Email, role: PersonRole })
export const InvitationInfo = z.strictObject({ email: z.string(), workshop: z.string(), known: z.boolean() })
export type InvitationInfo = z.infer<typeof InvitationInfo>
/** A link that somebody may still follow. */
export const OpenInvitation = z.strictObject({
  id: z.uuid(),
  email: z.string(),
  role: PersonRole,
  createdAt: z.iso.datetime(),
  expiresAt: z.iso.datetime(),
})
export type OpenInvitation = z.infer<typeof OpenInvitation>
export const OpenInvitations = z.array(OpenInvitation)
export const InvitationId = z.uuid({ error: 'allowed: the id of an invitation, a UUID' })
export const InvitationAccept = z.strictObject({ token: LinkToken, name: PersonName, password: NewPassword })

/** A letter of the stand-in mailbox: what would have been sent. */
export const Letter = z.strictObject({
  id: z.string(),
  to: z.string(),
  subject: z.string(),
  body: z.string(),
  link: z.string(),
  at: z.iso.datetime(),
})
export const Mailbox = z.strictObject({ standIn: z.literal(true), says: z.string(), letters: z.array(Letter) })
export type Mailbox = z.infer<typeof Mailbox>

export const AuditEntry = z.strictObject({
  id: z.string(),
  at: z.iso.datetime(),
  event: z.string(),
  who: z.string(),
  about: z.string(),
  address: z.string(),
})
export const AuditTrail = z.array(AuditEntry)
export type AuditTrail = z.infer<typeof AuditTrail>

const DAYS = 'allowed: a whole number of days, 1 to 90'
export const NewGuestLink = z.strictObject({
  days: z.int({ error: DAYS }).min(1, { error: DAYS }).max(90, { error: DAYS }),
})
export const GuestLinkId = z.uuid({ error: 'allowed: the id of a link, a UUID' })
export const GuestLink = z.strictObject({
  id: z.uuid(),
  createdAt: z.iso.datetime(),
  expiresAt: z.iso.datetime(),
  createdBy: z.string(),
})
export const GuestLinks = z.array(GuestLink)
export type GuestLinks = z.infer<typeof GuestLinks>
/** The link is told once, when it is made. */
export const GuestLinkMade = z.strictObject({ id: z.uuid(), path: z.string(), expiresAt: z.iso.datetime() })
export type GuestLinkMade = z.infer<typeof GuestLinkMade>

export const Done = z.strictObject({ done: z.literal(true) })
