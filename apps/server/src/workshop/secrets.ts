import { createHash, randomBytes, timingSafeEqual } from 'node:crypto'
import { hash, verify } from '@node-rs/argon2'

const TOKEN_BYTES = 32

/** A token that cannot be guessed, for a cookie or a link. */
export const newToken = (): string => randomBytes(TOKEN_BYTES).toString('base64url')

/** What is stored of a token: whoever reads the store cannot use it. */
export const hashOfToken = (token: string): string => createHash('sha256').update(token).digest('hex')

/** Bound to the session by its token, readable by the page, useless without the cookie. */
export const csrfOf = (token: string): string => createHash('sha256').update(`csrf ${token}`).digest('base64url')

export const sameSecret = (a: string, b: string): boolean => {
  const [x, y] = [Buffer.from(a), Buffer.from(b)]
  return x.length === y.length && timingSafeEqual(x, y)
}

/** argon2id with the package's own parameters (19 MiB, two passes), as OWASP's password storage sheet asks. */
export const hashOfPassword = (password: string): Promise<string> => hash(password)

let nobody: Promise<string> | null = null

/** Takes as long for an address that nobody has as for a wrong password. */
export const passwordFits = async (password: string, stored: string | null): Promise<boolean> => {
  const against = stored ?? (await (nobody ??= hash(randomBytes(16).toString('hex'))))
  const fits = await verify(against, password)
  return fits && stored !== null
}
