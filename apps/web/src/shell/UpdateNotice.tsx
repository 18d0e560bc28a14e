import { useRegisterSW } from 'virtual:pwa-register/react'
import { Button } from './Button.tsx'

/** So often a page that stays open asks for a newer version, ms. */
const ASK_MS = 3_600_000

/** The program itself is kept in the browser; says when a newer version of it is there, and changes to it when told. */
export const UpdateNotice = () => {
  const {
    needRefresh: [ready, setReady],
    updateServiceWorker,
  } = useRegisterSW({
    onRegisteredSW: (_url, registration) => {
      if (registration) setInterval(() => void registration.update().catch(() => undefined), ASK_MS)
    },
    onRegisterError: (e: unknown) => console.warn('the page cannot be kept for the time without a connection', e),
  })
  if (!ready) return null
  return (
    <div
      role="status"
      className="fixed inset-x-0 bottom-0 z-30 flex flex-wrap items-center gap-x-4 gap-y-1 border-t-2 border-ink bg-sheet px-4 py-2 print:hidden"
    >
      <span className="min-w-0 flex-1 font-semibold">
        A new version of Lochmoor is ready. What you have entered is kept.
      </span>
      <Button kind="main" onClick={() => void updateServiceWorker(true)}>
        Reload with it
      </Button>
      <Button onClick={() => setReady(false)}>Later</Button>
    </div>
  )
}
