import { useEffect, useState } from 'react'
import { explainApiError } from '../api/client.ts'
import { changePassword, signOutEverywhere } from '../api/people.ts'
import { TextEntry, useEntries } from '../fields/TextEntry.tsx'
import { Button } from '../shell/Button.tsx'
import { loadSession, useSession } from '../store/sessionStore.ts'
import { NewPasswordEntry } from './FormEnd.tsx'
import { leave } from './leave.ts'
import { SecondFactor } from './SecondFactor.tsx'

/** One's own account: password, and leaving every browser. */
export const AccountPage = () => {
  const session = useSession((s) => s.session)
  const [trouble, setTrouble] = useState<string | null>(null)
  useEffect(() => {
    document.title = 'My account · Lochmoor'
  }, [])
  if (session?.state !== 'signed-in') return <p className="p-6">A guest has no account here.</p>
  return (
    <div className="mx-auto w-full max-w-2xl p-4 lg:p-8">
      <h1 className="text-2xl font-extrabold">{session.name}</h1>
      <p className="mb-6 text-soft">
        {session.email}, {session.role} at {session.workshop}
      </p>
      <PasswordForm />
      <SecondFactor />
      <h2 className="mt-8 border-b-2 border-ink pb-0.5 font-extrabold">All devices</h2>
      <p className="my-2">Signs you out on every device, this one included: for a laptop left behind or lost.</p>
      <div className="flex">
        <Button onClick={() => void leave(signOutEverywhere).then(setTrouble)}>Sign out everywhere</Button>
      </div>
      {trouble && (
        <p role="alert" className="mt-2 font-semibold text-stop">
          {trouble}
        </p>
      )}
      <h2 className="mt-8 border-b-2 border-ink pb-0.5 font-extrabold">Units, English and theme</h2>
      <p className="my-2">Your units, English and theme go with your account to every browser.</p>
    </div>
  )
}

const PasswordForm = () => {
  const { entries, set, reset } = useEntries({ current: '', next: '' })
  const [said, setSaid] = useState<{ good: boolean; text: string } | null>(null)
  const change = async () => {
    const result = await changePassword(entries.current, entries.next)
    if (result.ok) {
      reset()
      // This browser has a new session now.
      await loadSession()
    }
    setSaid(
      result.ok
        ? { good: true, text: 'Password changed. Other browsers have to sign in again.' }
        : { good: false, text: explainApiError(result.error) },
    )
  }
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault()
        void change()
      }}
    >
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Password</h2>
      <TextEntry
        label="Current password"
        type="password"
        autoComplete="current-password"
        value={entries.current}
        onChange={set('current')}
      />
      <NewPasswordEntry label="New password, at least 12 characters" value={entries.next} onChange={set('next')} />
      {said && (
        <p
          role={said.good ? 'status' : 'alert'}
          className={`my-2 font-semibold ${said.good ? 'text-ok' : 'text-stop'}`}
        >
          {said.text}
        </p>
      )}
      <div className="mt-2 flex">
        <Button kind="main" type="submit">
          Change password
        </Button>
      </div>
    </form>
  )
}
