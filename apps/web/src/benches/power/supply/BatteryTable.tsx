import { batteryState, fig, WARM_START_K, type PowerCase } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { DataTable } from '../../bench/DataTable.tsx'

/** The battery as a source: warm, and at the coldest start. */
export const BatteryTable = ({ c }: { c: PowerCase }) => {
  const { supply, solved } = c
  const rows = (['crank-warm', 'crank-cold'] as const).map((id) => {
    const temperatureK = id === 'crank-warm' ? WARM_START_K : supply.coldestK
    const post = (solved.at[id].parts['battery'] as { voltageV: number }).voltageV
    return {
      id,
      temperatureK,
      ...batteryState({ ...supply.battery, temperatureK }),
      post,
      amps: (solved.at[id].parts['starter'] as { currentA: number }).currentA,
      rpm: (solved.crankRadS[id] * 30) / Math.PI,
    }
  })
  return (
    <section aria-label="Battery while cranking" className="mb-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Battery while cranking</h2>
      <DataTable
        name="Battery, warm and at the coldest start"
        rows={rows}
        keyOf={(r) => r.id}
        columns={[
          { head: 'Start', cell: (r) => <FigureText figure={fig(r.temperatureK, 'temperature', 0)} /> },
          { head: 'At rest', right: true, cell: (r) => <FigureText figure={fig(r.openCircuitV, 'voltage', 2)} /> },
          {
            head: 'Resistance',
            right: true,
            cell: (r) => <FigureText figure={fig(r.resistanceOhm, 'smallResistance', 1)} />,
          },
          { head: 'Starter draws', right: true, cell: (r) => <FigureText figure={fig(r.amps, 'current', 0)} /> },
          { head: 'Crank', right: true, cell: (r) => <FigureText figure={fig(r.rpm, 'engineSpeed', 0)} /> },
          {
            head: 'At the terminals',
            right: true,
            cell: (r) => (
              <strong>
                <FigureText figure={fig(r.post, 'voltage', 1)} />
              </strong>
            ),
          },
        ]}
      />
      <p className="mt-1 text-sm leading-snug text-soft">
        Resistance from the cold-crank rating; age, charge, friction and starter are rules of thumb or typical figures.
      </p>
    </section>
  )
}
