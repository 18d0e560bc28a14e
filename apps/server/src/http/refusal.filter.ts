import { randomUUID } from 'node:crypto'
import type { Refusal } from '@lochmoor/contract'
import { Catch, HttpException, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common'
import type { Response } from 'express'
import type { Logger } from 'pino'
import { isDatabaseAway } from '../database/isDatabaseAway.ts'

const TOO_LARGE = 413

/** Turns everything thrown into one shape; what is not ours to tell becomes a plain 500 with an id for the log. */
@Catch()
export class RefusalFilter implements ExceptionFilter {
  constructor(private readonly log: Logger) {}

  catch(thrown: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>()
    const { status, body } = this.refusal(thrown)
    response.status(status).json(body)
  }

  private refusal(thrown: unknown): { status: number; body: Refusal } {
    if (thrown instanceof HttpException) {
      if (thrown.getStatus() === TOO_LARGE)
        return { status: TOO_LARGE, body: { code: 'tooLarge', message: 'The request is larger than 1 MB.' } }
      const said = thrown.getResponse()
      const body = typeof said === 'string' ? { message: said } : (said as Partial<Refusal>)
      return { status: thrown.getStatus(), body: { code: 'refused', message: thrown.message, ...body } }
    }
    if (isDatabaseAway(thrown)) {
      this.log.warn({ err: thrown }, 'database away')
      return {
        status: 503,
        body: {
          code: 'databaseAway',
          message: 'The database does not answer; nothing was stored. It will be tried again.',
        },
      }
    }
    const id = randomUUID()
    this.log.error({ err: thrown, id }, 'unexpected error')
    return {
      status: 500,
      body: { code: 'internal', message: `Something failed on the server. The log has it under ${id}.` },
    }
  }
}
