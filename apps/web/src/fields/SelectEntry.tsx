import { useId } from 'react'
import { WholeSelect } from './WholeSelect.tsx'

interface Props<T extends string> {
  readonly label: string
  readonly value: T
  readonly options: readonly (readonly [value: T, words: string])[]
  readonly onChange: (value: T) => void
  readonly disabled?: boolean
}

/** A choice under its label, as wide as its column. */
export const SelectEntry = <T extends string>({ label, value, options, onChange, disabled }: Props<T>) => {
  const id = useId()
  return (
    <div className="py-1">
      <label htmlFor={id} className="mb-0.5 block leading-tight font-semibold">
        {label}
      </label>
      <WholeSelect
        id={id}
        value={value}
        disabled={disabled ?? false}
        options={options.map(([v, words]) => ({ value: v, words }))}
        onChange={(chosen) => onChange(chosen as T)}
        className="w-full"
      />
    </div>
  )
}
