import { HttpException, Injectable } from '@nestjs/common'
import type { Request } from 'express'
import type { Caller, RequestWithCaller } from './caller.ts'
import { csrfOf, sameSecret } from './secrets.ts'
import { sessionCookieOf } from './sessionCookie.ts'
import { SessionsService } from './sessions.service.ts'

const READING = new Set(['GET', 'HEAD', 'OPTIONS'])
export const CSRF_HEADER = 'x-lochmoor-csrf'

export const refuse = (status: number, code: string, message: string): never => {
  throw new HttpException({ code, message }, status)
}

/** Knows who asks before anything of a request is read but its headers. */
@Injectable()
export class Doorkeeper {
  constructor(private readonly sessions: SessionsService) {}

  /**
   * Puts the caller on the request. A change comes from a page of this site, from somebody who is signed in (but on an
   * open route), and with the session's own token, which another site's page cannot know.
   */
  async admit(request: Request, open: boolean): Promise<void> {
    const token = sessionCookieOf(request)
    const caller = token === null ? null : await this.sessions.callerOf(token)
    if (caller) (request as RequestWithCaller).caller = caller
    if (READING.has(request.method)) return
    this.refuseForeign(request)
    if (open) return
    if (!caller) return refuse(401, 'signedOut', 'Sign in first; what you entered is kept in this browser.')
    this.refuseForged(request, caller)
  }

  private refuseForeign(request: Request): void {
    const site = request.headers['sec-fetch-site']
    if (site !== undefined && site !== 'same-origin' && site !== 'none')
      refuse(403, 'foreignSite', 'Changes are accepted from Lochmoor’s own pages only.')
  }

  private refuseForged(request: Request, caller: Caller): void {
    const given = request.headers[CSRF_HEADER]
    if (typeof given !== 'string' || !sameSecret(given, csrfOf(caller.token)))
      refuse(403, 'noCsrf', `The header ${CSRF_HEADER} is missing or belongs to another session: reload the page.`)
  }
}
