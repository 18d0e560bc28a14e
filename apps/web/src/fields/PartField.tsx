import { sameValue, type Part } from '@lochmoor/core'
import { useId } from 'react'
import { WholeSelect } from './WholeSelect.tsx'

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
      <WholeSelect
        id={id}
        entry
        open={value === null}
        value={value?.id ?? ''}
        options={[
          { value: '', words: none },
          ...listed.map((p) => {
            const against = p.id === value?.id ? null : (refuse?.(p) ?? null)
            // The figure that tells two of a kind apart comes first.
            return { value: p.id, words: `${against ?? describe(p)} · ${p.name}`, disabled: against !== null }
          }),
        ]}
        onChange={(chosen) => onChange(listed.find((p) => p.id === chosen) ?? null)}
      />
      {stand === 'gone' && (
        <p className="text-sm text-soft">Not in what the catalogue offers here; this job keeps its own copy.</p>
      )}
      {typeof stand === 'object' && (
        <p className="text-sm leading-snug text-caution">
          The catalogue has changed since: {describe(stand.now)}.{' '}
          <button type="button" className="font-semibold text-accent underline" onClick={() => onChange(stand.now)}>
            Reset to the catalogue part
          </button>
        </p>
      )}
    </div>
  )
}
