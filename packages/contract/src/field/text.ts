import { z } from 'zod'

/** Free text of at most so many characters; may be empty. */
export const text = (most: number) => {
  const message = `allowed: text of at most ${most} characters`
  return z.string({ error: message }).max(most, { error: message })
}
