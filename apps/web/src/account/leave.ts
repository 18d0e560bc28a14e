import type { Result } from '@lochmoor/core'
import { explainApiError, type ApiError } from '../api/client.ts'
import { leaveNothing } from '../store/along.ts'
import { outbox } from '../store/outbox.ts'

/**
 * Goes out by this door: what waits is kept in the browser first, then nothing of the work stays, on the page or in the browser. Where the
 * server did not hear of it nobody is out, and it says so.
 */
export const leave = async (door: () => Promise<Result<unknown, ApiError>>): Promise<string | null> => {
  await outbox.settled()
  const gone = await door()
  if (!gone.ok) return `You are still signed in. ${explainApiError(gone.error)}`
  await leaveNothing()
  location.reload()
  return null
}
