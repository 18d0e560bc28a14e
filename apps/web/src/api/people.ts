import {
  AuditTrail,
  Colleagues,
  Done,
  InvitationInfo,
  Mailbox,
  People,
  Person,
  SessionState,
  type PersonRole,
  type Preferences,
} from '@lochmoor/contract'
import { z } from 'zod'
import { call } from './client.ts'

export const fetchSession = () => call(SessionState, 'GET', '/session')
export const signIn = (email: string, password: string) => call(Done, 'POST', '/session', { email, password })
export const signInDemo = (as: PersonRole) => call(Done, 'POST', '/session/demo', { as })
export const followGuestLink = (token: string) =>
  call(z.strictObject({ jobId: z.uuid() }), 'POST', '/session/guest', { token })
export const claim = (first: { workshop: string; name: string; email: string; password: string }) =>
  call(Done, 'POST', '/session/first-owner', first)
export const signOut = () => call(Done, 'DELETE', '/session')
export const signOutEverywhere = () => call(Done, 'DELETE', '/session/all')
export const changePassword = (current: string, next: string) =>
  call(Done, 'POST', '/session/password', { current, next })
export const keepPreferences = (preferences: Preferences) => call(Done, 'PUT', '/session/preferences', preferences)

export const fetchInvitation = (token: string) => call(InvitationInfo, 'GET', `/invitations/${token}`)
export const acceptInvitation = (token: string, name: string, password: string) =>
  call(Done, 'POST', '/invitations', { token, name, password })

export const fetchColleagues = () => call(Colleagues, 'GET', '/workshop/colleagues')
export const fetchPeople = () => call(People, 'GET', '/workshop/people')
export const changePerson = (id: string, change: { role?: PersonRole; active?: boolean }) =>
  call(Person, 'PATCH', `/workshop/people/${id}`, change)
export const renameWorkshop = (name: string) => call(Done, 'PATCH', '/workshop', { name })
export const invite = (email: string, role: PersonRole) => call(Done, 'POST', '/workshop/invitations', { email, role })
export const fetchMailbox = () => call(Mailbox, 'GET', '/workshop/mailbox')
export const fetchAudit = () => call(AuditTrail, 'GET', '/workshop/audit')
