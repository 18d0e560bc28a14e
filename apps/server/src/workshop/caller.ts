import type { PersonRole } from '@lochmoor/contract'
import { createParamDecorator, SetMetadata, type CustomDecorator, type ExecutionContext } from '@nestjs/common'
import type { Request } from 'express'

/** Who asks. Everything below a controller takes the workshop, or the whole caller, as a required argument. */
export interface PersonCaller {
  readonly kind: 'person'
  readonly workshopId: string
  readonly personId: string
  readonly name: string
  readonly email: string
  readonly role: PersonRole
  /** What has to be set up before anything else may be done; null where nothing is wanting. */
  readonly wants: 'second-factor' | null
  readonly token: string
}
export interface GuestCaller {
  readonly kind: 'guest'
  readonly workshopId: string
  /** The one job that may be read. */
  readonly jobId: string
  readonly expiresAt: Date
  readonly token: string
}
export type Caller = PersonCaller | GuestCaller

export interface RequestWithCaller extends Request {
  caller?: Caller
}

/** Open to those who are not signed in. */
export const Open = (): CustomDecorator => SetMetadata('access', 'open')
/** Open to guests too, for the job of their link (the route's parameter `id`). */
export const GuestsToo = (): CustomDecorator => SetMetadata('access', 'guest')
/** Open to guests for what belongs to their job without naming it: its parts. */
export const AllWhoRead = (): CustomDecorator => SetMetadata('access', 'reader')
/** Open to those who have still to set up what their workshop asks for. */
export const Entering = (): CustomDecorator => SetMetadata('access', 'entering')
export const OwnerOnly = (): CustomDecorator => SetMetadata('access', 'owner')
export type Access = 'open' | 'guest' | 'reader' | 'owner' | 'entering' | 'person'

const callerOf = (context: ExecutionContext): Caller => {
  const { caller } = context.switchToHttp().getRequest<RequestWithCaller>()
  if (!caller) throw new Error('a handler asks who calls, but lets everybody in')
  return caller
}

/** The caller; on routes without `GuestsToo` always a person. */
export const Who = createParamDecorator((_: unknown, context: ExecutionContext): Caller => callerOf(context))

/** The address of the machine that asks, as Express sees it. */
export const From = createParamDecorator(
  (_: unknown, context: ExecutionContext): string => context.switchToHttp().getRequest<Request>().ip ?? '',
)
