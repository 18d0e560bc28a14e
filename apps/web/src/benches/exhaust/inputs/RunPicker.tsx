import type { RunId } from '@lochmoor/core'
import { RUN_SHORT } from '../words.ts'

interface Props {
  readonly runs: readonly RunId[]
  readonly value: RunId
  readonly onChange: (run: RunId) => void
  readonly name: string
}

/** One of the stretches of exhaust; nothing where there is one. */
export const RunPicker = ({ runs, value, onChange, name }: Props) =>
  runs.length < 2 ? null : (
    <div role="group" aria-label={name} className="mb-2 grid grid-flow-col auto-cols-fr gap-1">
      {runs.map((id) => (
        <button
          key={id}
          type="button"
          aria-pressed={id === value}
          onClick={() => onChange(id)}
          className={`h-9 border px-1 font-semibold whitespace-nowrap ${id === value ? 'border-ink bg-ink text-paper' : 'border-soft/60 hover:bg-wash'}`}
        >
          {RUN_SHORT[id]}
        </button>
      ))}
    </div>
  )
