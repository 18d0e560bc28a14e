import { fig, pressureLever, type JobDocument } from '@lochmoor/core'
import { useId, useMemo, useState } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { Button } from '../../../shell/Button.tsx'
import { run, setFuel } from '../../../store/commands.ts'
import { useMayWrite } from '../../../store/sessionStore.ts'

const LEAST = 0.7
const MOST = 1.3

const readLambda = (text: string): number | null => {
  const value = Number(text.trim().replace(',', '.'))
  return text.trim() !== '' && value >= LEAST && value <= MOST ? value : null
}

/** Base pressure as the coarse lever of the mixture, with what limits it. */
export const PressureLeverPanel = ({ job }: { job: JobDocument }) => {
  const [nowText, setNow] = useState('1.05')
  const [wantedText, setWanted] = useState('1.00')
  const mayWrite = useMayWrite()
  const [now, wanted] = [readLambda(nowText), readLambda(wantedText)]
  const lever = useMemo(
    () => (now !== null && wanted !== null ? pressureLever(job, now, wanted) : null),
    [job, now, wanted],
  )
  return (
    <section aria-label="Changing base pressure" className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Changing base pressure</h2>
      <p className="py-1 leading-snug">
        Last resort: first check pressure, injector size and displacement, or it hides a failing pump. It shifts every
        load alike.
      </p>
      <div className="flex flex-wrap gap-4">
        <Lambda label="Measured lambda" text={nowText} bad={now === null} onChange={setNow} />
        <Lambda label="Target lambda" text={wantedText} bad={wanted === null} onChange={setWanted} />
      </div>
      {lever && (
        <div role="status" className="mt-1.5">
          <p className="font-semibold">
            Set pressure <FigureText figure={fig(lever.setPressurePa, 'pressure')} />
            {lever.against.length === 0 && ' may be tried.'}
          </p>
          {lever.against.length > 0 && (
            <p className="font-semibold text-stop">Drawbacks: {lever.against.join('; ').toLowerCase()}.</p>
          )}
          <Button
            disabled={!mayWrite || lever.against.length > 0}
            onClick={() => run(setFuel({ setPressurePa: Math.round(lever.setPressurePa) }, 'set pressure', false))}
          >
            Use this pressure
          </Button>
        </div>
      )}
    </section>
  )
}

const Lambda = ({
  label,
  text,
  bad,
  onChange,
}: {
  label: string
  text: string
  bad: boolean
  onChange: (text: string) => void
}) => {
  const id = useId()
  return (
    <div>
      <label htmlFor={id} className="mr-2">
        {label}
      </label>
      <input
        id={id}
        value={text}
        inputMode="decimal"
        aria-invalid={bad}
        onChange={(e) => onChange(e.target.value)}
        className={`h-8 w-20 border bg-sheet px-2 text-right font-semibold ${bad ? 'border-2 border-stop' : 'border-soft/60'}`}
      />
      {bad && (
        <p className="text-sm font-semibold text-stop">
          “{text}” is not allowed: {LEAST} to {MOST}.
        </p>
      )}
    </div>
  )
}
