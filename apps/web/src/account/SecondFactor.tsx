import { counted } from '@lochmoor/core'
import { useState } from 'react'
import { explainApiError } from '../api/client.ts'
import { removeSecondFactor } from '../api/people.ts'
import { TextEntry } from '../fields/TextEntry.tsx'
import { Button } from '../shell/Button.tsx'
import { loadSession, useSession } from '../store/sessionStore.ts'
import { FormEnd } from './FormEnd.tsx'
import { SecondFactorSetUp } from './SecondFactorSetUp.tsx'

/** What stands beside one's password, and how it is set up, replaced and taken away. */
export const SecondFactor = () => {
  const session = useSession((s) => s.session)
  const [doing, setDoing] = useState<'set up' | 'remove' | null>(null)
  if (session?.state !== 'signed-in') return null
  const { passkeys, recoveryCodes, totp } = session.secondFactor
  const has = totp || passkeys.length > 0
  const done = () => {
    setDoing(null)
    void loadSession()
  }
  return (
    <section aria-label="Second factor">
      <h2 className="mt-8 border-b-2 border-ink pb-0.5 font-extrabold">Second factor</h2>
      {has ? (
        <ul className="my-2">
          {totp && <li>Authenticator app: on</li>}
          {passkeys.map((p) => (
            <li key={p.id}>Passkey: {p.name}</li>
          ))}
          <li className={recoveryCodes < 3 ? 'font-semibold text-caution' : ''}>
            {counted(recoveryCodes, 'recovery code')} left
          </li>
        </ul>
      ) : (
        <p className="my-2">Off. With it, a stolen password alone lets nobody in.</p>
      )}
      {doing === 'set up' && <SecondFactorSetUp onDone={done} />}
      {doing === 'remove' && <RemoveForm onDone={done} />}
      {doing === null && (
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => setDoing('set up')}>{has ? 'Add or replace' : 'Set up'}</Button>
          {has && (
            <Button kind="danger" onClick={() => setDoing('remove')}>
              Turn off
            </Button>
          )}
        </div>
      )}
    </section>
  )
}

const RemoveForm = ({ onDone }: { onDone: () => void }) => {
  const [password, setPassword] = useState('')
  const [trouble, setTrouble] = useState<string | null>(null)
  const remove = async () => {
    const result = await removeSecondFactor(password)
    if (result.ok) onDone()
    else setTrouble(explainApiError(result.error))
  }
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault()
        void remove()
      }}
    >
      <TextEntry
        label="Your password"
        type="password"
        autoComplete="current-password"
        value={password}
        onChange={setPassword}
      />
      <FormEnd trouble={trouble} kind="plain">
        Turn the second factor off
      </FormEnd>
    </form>
  )
}
