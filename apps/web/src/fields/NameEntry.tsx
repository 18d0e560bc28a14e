import { useId, useState } from 'react'

const MOST = 60

interface Props {
  readonly name: string
  /** What is called so, e.g. "A leg". */
  readonly what: string
  readonly onChange: (name: string) => void
}

/** What something of a list is called; an empty name is refused and the last one holds. */
export const NameEntry = ({ name, what, onChange }: Props) => {
  const id = useId()
  const [draft, setDraft] = useState<string | null>(null)
  const bad = draft !== null && draft.trim() === ''
  return (
    <div className="border-b border-hair/70 py-1">
      <div>
        <label htmlFor={id} className="block leading-tight">
          Called
        </label>
        <input
          id={id}
          data-entry
          value={draft ?? name}
          maxLength={MOST}
          autoComplete="off"
          aria-invalid={bad}
          onChange={(e) => {
            setDraft(e.target.value)
            const next = e.target.value.trim()
            if (next !== '' && next !== name) onChange(next)
          }}
          onBlur={() => !bad && setDraft(null)}
          className={`h-8 w-full border bg-sheet px-1.5 font-semibold ${bad ? 'border-2 border-stop' : 'border-soft/60'}`}
        />
      </div>
      {bad && (
        <p className="text-right text-sm font-semibold text-stop">
          {what} needs a name: 1 to {MOST} characters.
        </p>
      )}
    </div>
  )
}
