import { counted } from '@lochmoor/core'
import { useEffect, useState } from 'react'
import { explainApiError } from '../api/client.ts'
import { signIn, signInDemo } from '../api/people.ts'
import { TextEntry, useEntries } from '../fields/TextEntry.tsx'
import { Button } from '../shell/Button.tsx'
import { personNow } from '../store/sessionStore.ts'
import { outbox } from '../store/outbox.ts'
import { CardPage } from './CardPage.tsx'
import { FormEnd } from './FormEnd.tsx'

/** E-mail address and password; in the demo one click. */
export const SignInPage = ({ demo, onDone }: { demo: boolean; onDone: () => void }) => {
  const { entries, set } = useEntries({ email: '', password: '' })
  const [trouble, setTrouble] = useState<string | null>(null)
  const [waiting, setWaiting] = useState(0)
  useEffect(() => {
    document.title = 'Sign in · Lochmoor'
    void outbox
      .load()
      .then(() => setWaiting(outbox.of(localStorage.getItem('lochmoor-last-person') ?? personNow()).length))
  }, [])
  const after = (result: Awaited<ReturnType<typeof signIn>>) => {
    if (result.ok) onDone()
    else setTrouble(explainApiError(result.error))
  }
  return (
    <CardPage title="Sign in">
      {waiting > 0 && (
        <p className="mb-3 border-l-4 border-caution bg-paper p-2">
          {counted(waiting, 'edit is', 'edits are')} waiting in this browser and will be sent when the same person signs
          in again.
        </p>
      )}
      {demo && (
        <div className="mb-4 border-b border-hair pb-4">
          <p className="mb-2">This is the demo, with invented people and cars.</p>
          <div className="flex flex-wrap gap-2">
            <Button kind="main" onClick={() => void signInDemo('owner').then(after)}>
              As the owner
            </Button>
            <Button kind="main" onClick={() => void signInDemo('installer').then(after)}>
              As an installer
            </Button>
          </div>
        </div>
      )}
      <form
        onSubmit={(e) => {
          e.preventDefault()
          void signIn(entries.email, entries.password).then(after)
        }}
      >
        <TextEntry
          label="E-mail address"
          type="email"
          autoComplete="username"
          value={entries.email}
          onChange={set('email')}
        />
        <TextEntry
          label="Password"
          type="password"
          autoComplete="current-password"
          value={entries.password}
          onChange={set('password')}
        />
        <FormEnd trouble={trouble} kind={demo ? 'plain' : 'main'}>
          Sign in
        </FormEnd>
        <p className="mt-3 text-sm text-soft">Lost your password? An owner of the workshop can send you a new link.</p>
      </form>
    </CardPage>
  )
}
