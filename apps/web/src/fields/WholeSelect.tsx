import { ChevronDown } from 'lucide-react'

export interface SelectOption {
  readonly value: string
  readonly words: string
  readonly disabled?: boolean
}

interface Props {
  readonly id?: string
  readonly label?: string
  readonly value: string
  readonly options: readonly SelectOption[]
  readonly onChange: (value: string) => void
  /** Nothing is known or chosen yet: dashed and italic. */
  readonly open?: boolean
  readonly disabled?: boolean
  /** Fields of a bench are walked with Enter. */
  readonly entry?: boolean
  readonly className?: string
}

/**
 * A choice of a list that shows the whole of what is chosen, on as many lines as it takes. The browser's own list opens
 * over it, with every key and the search by typing that it has.
 */
export const WholeSelect = (props: Props) => {
  const { id, label, value, options, onChange, open = false, disabled, entry = false, className = '' } = props
  return (
    <span
      className={`relative flex min-h-8 items-center border bg-sheet py-0.5 pr-6 pl-1.5 leading-tight has-focus-visible:outline-2 has-focus-visible:outline-offset-1 has-focus-visible:outline-accent max-lg:min-h-[44px] ${open ? 'border-dashed border-soft text-soft italic' : 'border-soft/60 font-semibold'} ${disabled ? 'opacity-60' : ''} ${className}`}
    >
      {/* What is read aloud is the list itself. */}
      <span aria-hidden>{options.find((o) => o.value === value)?.words ?? ''}</span>
      <ChevronDown size={15} aria-hidden className="absolute top-1/2 right-1 -translate-y-1/2 not-italic" />
      <select
        {...(id !== undefined && { id })}
        {...(label !== undefined && { 'aria-label': label })}
        {...(entry && { 'data-entry': true })}
        value={value}
        disabled={disabled}
        onChange={(e) => onChange(e.target.value)}
        className="absolute inset-0 size-full opacity-0"
      >
        {options.map((o) => (
          <option key={o.value} value={o.value} disabled={o.disabled}>
            {o.words}
          </option>
        ))}
      </select>
    </span>
  )
}
