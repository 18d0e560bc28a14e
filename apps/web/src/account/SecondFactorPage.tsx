import { browserSupportsWebAuthn, startAuthentication } from '@simplewebauthn/browser'
import { useState } from 'react'
import { explainApiError } from '../api/client.ts'
import { enterByPasskey, enterCode, passkeyEntryOptions, signOut } from '../api/people.ts'
import { TextEntry } from '../fields/TextEntry.tsx'
import { Button } from '../shell/Button.tsx'
import { CardPage } from './CardPage.tsx'
import { FormEnd } from './FormEnd.tsx'

interface Props {
  readonly totp: boolean
  readonly passkey: boolean
  readonly onDone: () => void
}

/** The second step of signing in: a code, a passkey, or a recovery code from paper. */
export const SecondFactorPage = ({ totp, passkey, onDone }: Props) => {
  const [code, setCode] = useState('')
  const [trouble, setTrouble] = useState<string | null>(null)
  const enter = async () => {
    const result = await enterCode(code)
    if (result.ok) onDone()
    else setTrouble(explainApiError(result.error))
  }
  const byPasskey = async () => {
    const options = await passkeyEntryOptions()
    if (!options.ok) return setTrouble(explainApiError(options.error))
    try {
      const result = await enterByPasskey(await startAuthentication({ optionsJSON: options.value }))
      if (result.ok) onDone()
      else setTrouble(explainApiError(result.error))
    } catch (error) {
      setTrouble(`The passkey was not used: ${(error as Error).message}`)
    }
  }
  return (
    <CardPage title="Second factor">
      {passkey && browserSupportsWebAuthn() && (
        <div className="mb-4 flex border-b border-hair pb-4">
          <Button kind="main" onClick={() => void byPasskey()}>
            Use the passkey
          </Button>
        </div>
      )}
      <form
        onSubmit={(e) => {
          e.preventDefault()
          void enter()
        }}
      >
        <TextEntry
          label={totp ? 'Code from the authenticator app, or a recovery code' : 'Recovery code'}
          autoComplete="one-time-code"
          value={code}
          onChange={setCode}
          most={20}
        />
        <FormEnd trouble={trouble} kind={passkey ? 'plain' : 'main'}>
          Sign in
        </FormEnd>
      </form>
      <p className="mt-3 text-sm text-soft">Lost phone and paper? An owner of the workshop can reset it.</p>
      <div className="mt-2 flex">
        <Button kind="quiet" onClick={() => void signOut().then(onDone)}>
          Back to the sign-in
        </Button>
      </div>
    </CardPage>
  )
}
