import { useEffect, useState } from 'react'
import { explainApiError } from '../api/client.ts'
import { fetchInvitations, revokeInvitation } from '../api/people.ts'
import { shortTime } from '../jobs/shortTime.ts'
import { Button } from '../shell/Button.tsx'
import { Trouble } from '../shell/Trouble.tsx'
import { useFetched } from '../shell/useFetched.ts'

/** Links that somebody may still follow, each of which can be revoked. */
export const OpenLinks = ({ turn, onChanged }: { turn: number; onChanged: () => void }) => {
  const { fetched, again } = useFetched(fetchInvitations)
  const [trouble, setTrouble] = useState<string | null>(null)
  useEffect(again, [again, turn])
  const revoke = async (id: string) => {
    const result = await revokeInvitation(id)
    setTrouble(result.ok ? null : explainApiError(result.error))
    onChanged()
  }
  if (fetched.state === 'fetching') return <p className="mt-4 text-soft">Loading the links…</p>
  if (fetched.state === 'trouble')
    return <Trouble title="The links could not be loaded" why={fetched.why} onRetry={again} />
  return (
    <section aria-label="Open links" className="mt-6">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Open links</h2>
      {trouble && (
        <p role="alert" className="py-1 font-semibold text-stop">
          {trouble}
        </p>
      )}
      {fetched.value.length === 0 && <p className="py-1 text-soft">None: nobody holds a link that still works.</p>}
      <ul>
        {fetched.value.map((i) => (
          <li key={i.id} className="flex flex-wrap items-center gap-x-3 border-b border-hair py-2">
            <span className="min-w-0 flex-1">
              <span className="block font-semibold wrap-anywhere">{i.email}</span>
              <span className="block text-soft">
                {i.role}, works until {shortTime(i.expiresAt)}
              </span>
            </span>
            <Button onClick={() => void revoke(i.id)} label={`Revoke the link of ${i.email}`}>
              Revoke
            </Button>
          </li>
        ))}
      </ul>
    </section>
  )
}
