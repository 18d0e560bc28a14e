import { useId, type ReactNode } from 'react'
import { HowToMeasure } from './HowToMeasure.tsx'
import { WholeSelect } from './WholeSelect.tsx'

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
      <WholeSelect
        id={id}
        entry
        value={value}
        options={options.map(([option, words]) => ({ value: option, words }))}
        onChange={(chosen) => onChange(chosen as T)}
        className="w-[10.4rem] shrink-0"
      />
    </div>
  )
}
