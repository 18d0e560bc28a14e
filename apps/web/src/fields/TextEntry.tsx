import { useId, useState } from 'react'

interface Props {
  readonly label: string
  readonly value: string
  readonly onChange: (text: string) => void
  readonly onLeave?: (text: string) => void
  readonly type?: 'text' | 'email' | 'password'
  readonly autoComplete?: string
  readonly placeholder?: string
  readonly lines?: number
  readonly problem?: string | null
  readonly most?: number
}

/** A line or a few lines of text under its label, with what is wrong with it. */
export const TextEntry = (props: Props) => {
  const { label, value, onChange, onLeave, type = 'text', autoComplete, placeholder, lines, problem, most } = props
  const id = useId()
  const common = {
    id,
    value,
    placeholder,
    maxLength: most,
    'aria-invalid': !!problem,
    'aria-describedby': `${id}-note`,
    onBlur: () => onLeave?.(value),
    className: `w-full border bg-sheet px-2 py-1.5 ${problem ? 'border-2 border-stop' : 'border-soft/60'}`,
  }
  return (
    <div className="py-1">
      <label htmlFor={id} className="mb-0.5 block leading-tight font-semibold">
        {label}
      </label>
      {lines ? (
        <textarea {...common} rows={lines} onChange={(e) => onChange(e.target.value)} />
      ) : (
        <input
          {...common}
          type={type}
          autoComplete={autoComplete ?? 'off'}
          onChange={(e) => onChange(e.target.value)}
        />
      )}
      <p id={`${id}-note`} aria-live="polite" className="text-sm font-semibold text-stop">
        {problem}
      </p>
    </div>
  )
}

/** State of a small form of text entries. */
export const useEntries = <T extends Readonly<Record<string, string>>>(first: T) => {
  const [entries, setEntries] = useState<T>(first)
  const set = (name: keyof T) => (text: string) => setEntries((e) => ({ ...e, [name]: text }))
  return { entries, set, reset: () => setEntries(first) }
}
