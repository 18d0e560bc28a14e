import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common'
import { Reflector } from '@nestjs/core'
import type { Access, Caller, RequestWithCaller } from './caller.ts'
import { refuse } from './doorkeeper.ts'

/**
 * Stands before every route, behind the door that knows who asks. Without a mark a route wants a signed-in person.
 */
@Injectable()
export class SessionGuard implements CanActivate {
  constructor(private readonly reflector: Reflector) {}

  canActivate(context: ExecutionContext): boolean {
    const request = context.switchToHttp().getRequest<RequestWithCaller>()
    const access =
      this.reflector.getAllAndOverride<Access | undefined>('access', [context.getHandler(), context.getClass()]) ??
      'person'
    if (access === 'open') return true
    const { caller } = request
    if (!caller) return refuse(401, 'signedOut', 'Sign in first; what you entered is kept in this browser.')
    return this.allowed(access, caller, request.params['id'])
  }

  private allowed(access: Access, caller: Caller, jobId: unknown): boolean {
    if (caller.kind === 'guest') {
      if (access === 'reader') return true
      if (access !== 'guest') return refuse(403, 'notAllowed', 'A guest can only read the job the link was made for.')
      return jobId === caller.jobId || refuse(404, 'noSuchJob', 'There is no job with this id here.')
    }
    if (caller.wants !== null && access !== 'entering')
      return refuse(403, 'secondFactor', 'Your workshop asks for a second factor: set one up first.')
    if (access === 'owner' && caller.role !== 'owner')
      return refuse(403, 'notAllowed', 'Only an owner of the workshop may do this.')
    return true
  }
}
