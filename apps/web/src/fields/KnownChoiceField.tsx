import type { ReactNode } from 'react'
import { useId } from 'react'
import { HowToMeasure } from './HowToMeasure.tsx'
import { WholeSelect } from './WholeSelect.tsx'

interface Props {
  readonly label: string
  readonly value: string | null
  readonly options: readonly (readonly [value: string, words: string])[]
  readonly onChange: (value: string | null) => void
  readonly how?: ReactNode
  /** What an empty choice means. */
  readonly none?: string
}

/** One of a few words, or not known yet: shown dashed, as every unknown is. */
export const KnownChoiceField = ({ label, value, options, onChange, how, none = 'not known' }: Props) => {
  const id = useId()
  return (
    <div className="flex items-center gap-2 border-b border-hair/70 py-1">
      <label htmlFor={id} className="min-w-0 flex-1 leading-tight">
        {label}
      </label>
      {how && <HowToMeasure label={label}>{how}</HowToMeasure>}
      <WholeSelect
        id={id}
        entry
        open={value === null}
        value={value ?? ''}
        options={[{ value: '', words: none }, ...options.map(([option, words]) => ({ value: option, words }))]}
        onChange={(chosen) => onChange(chosen === '' ? null : chosen)}
        className="w-[10.4rem] shrink-0"
      />
    </div>
  )
}
