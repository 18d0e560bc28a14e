import { outbox } from './outbox.ts'

/** The browser asks before it lets go of a page on which something stands that it has refused to keep. */
export const askBeforeLosing = (): void =>
  addEventListener('beforeunload', (e) => {
    if (outbox.standsHereOnly()) e.preventDefault()
  })
