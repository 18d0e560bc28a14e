import type { Person, PersonRole } from '@lochmoor/contract'
import { useCallback, useEffect, useState } from 'react'
import { explainApiError } from '../api/client.ts'
import { changePerson, changeWorkshop, fetchPeople, invite } from '../api/people.ts'
import { TextEntry, useEntries } from '../fields/TextEntry.tsx'
import { Button } from '../shell/Button.tsx'
import { Trouble } from '../shell/Trouble.tsx'
import { useFetched } from '../shell/useFetched.ts'
import { loadSession, useIsOwner, useSession } from '../store/sessionStore.ts'
import { OpenLinks } from './OpenLinks.tsx'
import { AuditList, MailboxList } from './Papers.tsx'
import { WorkshopLocks } from './WorkshopLocks.tsx'

/** The owner's page: people and roles, invitations, the stand-in mailbox, the audit trail. */
export const WorkshopPage = () => {
  const owner = useIsOwner()
  const [turn, setTurn] = useState(0)
  const bump = useCallback(() => setTurn((t) => t + 1), [])
  useEffect(() => {
    document.title = 'Workshop · Lochmoor'
  }, [])
  if (!owner) return <p className="p-6">Owners only.</p>
  return (
    <div className="mx-auto grid w-full max-w-5xl gap-8 p-4 lg:grid-cols-2 lg:p-8">
      <div className="min-w-0">
        <WorkshopName />
        <WorkshopLocks />
        <PeopleList turn={turn} onChanged={bump} />
        <InviteForm onInvited={bump} />
        <OpenLinks turn={turn} onChanged={bump} />
      </div>
      <div className="min-w-0">
        <MailboxList turn={turn} />
        <AuditList turn={turn} />
      </div>
    </div>
  )
}

const WorkshopName = () => {
  const name = useSession((s) => (s.session?.state === 'signed-in' ? s.session.workshop : ''))
  const [draft, setDraft] = useState(name)
  const [trouble, setTrouble] = useState<string | null>(null)
  const keep = async () => {
    const result = await changeWorkshop({ name: draft })
    setTrouble(result.ok ? null : explainApiError(result.error))
    if (result.ok) await loadSession()
  }
  return (
    <form
      className="mb-6"
      onSubmit={(e) => {
        e.preventDefault()
        void keep()
      }}
    >
      <h1 className="mb-2 text-2xl font-extrabold">{name}</h1>
      <div className="flex items-end gap-2">
        <div className="flex-1">
          <TextEntry label="Name of the workshop" value={draft} onChange={setDraft} problem={trouble} most={80} />
        </div>
        <div className="pb-1">
          <Button type="submit" disabled={draft.trim() === name}>
            Rename
          </Button>
        </div>
      </div>
    </form>
  )
}

interface Change {
  readonly role?: PersonRole
  readonly active?: boolean
  readonly secondFactor?: 'reset'
}

const PeopleList = ({ turn, onChanged }: { turn: number; onChanged: () => void }) => {
  const { fetched, again } = useFetched(fetchPeople)
  const [trouble, setTrouble] = useState<string | null>(null)
  useEffect(again, [again, turn])
  const change = async (id: string, what: Change) => {
    const result = await changePerson(id, what)
    setTrouble(result.ok ? null : explainApiError(result.error))
    await loadSession()
    onChanged()
  }
  if (fetched.state === 'fetching') return <p className="text-soft">Loading the people…</p>
  if (fetched.state === 'trouble')
    return <Trouble title="The people could not be loaded" why={fetched.why} onRetry={again} />
  return (
    <section aria-label="People" className="mb-6">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">People</h2>
      {trouble && (
        <p role="alert" className="py-1 font-semibold text-stop">
          {trouble}
        </p>
      )}
      <ul>
        {fetched.value.map((p) => (
          <PersonRow key={p.id} person={p} onChange={(what) => void change(p.id, what)} />
        ))}
      </ul>
    </section>
  )
}

const PersonRow = ({
  person: { active, email, name, role, secondFactor },
  onChange,
}: {
  person: Person
  onChange: (change: Change) => void
}) => (
  <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-hair py-2">
    <span className="min-w-0 grow basis-full sm:basis-48">
      <span className={`block font-semibold ${active ? '' : 'line-through'}`}>{name}</span>
      <span className="block text-soft wrap-anywhere">{active ? email : `${email}, access removed`}</span>
    </span>
    <select
      aria-label={`Role of ${name}`}
      value={role}
      onChange={(e) => onChange({ role: e.target.value as PersonRole })}
      className="h-9 border border-soft/60 bg-sheet px-2 font-semibold"
    >
      <option value="owner">Owner</option>
      <option value="installer">Installer</option>
    </select>
    <Button
      onClick={() => onChange({ active: !active })}
      label={active ? `Remove access of ${name}` : `Restore access of ${name}`}
    >
      {active ? 'Remove access' : 'Restore access'}
    </Button>
    {secondFactor && (
      <Button
        kind="quiet"
        onClick={() => onChange({ secondFactor: 'reset' })}
        label={`Reset the second factor of ${name}`}
      >
        Reset second factor
      </Button>
    )}
  </li>
)

const InviteForm = ({ onInvited }: { onInvited: () => void }) => {
  const { entries, set, reset } = useEntries({ email: '', role: 'installer' })
  const [trouble, setTrouble] = useState<string | null>(null)
  const send = async () => {
    const result = await invite(entries.email, entries.role as PersonRole)
    setTrouble(result.ok ? null : explainApiError(result.error))
    if (!result.ok) return
    reset()
    onInvited()
  }
  return (
    <form
      aria-label="Invite"
      onSubmit={(e) => {
        e.preventDefault()
        void send()
      }}
    >
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Invite somebody</h2>
      <p className="py-1 text-soft">
        Creates a link that works once, within seven days. For somebody who already has an account it sets a new
        password. A new link voids the one before it.
      </p>
      <TextEntry label="E-mail address" type="email" value={entries.email} onChange={set('email')} problem={trouble} />
      <div className="flex items-center gap-2">
        <select
          aria-label="Role"
          value={entries.role}
          onChange={(e) => set('role')(e.target.value)}
          className="h-9 border border-soft/60 bg-sheet px-2 font-semibold"
        >
          <option value="installer">Installer</option>
          <option value="owner">Owner</option>
        </select>
        <Button kind="main" type="submit">
          Create invitation
        </Button>
      </div>
    </form>
  )
}
