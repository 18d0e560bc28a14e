import { useState } from 'react'
import { explainApiError } from '../api/client.ts'
import { claim } from '../api/people.ts'
import { TextEntry, useEntries } from '../fields/TextEntry.tsx'
import { CardPage } from './CardPage.tsx'
import { FormEnd, NewPasswordEntry } from './FormEnd.tsx'

/** The first start: who owns this installation. */
export const FirstOwnerPage = ({ onDone }: { onDone: () => void }) => {
  const { entries, set } = useEntries({ workshop: '', name: '', email: '', password: '' })
  const [trouble, setTrouble] = useState<string | null>(null)
  return (
    <CardPage title="Set up this workshop">
      <p className="mb-3">
        This installation has no owner yet. Name your workshop and create your own account; you can invite others later.
      </p>
      <form
        onSubmit={(e) => {
          e.preventDefault()
          void claim(entries).then((r) => (r.ok ? onDone() : setTrouble(explainApiError(r.error))))
        }}
      >
        <TextEntry label="Workshop" value={entries.workshop} onChange={set('workshop')} />
        <TextEntry label="Your name" autoComplete="name" value={entries.name} onChange={set('name')} />
        <TextEntry
          label="E-mail address"
          type="email"
          autoComplete="username"
          value={entries.email}
          onChange={set('email')}
        />
        <NewPasswordEntry value={entries.password} onChange={set('password')} />
        <FormEnd trouble={trouble}>Create account</FormEnd>
      </form>
    </CardPage>
  )
}
