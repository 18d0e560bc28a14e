import type { Part } from '@lochmoor/core'
import { useId } from 'react'

interface Props<T extends Part> {
  readonly label: string
  readonly value: T | null
  readonly parts: readonly T[]
  /** A few figures that help to choose. */
  readonly describe: (part: T) => string
  readonly none: string
  readonly onChange: (part: T | null) => void
}

/** A part of the catalogue. The job's own copy stays choosable when the catalogue has it no more. */
export const PartField = <T extends Part>({ label, value, parts, describe, none, onChange }: Props<T>) => {
  const id = useId()
  const listed = value && !parts.some((p) => p.id === value.id) ? [value, ...parts] : parts
  return (
    <div className="border-b border-hair/70 py-1">
      <label htmlFor={id} className="mb-0.5 block leading-tight">
        {label}
      </label>
      <select
        id={id}
        data-entry
        value={value?.id ?? ''}
        onChange={(e) => onChange(listed.find((p) => p.id === e.target.value) ?? null)}
        className={`h-8 w-full border bg-sheet px-1.5 ${value ? 'border-soft/60 font-semibold' : 'border-dashed border-soft text-soft italic'}`}
      >
        <option value="">{none}</option>
        {listed.map((p) => (
          <option key={p.id} value={p.id}>
            {p.name}: {describe(p)}
          </option>
        ))}
      </select>
    </div>
  )
}
