import { randomUUID } from 'node:crypto'
import type { Refusal } from '@lochmoor/contract'
import { Catch, HttpException, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common'
import type { Request, Response } from 'express'
import type { Logger } from 'pino'
import { DATABASE_AWAY } from './databasePatience.ts'
import { TooBusy } from '../threads/turns.ts'
import { tooLarge } from './door/bodies.ts'
import { isDatabaseAway } from '../database/isDatabaseAway.ts'
import { isDiskFull } from '../database/isDiskFull.ts'

const TOO_LARGE = 413
/** What the router throws for an address that cannot be decoded. */
const isUnsound = (thrown: unknown): boolean => thrown instanceof URIError
const DISK_FULL = {
  code: 'diskFull',
  message: 'The disk on Lochmoor’s server is full: nothing was saved. Free some space there; this will be tried again.',
} as const

const sentence = ({ method, path }: Request): string => tooLarge(method, path)

/** Turns everything thrown into one shape; what is not ours to tell becomes a plain 500 with an id for the log. */
@Catch()
export class RefusalFilter implements ExceptionFilter {
  constructor(private readonly log: Logger) {}

  catch(thrown: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>()
    // Told already that the database does not answer: what comes late has nobody to go to.
    if (response.headersSent) return
    const { status, body } = this.refusal(thrown, host)
    if (body.retryAfterS !== undefined) response.setHeader('retry-after', String(body.retryAfterS))
    // A refusal is no file, whatever the route would have sent.
    response.removeHeader('content-disposition')
    response.status(status).type('application/json').json(body)
  }

  private refusal(thrown: unknown, host: ArgumentsHost): { status: number; body: Refusal } {
    if (thrown instanceof HttpException) {
      if (thrown.getStatus() === TOO_LARGE)
        return {
          status: TOO_LARGE,
          body: { code: 'tooLarge', message: sentence(host.switchToHttp().getRequest<Request>()) },
        }
      const said = thrown.getResponse()
      const body = typeof said === 'string' ? { message: said } : (said as Partial<Refusal>)
      return { status: thrown.getStatus(), body: { code: 'refused', message: thrown.message, ...body } }
    }
    if (thrown instanceof TooBusy) {
      const { retryAfterS } = thrown
      const message = `Too many of these are in progress. Wait ${retryAfterS} s and try again.`
      return { status: 429, body: { code: 'tooBusy', message, retryAfterS } }
    }
    if (isUnsound(thrown))
      return {
        status: 400,
        body: { code: 'badInput', message: 'The address has a % in it that stands for no character.' },
      }
    if (isDatabaseAway(thrown)) {
      this.log.warn({ err: thrown }, 'database away')
      return {
        status: 503,
        body: DATABASE_AWAY,
      }
    }
    if (isDiskFull(thrown)) {
      this.log.error({ err: thrown }, 'disk full')
      return { status: 507, body: DISK_FULL }
    }
    const id = randomUUID()
    this.log.error({ err: thrown, id }, 'unexpected error')
    return {
      status: 500,
      body: { code: 'internal', message: `Something failed on the server. It is in the server log as ${id}.` },
    }
  }
}
