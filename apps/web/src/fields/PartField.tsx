import { sameValue, type Part } from '@lochmoor/core'
import { useId } from 'react'

interface Props<T extends Part> {
  readonly label: string
  readonly value: T | null
  readonly parts: readonly T[]
  /** A few figures that help to choose. */
  readonly describe: (part: T) => string
  /** Why a part cannot be chosen here, in a few words; null where it can. */
  readonly refuse?: (part: T) => string | null
  readonly none: string
  readonly onChange: (part: T | null) => void
}

/** What the catalogue says now of the part a job has its copy of. */
const standOf = <T extends Part>(value: T | null, parts: readonly T[]): 'same' | 'gone' | { readonly now: T } => {
  if (!value) return 'same'
  const now = parts.find((p) => p.id === value.id)
  if (!now) return 'gone'
  return sameValue(now, value) ? 'same' : { now }
}

/**
 * A part of the catalogue. The job keeps its own copy: it stays choosable when the catalogue has it no more, and it is
 * said when the catalogue's is another by now.
 */
export const PartField = <T extends Part>({ label, value, parts, describe, refuse, none, onChange }: Props<T>) => {
  const id = useId()
  const stand = standOf(value, parts)
  const listed = value && stand !== 'same' ? [value, ...parts.filter((p) => p.id !== value.id)] : parts
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
        {listed.map((p) => {
          const against = p.id === value?.id ? null : (refuse?.(p) ?? null)
          return (
            <option key={p.id} value={p.id} disabled={against !== null}>
              {p.name}: {against ?? describe(p)}
            </option>
          )
        })}
      </select>
      {stand === 'gone' && (
        <p className="text-sm text-soft">Not among what the catalogue offers here; this job keeps its own copy.</p>
      )}
      {typeof stand === 'object' && (
        <p className="text-sm leading-snug text-caution">
          The catalogue says otherwise by now: {describe(stand.now)}.{' '}
          <button type="button" className="font-semibold text-accent underline" onClick={() => onChange(stand.now)}>
            Take the catalogue’s
          </button>
        </p>
      )}
    </div>
  )
}
