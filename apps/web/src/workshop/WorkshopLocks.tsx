import { useState } from 'react'
import { explainApiError } from '../api/client.ts'
import { changeWorkshop } from '../api/people.ts'
import { TextEntry } from '../fields/TextEntry.tsx'
import { Button } from '../shell/Button.tsx'
import { loadSession, useSession } from '../store/sessionStore.ts'

/** When a session ends by itself, and whether everybody needs a second factor. */
export const WorkshopLocks = () => {
  const session = useSession((s) => s.session)
  const settings = session?.state === 'signed-in' ? session.settings : { idleHours: 12, secondFactor: false }
  const [hours, setHours] = useState(String(settings.idleHours))
  const [trouble, setTrouble] = useState<string | null>(null)
  const change = async (what: Parameters<typeof changeWorkshop>[0]) => {
    const result = await changeWorkshop(what)
    setTrouble(result.ok ? null : explainApiError(result.error))
    if (result.ok) await loadSession()
  }
  const typed = Number(hours.replace(',', '.'))
  return (
    <section aria-label="Sign-in rules" className="mb-6">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Sign-in rules</h2>
      <form
        className="flex items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault()
          void change({ idleHours: typed })
        }}
      >
        <div className="flex-1">
          <TextEntry
            label="Sign out after this many hours without use"
            value={hours}
            onChange={setHours}
            problem={trouble}
            most={6}
          />
        </div>
        <div className="pb-1">
          <Button type="submit" disabled={typed === settings.idleHours}>
            Set
          </Button>
        </div>
      </form>
      <label className="flex min-h-9 items-center gap-2 font-semibold">
        <input
          type="checkbox"
          className="size-5"
          checked={settings.secondFactor}
          onChange={(e) => void change({ secondFactor: e.target.checked })}
        />
        Everybody needs a second factor
      </label>
      <p className="text-sm text-soft">Whoever has none is asked to set one up before anything else, you included.</p>
    </section>
  )
}
