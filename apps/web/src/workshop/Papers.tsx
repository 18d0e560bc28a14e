import { useEffect } from 'react'
import { fetchAudit, fetchMailbox } from '../api/people.ts'
import { shortTime } from '../jobs/shortTime.ts'
import { CopyButton } from '../shell/CopyButton.tsx'
import { Trouble } from '../shell/Trouble.tsx'
import { useFetched } from '../shell/useFetched.ts'

/** What would have been sent by mail. It says itself that it is a stand-in. */
export const MailboxList = ({ turn }: { turn: number }) => {
  const { fetched, again } = useFetched(fetchMailbox)
  useEffect(again, [again, turn])
  return (
    <section aria-label="Mailbox" className="mb-6">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Mailbox (stand-in)</h2>
      {fetched.state === 'fetching' && <p className="text-soft">Loading the letters…</p>}
      {fetched.state === 'trouble' && (
        <Trouble title="The mailbox could not be loaded" why={fetched.why} onRetry={again} />
      )}
      {fetched.state === 'there' && (
        <>
          <p className="py-1 text-soft">{fetched.value.says}</p>
          {fetched.value.letters.length === 0 && <p className="py-1">No letters yet: invite somebody.</p>}
          <ul className="max-h-80 overflow-y-auto" tabIndex={0} aria-label="Letters">
            {fetched.value.letters.map((l) => (
              <li key={l.id} className="border-b border-hair py-2">
                <p className="flex justify-between gap-3">
                  <span className="font-semibold">{l.subject}</span>
                  <span className="shrink-0 text-soft">{shortTime(l.at)}</span>
                </p>
                <p className="text-soft">To {l.to}</p>
                <p className="whitespace-pre-line">{l.body}</p>
                <p className="flex items-center gap-2">
                  <a href={l.link} className="min-w-0 flex-1 break-all text-accent underline">
                    {location.origin}
                    {l.link}
                  </a>
                  <CopyButton text={location.origin + l.link} what={`the link for ${l.to}`} />
                </p>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  )
}

const EVENT_WORDS: Readonly<Record<string, string>> = {
  'first-owner': 'became the first owner',
  'signed-in': 'signed in',
  'sign-in-failed': 'tried a wrong password',
  'signed-out': 'signed out',
  'signed-out-everywhere': 'signed out everywhere',
  'password-changed': 'changed the password',
  'password-wrong': 'entered a wrong current password',
  'second-factor-set': 'set up a second factor',
  'second-factor-removed': 'removed the second factor',
  'second-factor-reset': 'reset the second factor of',
  'second-factor-failed': 'entered a wrong code',
  'workshop-changed': 'changed the workshop’s settings',
  'invitation-revoked': 'revoked the link of',
  'job-imported': 'imported a job',
  'job-exported': 'exported a job',
  'job-archived': 'archived a job',
  'job-restored': 'restored a job from the archive',
  'backed-up': 'made a backup',
  restored: 'restored a backup',
  invited: 'invited',
  'invitation-accepted': 'followed the link',
  'role-changed': 'changed a role',
  deactivated: 'removed access of',
  activated: 'restored access of',
  'guest-link-made': 'created a guest link',
  'guest-link-ended': 'revoked a guest link',
  'guest-opened': 'opened a guest link',
  'job-deleted': 'deleted a job',
}

export const AuditList = ({ turn }: { turn: number }) => {
  const { fetched, again } = useFetched(fetchAudit)
  useEffect(again, [again, turn])
  return (
    <section aria-label="Audit trail">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Audit trail</h2>
      {fetched.state === 'fetching' && <p className="text-soft">Loading the audit trail…</p>}
      {fetched.state === 'trouble' && (
        <Trouble title="The audit trail could not be loaded" why={fetched.why} onRetry={again} />
      )}
      {fetched.state === 'there' && (
        <ul className="max-h-96 overflow-y-auto" tabIndex={0} aria-label="Entries of the audit trail">
          {fetched.value.map((a) => (
            <li key={a.id} className="flex flex-wrap gap-x-2 border-b border-hair/70 py-1">
              <span className="w-24 shrink-0 text-soft">{shortTime(a.at)}</span>
              <span className="min-w-0 flex-1">
                <span className="font-semibold">{a.who}</span> {EVENT_WORDS[a.event] ?? a.event}
                {a.about && <span className="text-soft">: {a.about}</span>}
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
