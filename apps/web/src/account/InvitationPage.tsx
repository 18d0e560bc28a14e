import { useCallback, useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import { explainApiError } from '../api/client.ts'
import { acceptInvitation, fetchInvitation } from '../api/people.ts'
import { TextEntry, useEntries } from '../fields/TextEntry.tsx'
import { Trouble } from '../shell/Trouble.tsx'
import { useFetched } from '../shell/useFetched.ts'
import { loadSession } from '../store/sessionStore.ts'
import { CardPage } from './CardPage.tsx'
import { FormEnd, NewPasswordEntry } from './FormEnd.tsx'

/** Where a one-time link leads: name and password. */
export const InvitationPage = () => {
  const { token = '' } = useParams()
  const { fetched } = useFetched(useCallback(() => fetchInvitation(token), [token]))
  const { entries, set } = useEntries({ name: '', password: '' })
  const [trouble, setTrouble] = useState<string | null>(null)
  const navigate = useNavigate()
  const accept = async () => {
    const accepted = await acceptInvitation(token, entries.name, entries.password)
    if (!accepted.ok) return setTrouble(explainApiError(accepted.error))
    await loadSession()
    await navigate('/jobs')
  }
  if (fetched.state === 'fetching') return <p className="p-6 text-soft">Checking the link…</p>
  if (fetched.state === 'trouble')
    return (
      <CardPage title="This link does not work">
        <Trouble title="It cannot be used" why={fetched.why} />
      </CardPage>
    )
  const { email, known, workshop } = fetched.value
  return (
    <CardPage title={known ? `A new password at ${workshop}` : `Welcome to ${workshop}`}>
      <form
        onSubmit={(e) => {
          e.preventDefault()
          void accept()
        }}
      >
        <p className="mb-2">
          Your account is <strong>{email}</strong>.
        </p>
        <TextEntry label="Your name" autoComplete="name" value={entries.name} onChange={set('name')} />
        <NewPasswordEntry value={entries.password} onChange={set('password')} />
        <FormEnd trouble={trouble}>{known ? 'Set the password' : 'Create account'}</FormEnd>
      </form>
    </CardPage>
  )
}
