import { isKeptShown } from './along.ts'
import { refreshJob } from './openJob.ts'
import { sendNow } from './sending.ts'
import { loadSession } from './sessionStore.ts'

/** Between two looks whether the server is there again, ms. */
const LOOK_MS = 4000

let looking = false
const look = async (): Promise<void> => {
  if (looking || !isKeptShown()) return
  looking = true
  try {
    await loadSession()
    if (isKeptShown()) return
    await refreshJob()
    sendNow()
  } finally {
    looking = false
  }
}

/** Looks for the server while the page shows what was kept; back again, the open job takes in what others have changed. */
export const watchReturn = (): (() => void) => {
  const now = () => void look()
  const timer = setInterval(now, LOOK_MS)
  addEventListener('online', now)
  return () => {
    clearInterval(timer)
    removeEventListener('online', now)
  }
}
