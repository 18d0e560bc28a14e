import { outbox } from '../store/outbox.ts'

/** Goes out by this door: what waits is kept in the browser first, then nothing of the work stays on the page. */
export const leave = async (door: () => Promise<unknown>): Promise<void> => {
  await outbox.settled()
  await door()
  location.reload()
}
