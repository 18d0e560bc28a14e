import type { ReactNode } from 'react'
import { KnownChoiceField } from './KnownChoiceField.tsx'

interface Props {
  readonly label: string
  /** Null: nobody has looked. */
  readonly value: boolean | null
  readonly onChange: (value: boolean | null) => void
  readonly how?: ReactNode
  /** What an empty choice means. */
  readonly none?: string
}

/** Yes, no, or not looked at. */
export const YesNoField = ({ label, value, onChange, how, none = 'not looked at' }: Props) => (
  <KnownChoiceField
    label={label}
    value={value === null ? null : value ? 'yes' : 'no'}
    options={[
      ['yes', 'Yes'],
      ['no', 'No'],
    ]}
    none={none}
    how={how}
    onChange={(v) => onChange(v === null ? null : v === 'yes')}
  />
)
