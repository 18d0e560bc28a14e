import type { IncomingMessage } from 'node:http'
import type { RequestHandler } from 'express'
import type { Logger } from 'pino'
import { pinoHttp } from 'pino-http'

/** The address that was asked for, without what lets somebody in. */
export const withoutSecrets = (url: string): string =>
  url
    .split('?')[0]!
    .replace(/\/(invitations?|guest)\/[^/]+/gi, '/$1/…')
    .slice(0, 300)

/** Of an error what helps to find it: never the figures, words or hashes that a statement was made with. */
export const errorInLog = (error: unknown): object => {
  if (!(error instanceof Error)) return { message: String(error).slice(0, 300) }
  const { code, errno } = error as Error & { code?: unknown; errno?: unknown }
  return {
    type: error.name,
    message: error.message.slice(0, 1000),
    stack: error.stack?.slice(0, 4000),
    ...(code !== undefined && { code }),
    ...(errno !== undefined && { errno }),
  }
}

/** One line for every call of the API: who asked what from where, and what came of it. No headers: cookies and tokens are among them. */
export const requestLog = (log: Logger): RequestHandler =>
  pinoHttp({
    logger: log,
    autoLogging: { ignore: (r) => !r.url?.startsWith('/api/') },
    wrapSerializers: false,
    serializers: {
      req: (r: IncomingMessage & { id?: unknown; originalUrl?: string }) => ({
        id: r.id,
        method: r.method,
        url: withoutSecrets(r.originalUrl ?? r.url ?? ''),
        from: r.socket.remoteAddress,
      }),
      res: (r: { statusCode: number }) => ({ status: r.statusCode }),
      err: errorInLog,
    },
  }) as RequestHandler
