import { PART_SCHEMAS, type CellProblem, type PartColumn, type PartKind } from '@lochmoor/contract'
import { useId } from 'react'
import { wordsOf } from './wordsOf.ts'

export interface CellProps {
  readonly kind: PartKind
  readonly column: PartColumn
  readonly value: string
  readonly problem: CellProblem | null
  readonly onChange: (text: string) => void
}

/** One figure or word of a part, in the unit of its column. */
export const CellField = ({ kind, column, value, problem, onChange }: CellProps) => {
  const id = useId()
  const words = column.reads === 'flag' ? ['yes', 'no'] : wordsOf(PART_SCHEMAS[kind], column.path)
  const look = `h-8 w-40 shrink-0 border bg-sheet px-1.5 font-semibold ${problem ? 'border-2 border-stop' : 'border-soft/60'}`
  const note = `${id}-note`
  return (
    <div className="border-b border-hair/70 py-1">
      <div className="flex items-center gap-2">
        <label htmlFor={id} className="min-w-0 flex-1 leading-tight first-letter:uppercase">
          {column.header}
        </label>
        {words && column.reads !== 'list' ? (
          <select
            id={id}
            value={value}
            aria-describedby={note}
            onChange={(e) => onChange(e.target.value)}
            className={look}
          >
            <option value="">not stated</option>
            {words.map((w) => (
              <option key={w} value={w}>
                {w.replaceAll('-', ' ')}
              </option>
            ))}
          </select>
        ) : (
          <input
            id={id}
            value={value}
            autoComplete="off"
            spellCheck={false}
            aria-invalid={problem !== null}
            aria-describedby={note}
            onChange={(e) => onChange(e.target.value)}
            className={`${look} ${column.reads === 'number' ? 'text-right' : 'w-56'}`}
          />
        )}
      </div>
      <p id={note} className="text-right text-sm font-semibold text-stop">
        {problem && `${problem.value === '' ? 'Nothing' : `“${problem.value}”`} is not allowed: ${problem.allowed}.`}
      </p>
    </div>
  )
}
