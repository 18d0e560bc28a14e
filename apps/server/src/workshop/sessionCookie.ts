import type { Request, Response } from 'express'

const PLAIN = 'lochmoor'
/** Over HTTPS the browser itself sees to it that no other host and no plain connection sets it. */
const LOCKED = `__Host-${PLAIN}`

const nameFor = (request: Request): string => (request.secure ? LOCKED : PLAIN)

/** The session's token as the browser sent it. */
export const sessionCookieOf = (request: Request): string | null => {
  const token: unknown = (request.cookies as Record<string, unknown> | undefined)?.[nameFor(request)]
  return typeof token === 'string' ? token : null
}

/** The cookie cannot be read by scripts nor be sent from other sites; over HTTPS it never travels in the open. */
export const setSessionCookie = (
  response: Response,
  { token, expiresAt }: { token: string; expiresAt: Date },
): void => {
  response.cookie(nameFor(response.req), token, {
    httpOnly: true,
    sameSite: 'strict',
    secure: response.req.secure,
    path: '/',
    expires: expiresAt,
  })
}

export const clearSessionCookie = (response: Response): void => {
  response.clearCookie(nameFor(response.req), { path: '/', secure: response.req.secure })
}
