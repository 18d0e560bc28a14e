import { counted } from '@lochmoor/core'
import { useId, useState } from 'react'
import { SelectEntry } from '../fields/SelectEntry.tsx'
import { Button } from '../shell/Button.tsx'
import type { CellProps } from './CellField.tsx'
import { CURVE_FLOWS, CURVE_PRESSURES, pastedCurve, type CurveFlow, type CurvePressure } from './pastedCurve.ts'

const optionsOf = <T extends string>(units: Readonly<Record<T, number>>) =>
  (Object.keys(units) as T[]).map((u) => [u, u] as const)

/** A pump's table: written as points, or pasted from a spreadsheet in the units it comes in. */
export const CurveField = ({ column, value, problem, onChange }: CellProps) => {
  const id = useId()
  const pasteId = useId()
  const [open, setOpen] = useState(false)
  const [pasted, setPasted] = useState('')
  const [pressure, setPressure] = useState<CurvePressure>('kPa')
  const [flow, setFlow] = useState<CurveFlow>('L/h')
  const [says, setSays] = useState<string | null>(null)
  const take = () => {
    const read = pastedCurve(pasted, pressure, flow)
    if (!read.ok) return setSays(read.says)
    onChange(read.cell)
    setSays(`${counted(read.points, 'point')} read.`)
    setOpen(false)
  }
  return (
    <div className="col-span-full border-b border-hair/70 py-1">
      <label htmlFor={id} className="block leading-tight first-letter:uppercase">
        {column.header}
      </label>
      <textarea
        id={id}
        rows={2}
        value={value}
        spellCheck={false}
        aria-invalid={problem !== null}
        placeholder="0:160:4 300:110:6"
        onChange={(e) => onChange(e.target.value)}
        className={`w-full border bg-sheet px-1.5 py-1 font-semibold placeholder:font-normal placeholder:text-soft ${problem ? 'border-2 border-stop' : 'border-soft/60'}`}
      />
      {problem && (
        <p className="text-sm font-semibold text-stop">
          {problem.value === '' ? 'Nothing' : `“${problem.value.slice(0, 60)}”`} is not allowed: {problem.allowed}.
        </p>
      )}
      <div aria-live="polite" className="text-sm text-soft">
        {says}
      </div>
      {open ? (
        <div className="my-1 border border-hair p-2">
          <label htmlFor={pasteId} className="block">
            Rows from a spreadsheet: pressure, flow, current
          </label>
          <textarea
            id={pasteId}
            rows={6}
            value={pasted}
            spellCheck={false}
            onChange={(e) => setPasted(e.target.value)}
            className="w-full border border-soft/60 bg-sheet px-1.5 py-1"
          />
          <div className="grid grid-cols-2 gap-3">
            <SelectEntry
              label="Pressure in"
              value={pressure}
              options={optionsOf(CURVE_PRESSURES)}
              onChange={setPressure}
            />
            <SelectEntry label="Flow in" value={flow} options={optionsOf(CURVE_FLOWS)} onChange={setFlow} />
          </div>
          <Button onClick={take}>Import these rows</Button>
        </div>
      ) : (
        <Button kind="quiet" onClick={() => setOpen(true)}>
          Paste from a spreadsheet
        </Button>
      )}
    </div>
  )
}
