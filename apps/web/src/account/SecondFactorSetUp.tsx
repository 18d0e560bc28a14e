import type { NewTotp } from '@lochmoor/contract'
import { browserSupportsWebAuthn, startRegistration } from '@simplewebauthn/browser'
import { useState } from 'react'
import { explainApiError } from '../api/client.ts'
import { addPasskey, confirmTotp, newTotp, passkeyOptions } from '../api/people.ts'
import { TextEntry, useEntries } from '../fields/TextEntry.tsx'
import { Button } from '../shell/Button.tsx'
import { FormEnd } from './FormEnd.tsx'
import { RecoveryCodeList } from './RecoveryCodeList.tsx'

/** Sets up an authenticator app or a passkey, and shows the recovery codes. */
export const SecondFactorSetUp = ({ onDone }: { onDone: () => void }) => {
  const [way, setWay] = useState<'app' | 'passkey' | null>(null)
  const [codes, setCodes] = useState<readonly string[] | null>(null)
  if (codes) return <RecoveryCodeList codes={codes} onDone={onDone} />
  if (way === 'app') return <AppForm onSet={setCodes} />
  if (way === 'passkey') return <PasskeyForm onSet={setCodes} />
  return (
    <div className="my-2 flex flex-wrap gap-2">
      <Button kind="main" onClick={() => setWay('app')}>
        Set up an authenticator app
      </Button>
      {browserSupportsWebAuthn() && <Button onClick={() => setWay('passkey')}>Add a passkey</Button>}
    </div>
  )
}

const PasswordEntry = ({ value, onChange }: { value: string; onChange: (text: string) => void }) => (
  <TextEntry label="Your password" type="password" autoComplete="current-password" value={value} onChange={onChange} />
)

const AppForm = ({ onSet }: { onSet: (codes: readonly string[]) => void }) => {
  const { entries, set } = useEntries({ password: '', code: '' })
  const [made, setMade] = useState<NewTotp | null>(null)
  const [trouble, setTrouble] = useState<string | null>(null)
  const begin = async () => {
    const result = await newTotp()
    if (result.ok) setMade(result.value)
    else setTrouble(explainApiError(result.error))
  }
  const confirm = async (secret: string) => {
    const result = await confirmTotp({ ...entries, secret })
    if (result.ok) onSet(result.value.recoveryCodes)
    else setTrouble(explainApiError(result.error))
  }
  if (!made)
    return (
      <form
        onSubmit={(e) => {
          e.preventDefault()
          void begin()
        }}
      >
        <p className="my-1">An app on your phone that shows a new code of six figures every 30 seconds.</p>
        <FormEnd trouble={trouble}>Show the QR code</FormEnd>
      </form>
    )
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault()
        void confirm(made.secret)
      }}
    >
      <p className="my-1">Scan this with the app, then enter the code it shows.</p>
      <img
        alt="QR code for the authenticator app"
        className="my-2 size-48 bg-white"
        src={`data:image/svg+xml;utf8,${encodeURIComponent(made.qrSvg)}`}
      />
      <p className="my-1 break-all">
        Or type this key in: <span className="font-mono font-semibold">{made.secret.replace(/(.{4})/g, '$1 ')}</span>
      </p>
      <PasswordEntry value={entries.password} onChange={set('password')} />
      <TextEntry
        label="Code from the app"
        autoComplete="one-time-code"
        value={entries.code}
        onChange={set('code')}
        most={20}
      />
      <FormEnd trouble={trouble}>Turn it on</FormEnd>
    </form>
  )
}

const PasskeyForm = ({ onSet }: { onSet: (codes: readonly string[]) => void }) => {
  const { entries, set } = useEntries({ password: '', name: '' })
  const [trouble, setTrouble] = useState<string | null>(null)
  const add = async () => {
    const options = await passkeyOptions()
    if (!options.ok) return setTrouble(explainApiError(options.error))
    try {
      const response = await startRegistration({ optionsJSON: options.value as never })
      const result = await addPasskey({ ...entries, response })
      if (result.ok) onSet(result.value.recoveryCodes)
      else setTrouble(explainApiError(result.error))
    } catch (error) {
      setTrouble(`The browser made no passkey: ${(error as Error).message}`)
    }
  }
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault()
        void add()
      }}
    >
      <p className="my-1">A key that this device or a security key keeps; your finger or its PIN unlocks it.</p>
      <TextEntry label="Name of this key" value={entries.name} onChange={set('name')} most={80} />
      <PasswordEntry value={entries.password} onChange={set('password')} />
      <FormEnd trouble={trouble}>Add a passkey</FormEnd>
    </form>
  )
}
