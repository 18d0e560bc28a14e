import type { ReactNode } from 'react'
import { TextEntry } from '../fields/TextEntry.tsx'
import { Button } from '../shell/Button.tsx'

/** The end of a short form: what was refused, and the button that sends it. */
export const FormEnd = ({
  trouble,
  kind = 'main',
  children,
}: {
  trouble: string | null
  kind?: 'main' | 'plain'
  children: ReactNode
}) => (
  <>
    {trouble && (
      <p role="alert" className="my-2 font-semibold text-stop">
        {trouble}
      </p>
    )}
    <div className="mt-2 flex">
      <Button kind={kind} type="submit">
        {children}
      </Button>
    </div>
  </>
)

/** A password that is made now; password keepers offer one. */
export const NewPasswordEntry = ({
  label = 'Password, at least 12 characters',
  value,
  onChange,
}: {
  label?: string
  value: string
  onChange: (text: string) => void
}) => <TextEntry label={label} type="password" autoComplete="new-password" value={value} onChange={onChange} />
