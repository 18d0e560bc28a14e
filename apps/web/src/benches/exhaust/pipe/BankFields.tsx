import { useId, useState } from 'react'
import { usualPortAcrossM, USUAL_PORT_HEIGHT_M, type JobDocument } from '@lochmoor/core'
import { run as doRun, setAt } from '../../../store/commands.ts'
import { Group } from '../../bench/Group.tsx'
import { PathField } from '../../../fields/PathField.tsx'

/** Cylinder numbers written as "1, 2, 3" or "1 2 3"; null where it is no such list. */
export const readCylinders = (text: string): number[] | null => {
  const parts = text.split(/[\s,;+]+/).filter(Boolean)
  const numbers = parts.map(Number)
  return numbers.every((n) => Number.isInteger(n) && n >= 1 && n <= 16) && new Set(numbers).size === numbers.length
    ? numbers
    : null
}

/** A bank: which cylinders breathe into it, and where its first port is. */
export const BankFields = ({ job, bank }: { job: JobDocument; bank: 'a' | 'b' }) => {
  const path = `exhaust.banks.${bank}`
  const place = bank === 'a' ? 0 : 1
  const name = `Bank ${bank.toUpperCase()}`
  const { cylinders } = job.exhaust.banks[place]!
  const id = useId()
  const [draft, setDraft] = useState<string | null>(null)
  const bad = draft !== null && readCylinders(draft) === null
  return (
    <Group title={name}>
      <div className="border-b border-hair/70 py-1">
        <div className="flex items-center gap-2">
          <label htmlFor={id} className="min-w-0 flex-1 leading-tight">
            Cylinders
          </label>
          <input
            id={id}
            data-entry
            value={draft ?? cylinders.join(', ')}
            autoComplete="off"
            placeholder="e.g. 1, 2, 3"
            aria-invalid={bad}
            aria-describedby={`${id}-note`}
            onChange={(e) => {
              setDraft(e.target.value)
              const read = readCylinders(e.target.value)
              if (read) doRun(setAt(`${path}.cylinders`, read, `${name.toLowerCase()}: cylinders`))
            }}
            onBlur={() => !bad && setDraft(null)}
            className={`h-8 w-[10.4rem] shrink-0 border bg-sheet px-1.5 text-right font-semibold ${bad ? 'border-2 border-stop' : 'border-soft/60'}`}
          />
        </div>
        <p id={`${id}-note`} aria-live="polite" className="text-right text-sm font-semibold text-stop">
          {bad && `"${draft}" is not allowed here: cylinder numbers 1 to 16, each once.`}
        </p>
      </div>
      <PathField
        job={job}
        of={name}
        path={`${path}.portHeightM`}
        label="Height of first port above ground"
        assumed={USUAL_PORT_HEIGHT_M}
      />
      <PathField
        job={job}
        of={name}
        path={`${path}.portAcrossM`}
        label="Offset right of the car’s centre line"
        assumedWord="for the drawing only"
        assumed={usualPortAcrossM(job.exhaust, place)}
      />
      <PathField
        job={job}
        of={name}
        path={`${path}.headingDeg`}
        label="Initial heading (plan view)"
        assumed={0}
        assumedWord="rearwards"
      />
    </Group>
  )
}
