import { fig, permissionOf, type ExhaustCase, type Steering } from '@lochmoor/core'
import { useState } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'

const WORDS: Readonly<Record<Steering, string>> = { may: 'use', careful: 'care', 'must-not': 'ignore' }
const LOOK: Readonly<Record<Steering, string>> = {
  may: 'bg-[color-mix(in_srgb,var(--ok)_22%,var(--sheet))] font-semibold',
  careful: 'bg-[color-mix(in_srgb,var(--caution)_14%,var(--sheet))]',
  'must-not': 'bg-wash text-soft',
}

/** The map of speed and load: where closed loop may use the reading. */
export const SteeringTable = ({ c }: { c: ExhaustCase }) => {
  const map = permissionOf(c)
  const [looked, setLooked] = useState(0)
  if (!map) return null
  const rows = [...map.manifoldsPa].reverse()
  const cellAt = (manifoldPa: number, speedRpm: number) =>
    map.cells.findIndex((x) => x.manifoldPa === manifoldPa && x.speedRpm === speedRpm)
  const cell = map.cells[looked] ?? map.cells[0]!
  return (
    <section aria-label="Closed-loop region" className="mb-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Closed-loop region</h2>
      <div className="relative overflow-x-auto" role="region" aria-label="Map of speed and load" tabIndex={0}>
        <table className="w-full border-collapse text-center text-sm">
          <thead>
            <tr>
              <th scope="col" className="px-1.5 py-1 text-left">
                Manifold, absolute
              </th>
              {map.speedsRpm.map((rpm) => (
                <th key={rpm} scope="col" className="px-1 py-1 font-bold">
                  {rpm}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((pa) => (
              <tr key={pa}>
                <th scope="row" className="px-1.5 py-0.5 text-left font-bold whitespace-nowrap">
                  <FigureText figure={fig(pa, 'pressure', 0)} />
                </th>
                {map.speedsRpm.map((rpm) => {
                  const at = cellAt(pa, rpm)
                  const { steering } = map.cells[at]!
                  return (
                    <td key={rpm} className="p-0.5">
                      <button
                        type="button"
                        aria-pressed={at === looked}
                        aria-label={`${rpm} rpm, ${Math.round(pa / 1000)} kPa: ${WORDS[steering]}`}
                        onClick={() => setLooked(at)}
                        onMouseEnter={() => setLooked(at)}
                        className={`h-7 w-full min-w-14 ${LOOK[steering]} ${at === looked ? 'outline-2 outline-accent' : ''}`}
                      >
                        {WORDS[steering]}
                      </button>
                    </td>
                  )
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-1 leading-snug" aria-live="polite">
        <span className="font-semibold">
          {cell.speedRpm} rpm, <FigureText figure={fig(cell.manifoldPa, 'pressure', 0)} />:{' '}
          {cell.steering === 'may' ? 'may be used' : cell.steering === 'careful' ? 'use with care' : 'ignore'}
        </span>
        , {cell.why}.
      </p>
      <p className="text-sm text-soft">
        From the cam overlap (by idle vacuum), the leaks found, the tail length and the kind of sensor: rules of thumb.
      </p>
    </section>
  )
}
