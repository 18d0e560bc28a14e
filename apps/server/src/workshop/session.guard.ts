import { HttpException, Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common'
import { Reflector } from '@nestjs/core'
import type { Access, Caller, RequestWithCaller } from './caller.ts'
import { csrfOf, sameSecret } from './secrets.ts'
import { SESSION_COOKIE, SessionsService } from './sessions.service.ts'

const READING = new Set(['GET', 'HEAD', 'OPTIONS'])
export const CSRF_HEADER = 'x-lochmoor-csrf'

const refuse = (status: number, code: string, message: string): never => {
  throw new HttpException({ code, message }, status)
}

/**
 * Stands before every route. Without a mark a route wants a signed-in person; every change wants the session's own
 * token in a header, which another site's page cannot know, and a page of this site as its origin.
 */
@Injectable()
export class SessionGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    private readonly sessions: SessionsService,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const request = context.switchToHttp().getRequest<RequestWithCaller>()
    const access =
      this.reflector.getAllAndOverride<Access | undefined>('access', [context.getHandler(), context.getClass()]) ??
      'person'
    const token: unknown = (request.cookies as Record<string, unknown> | undefined)?.[SESSION_COOKIE]
    const caller = typeof token === 'string' ? await this.sessions.callerOf(token) : null
    if (caller) request.caller = caller
    this.refuseForeign(request)
    if (access === 'open') return true
    if (!caller) return refuse(401, 'signedOut', 'Sign in first; what you entered is kept in this browser.')
    if (!READING.has(request.method)) this.refuseForged(request, caller)
    return this.allowed(access, caller, request.params['id'])
  }

  private refuseForeign(request: RequestWithCaller): void {
    if (READING.has(request.method)) return
    const site = request.headers['sec-fetch-site']
    if (site !== undefined && site !== 'same-origin' && site !== 'none')
      refuse(403, 'foreignSite', 'Changes are accepted from Lochmoor’s own pages only.')
  }

  private refuseForged(request: RequestWithCaller, caller: Caller): void {
    const given = request.headers[CSRF_HEADER]
    if (typeof given !== 'string' || !sameSecret(given, csrfOf(caller.token)))
      refuse(403, 'noCsrf', `The header ${CSRF_HEADER} is missing or belongs to another session: reload the page.`)
  }

  private allowed(access: Access, caller: Caller, jobId: unknown): boolean {
    if (caller.kind === 'guest') {
      if (access === 'reader') return true
      if (access !== 'guest') return refuse(403, 'notAllowed', 'A guest can only read the job the link was made for.')
      return jobId === caller.jobId || refuse(404, 'noSuchJob', 'There is no job with this id here.')
    }
    if (access === 'owner' && caller.role !== 'owner')
      return refuse(403, 'notAllowed', 'Only an owner of the workshop may do this.')
    return true
  }
}
