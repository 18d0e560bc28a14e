import { useId } from 'react'

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
      <select
        id={id}
        value={value}
        disabled={disabled}
        onChange={(e) => onChange(e.target.value as T)}
        className="h-9 w-full border border-soft/60 bg-sheet px-1.5"
      >
        {options.map(([v, words]) => (
          <option key={v} value={v}>
            {words}
          </option>
        ))}
      </select>
    </div>
  )
}
