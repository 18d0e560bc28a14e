import {
  AuditTrail,
  Colleagues,
  Done,
  InvitationInfo,
  Mailbox,
  NewTotp,
  OpenInvitations,
  PasskeyOptions,
  People,
  Person,
  RecoveryCodes,
  SessionState,
  type PersonRole,
  type Preferences,
  type WorkshopChange,
} from '@lochmoor/contract'
import { z } from 'zod'
import type { Result } from '@lochmoor/core'
import { call, keepSessionToken, type ApiError } from './client.ts'

export const fetchSession = () => call(SessionState, 'GET', '/session')
/** The server has given this browser a new session: what is sent from now on goes with its token. */
const renewed = async <T>(asked: Promise<Result<T, ApiError>>): Promise<Result<T, ApiError>> => {
  const answer = await asked
  const session = answer.ok ? await fetchSession() : null
  if (session?.ok && 'csrf' in session.value) keepSessionToken(session.value.csrf)
  return answer
}

export const signIn = (email: string, password: string) => call(Done, 'POST', '/session', { email, password })
export const signInDemo = (as: PersonRole) => call(Done, 'POST', '/session/demo', { as })
export const followGuestLink = (token: string) =>
  call(z.strictObject({ jobId: z.uuid() }), 'POST', '/session/guest', { token })
export const claim = (first: { workshop: string; name: string; email: string; password: string }) =>
  call(Done, 'POST', '/session/first-owner', first)
export const signOut = () => call(Done, 'DELETE', '/session')
export const signOutEverywhere = () => call(Done, 'DELETE', '/session/all')
export const changePassword = (current: string, next: string) =>
  renewed(call(Done, 'POST', '/session/password', { current, next }))
export const enterCode = (code: string) => call(Done, 'POST', '/session/second-factor', { code })
export const newTotp = () => call(NewTotp, 'POST', '/session/authenticator')
export const confirmTotp = (confirm: { password: string; secret: string; code: string }) =>
  renewed(call(RecoveryCodes, 'PUT', '/session/authenticator', confirm))
export const passkeyOptions = () => call(PasskeyOptions, 'POST', '/session/new-passkey')
export const addPasskey = (confirm: { password: string; name: string; response: unknown }) =>
  renewed(call(RecoveryCodes, 'PUT', '/session/new-passkey', confirm))
export const passkeyEntryOptions = () => call(PasskeyOptions, 'POST', '/session/passkey/options')
export const enterByPasskey = (response: unknown) => call(Done, 'POST', '/session/passkey', { response })
export const removeSecondFactor = (password: string) =>
  renewed(call(Done, 'POST', '/session/second-factor/removal', { password }))
export const keepPreferences = (preferences: Preferences) => call(Done, 'PUT', '/session/preferences', preferences)

export const fetchInvitation = (token: string) => call(InvitationInfo, 'GET', `/invitations/${token}`)
export const acceptInvitation = (token: string, name: string, password: string) =>
  call(Done, 'POST', '/invitations', { token, name, password })

export const fetchColleagues = () => call(Colleagues, 'GET', '/workshop/colleagues')
export const fetchPeople = () => call(People, 'GET', '/workshop/people')
export const changePerson = (id: string, change: { role?: PersonRole; active?: boolean; secondFactor?: 'reset' }) =>
  call(Person, 'PATCH', `/workshop/people/${id}`, change)
export const changeWorkshop = (change: WorkshopChange) => call(Done, 'PATCH', '/workshop', change)
export const invite = (email: string, role: PersonRole) => call(Done, 'POST', '/workshop/invitations', { email, role })
export const fetchInvitations = () => call(OpenInvitations, 'GET', '/workshop/invitations')
export const revokeInvitation = (id: string) => call(Done, 'DELETE', `/workshop/invitations/${id}`)
export const fetchMailbox = () => call(Mailbox, 'GET', '/workshop/mailbox')
export const fetchAudit = () => call(AuditTrail, 'GET', '/workshop/audit')
