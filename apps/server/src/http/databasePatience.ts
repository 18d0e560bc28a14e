import type { Health } from '@lochmoor/contract'
import type { NextFunction, Request, RequestHandler, Response } from 'express'
import { VERSION } from '../version.ts'

/** So long a request may be quiet before the database is asked whether it is there. */
const QUIET_MS = 3000
/** So long the database may take for that answer. */
const PULSE_MS = 1000

export const DATABASE_AWAY = {
  code: 'databaseAway',
  message: 'The database is not answering; this will be tried again.',
} as const

/** What is said of the server's health. */
export const healthOf = (up: boolean): Health => ({
  status: up ? 'up' : 'down',
  database: up ? 'up' : 'down',
  version: VERSION,
  uptimeS: Math.round(process.uptime()),
})

/** Looks at the clock so often while it waits. */
const TICKS = 10

/**
 * Whether a question is answered in time; what fails is no answer. The time is counted in ticks: where this process itself
 * was held up, answers that lie there are read before the next tick, and nobody is blamed for the pause.
 */
export const answersWithin = (ask: () => Promise<unknown>, ms: number): Promise<boolean> =>
  new Promise((resolve) => {
    const asked = async (): Promise<unknown> => ask()
    asked().then(
      () => resolve(true),
      () => resolve(false),
    )
    const tick = (left: number): void => {
      if (left === 0) return resolve(false)
      setTimeout(tick, ms / TICKS, left - 1).unref()
    }
    tick(TICKS)
  })

/**
 * A database that is frozen answers nothing, not even with an error: a request that waits for it would wait for ever.
 * Where a request has been quiet for long and the database does not answer a plain question either, it is told so with
 * 503. Work that takes its time while the database is well goes on.
 */
export const databasePatience =
  (ask: () => Promise<unknown>, quietMs = QUIET_MS, pulseMs = PULSE_MS): RequestHandler =>
  (request: Request, response: Response, next: NextFunction) => {
    if (!request.path.startsWith('/api/')) return next()
    // Whoever asks after its health is told within two seconds.
    const health = request.path === '/api/health'
    const waitMs = health ? quietMs / 10 : quietMs
    const look = async (): Promise<void> => {
      const answers = await answersWithin(ask, pulseMs)
      if (gone) return
      if (answers) {
        timer = setTimeout(() => void look(), waitMs).unref()
        return
      }
      if (!response.headersSent) response.status(503).json(health ? healthOf(false) : DATABASE_AWAY)
    }
    let timer = setTimeout(() => void look(), waitMs).unref()
    let gone = false
    response.on('close', () => {
      gone = true
      clearTimeout(timer)
    })
    next()
  }
