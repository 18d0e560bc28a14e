import {
  CONDITION_WORDS,
  CONDITIONS,
  DEVICE_WORDS,
  DEVICES,
  fig,
  WORKS_IN,
  type ConditionId,
  type DeviceId,
  type LoadFigures,
  type SolvedCar,
} from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { badDevices } from '../badDevices.ts'

/** Column heads that fit a narrow column. */
const HEADS: Readonly<Record<ConditionId, string>> = {
  prime: 'Key on',
  'crank-warm': 'Crank, warm',
  'crank-cold': 'Crank, cold',
  release: 'Key let go',
  idle: 'Idle',
  'fan-inrush': 'Fan starts',
  'full-load': 'Full load',
  'night-rain': 'Night, rain',
  'key-off': 'Key off',
}

interface Props {
  readonly solved: SolvedCar
  readonly condition: ConditionId
  readonly setCondition: (id: ConditionId) => void
}

/** Every device in every condition, worst device first; where it need not work it is grey. */
export const VoltsTable = ({ solved, condition, setCondition }: Props) => {
  const bad = new Map(CONDITIONS.map((id) => [id, badDevices(solved, id)]))
  const there = DEVICES.filter((d) => solved.at.idle.parts[d] !== undefined)
  const faults = (d: DeviceId) => CONDITIONS.filter((id) => bad.get(id)!.has(d)).length
  const rows = [...there].sort((a, b) => faults(b) - faults(a))
  return (
    <div className="relative overflow-x-auto" role="region" aria-label="Volts at every device" tabIndex={0}>
      <table className="w-full border-collapse text-left">
        <thead>
          <tr className="border-b-2 border-ink align-bottom">
            <th scope="col" className="px-1 py-1 font-bold">
              Device
            </th>
            {CONDITIONS.map((id) => (
              <th
                key={id}
                scope="col"
                className={`px-1 py-1 text-right leading-tight ${id === condition ? 'bg-wash' : ''}`}
              >
                <button
                  type="button"
                  aria-pressed={id === condition}
                  title={CONDITION_WORDS[id]}
                  onClick={() => setCondition(id)}
                  className="w-full text-right font-bold underline decoration-dotted"
                >
                  {HEADS[id]}
                </button>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((d) => (
            <tr key={d} className="border-b border-hair/70">
              <th scope="row" className="px-1 py-1 text-left leading-tight font-semibold">
                {DEVICE_WORDS[d]}
              </th>
              {CONDITIONS.map((id) => {
                const f = solved.at[id].parts[d] as LoadFigures | undefined
                const works = WORKS_IN[d].includes(id)
                const isBad = bad.get(id)!.has(d)
                return (
                  <td
                    key={id}
                    className={`px-1 py-1 text-right whitespace-nowrap ${id === condition ? 'bg-wash' : ''} ${isBad ? 'font-bold text-stop' : works ? '' : 'text-soft'}`}
                  >
                    {!f ? (
                      '–'
                    ) : !works && Math.abs(f.currentA) < 0.005 ? (
                      'off'
                    ) : (
                      <FigureText figure={fig(f.voltageV, 'voltage', 1)} />
                    )}
                    {isBad && <span className="sr-only"> too low or too high</span>}
                  </td>
                )
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
