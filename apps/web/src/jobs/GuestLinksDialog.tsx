import { useCallback, useState } from 'react'
import { explainApiError } from '../api/client.ts'
import { endGuestLink, fetchGuestLinks, makeGuestLink } from '../api/jobs.ts'
import { Button } from '../shell/Button.tsx'
import { CopyButton } from '../shell/CopyButton.tsx'
import { OverPage } from '../shell/OverPage.tsx'
import { Trouble } from '../shell/Trouble.tsx'
import { useFetched } from '../shell/useFetched.ts'
import { longTime } from './shortTime.ts'

/** Links by which somebody without an account reads this one job, until they expire or are ended. */
export const GuestLinksDialog = ({ jobId, onClose }: { jobId: string; onClose: () => void }) => {
  const { fetched, again } = useFetched(useCallback(() => fetchGuestLinks(jobId), [jobId]))
  const [days, setDays] = useState('14')
  const [made, setMade] = useState<string | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  const make = async () => {
    const result = await makeGuestLink(jobId, Number(days))
    setTrouble(result.ok ? null : explainApiError(result.error))
    if (result.ok) setMade(`${location.origin}${result.value.path}`)
    again()
  }
  const end = async (id: string) => {
    const result = await endGuestLink(jobId, id)
    setTrouble(result.ok ? null : explainApiError(result.error))
    again()
  }
  return (
    <OverPage
      title="Guest links"
      about="Anyone with the link can read a summary of this job and its job log until it expires. Owner, numbers of the car and prices stay here. It is shown once: copy it now."
      wide="text"
      onClose={onClose}
    >
      <form
        className="flex items-center gap-2"
        onSubmit={(e) => {
          e.preventDefault()
          void make()
        }}
      >
        <label className="flex items-center gap-2">
          Expires after
          <input
            value={days}
            inputMode="numeric"
            onChange={(e) => setDays(e.target.value)}
            className="h-9 w-16 border border-soft/60 bg-paper px-2 text-right font-semibold"
          />
          days
        </label>
        <Button kind="main" type="submit">
          Create a link
        </Button>
      </form>
      {trouble && (
        <p role="alert" className="my-2 font-semibold text-stop">
          {trouble}
        </p>
      )}
      {made && (
        <div className="my-3 flex items-end gap-2">
          <label className="min-w-0 flex-1">
            <span className="font-bold">The new link</span>
            <textarea
              readOnly
              rows={2}
              value={made}
              onFocus={(e) => e.target.select()}
              className="block w-full resize-none border-2 border-accent bg-paper px-2 py-1 break-all"
            />
          </label>
          <CopyButton text={made} what="the guest link" />
        </div>
      )}
      {fetched.state === 'trouble' && (
        <Trouble title="The links could not be loaded" why={fetched.why} onRetry={again} />
      )}
      {fetched.state === 'there' && (
        <ul className="my-3 border-t border-hair">
          {fetched.value.length === 0 && <li className="py-2 text-soft">No guest links.</li>}
          {fetched.value.map((l) => (
            <li key={l.id} className="flex items-center gap-3 border-b border-hair py-1.5">
              <span className="min-w-0 flex-1">
                until {longTime(l.expiresAt)}
                <span className="text-soft">, created by {l.createdBy}</span>
              </span>
              <Button onClick={() => void end(l.id)}>Revoke link</Button>
            </li>
          ))}
        </ul>
      )}
    </OverPage>
  )
}
