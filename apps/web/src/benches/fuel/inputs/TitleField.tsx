import { JobTitle } from '@lochmoor/contract'
import { useId, useState } from 'react'
import { run, setVehicle } from '../../../store/commands.ts'

/** Name of the car. An empty or overlong one is shown with the reason and not stored. */
export const TitleField = ({ title }: { title: string }) => {
  const id = useId()
  const [draft, setDraft] = useState<string | null>(null)
  const bad = draft !== null && !JobTitle.safeParse(draft).success
  return (
    <div className="border-b border-hair/70 py-1">
      <label htmlFor={id} className="mb-0.5 block leading-tight">
        Name of the car
      </label>
      <input
        id={id}
        data-entry
        value={draft ?? title}
        aria-invalid={bad}
        onChange={(e) => {
          setDraft(e.target.value)
          const parsed = JobTitle.safeParse(e.target.value)
          if (parsed.success && parsed.data !== title) run(setVehicle({ title: parsed.data }, 'name'))
        }}
        onBlur={() => !bad && setDraft(null)}
        className={`h-8 w-full border bg-sheet px-2 font-semibold ${bad ? 'border-2 border-stop' : 'border-soft/60'}`}
      />
      {bad && <p className="text-sm font-semibold text-stop">Enter a name of 1 to 80 characters.</p>}
    </div>
  )
}
