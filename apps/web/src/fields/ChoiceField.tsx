import { useId, type ReactNode } from 'react'
import { HowToMeasure } from './HowToMeasure.tsx'

interface Props<T extends string> {
  readonly label: string
  readonly value: T
  readonly options: readonly (readonly [T, string])[]
  readonly onChange: (value: T) => void
  readonly how?: ReactNode
}

/** One of a few words. */
export const ChoiceField = <T extends string>({ label, value, options, onChange, how }: Props<T>) => {
  const id = useId()
  return (
    <div className="flex items-center gap-2 border-b border-hair/70 py-1">
      <label htmlFor={id} className="min-w-0 flex-1 leading-tight">
        {label}
      </label>
      {how && <HowToMeasure label={label}>{how}</HowToMeasure>}
      <select
        id={id}
        data-entry
        value={value}
        onChange={(e) => onChange(e.target.value as T)}
        className="h-8 w-[10.4rem] shrink-0 border border-soft/60 bg-sheet px-1.5 font-semibold"
      >
        {options.map(([option, words]) => (
          <option key={option} value={option}>
            {words}
          </option>
        ))}
      </select>
    </div>
  )
}
