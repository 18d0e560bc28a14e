import { fig, NODE, type PowerCase } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { DataTable } from '../../bench/DataTable.tsx'

const LEGS = ['starterCable', 'batteryEarth', 'engineStrap', 'bodyStrap'] as const

/** Drop of each leg of the starter circuit at the coldest start, computed beside measured. */
export const StarterLegs = ({ c }: { c: PowerCase }) => {
  const at = c.solved.at['crank-cold']
  const rows = LEGS.map((role) => {
    const f = at.parts[role] as { currentA: number; dropV: number; resistanceOhm?: number }
    return { role, f, wire: c.supply.wires[role], measured: c.power.wires[role].crankDropV }
  })
  const lift = at.nodesV[NODE.block]
  return (
    <section aria-label="Starter circuit, leg by leg" className="mb-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Starter circuit, leg by leg</h2>
      <DataTable
        name="Legs of the starter circuit, cranking cold"
        rows={rows}
        keyOf={(r) => r.role}
        columns={[
          { head: 'Leg', cell: (r) => c.labels[r.role] },
          {
            head: 'Size',
            cell: (r) =>
              r.wire.fitted ? (
                <Assumed open={r.wire.assumed.includes('size')}>{r.wire.sizeWords}</Assumed>
              ) : (
                'not fitted'
              ),
          },
          {
            head: 'Length',
            right: true,
            cell: (r) =>
              r.wire.fitted ? (
                <Assumed open={r.wire.assumed.includes('length')}>
                  <FigureText figure={fig(r.wire.lengthM, 'distance', 1)} />
                </Assumed>
              ) : null,
          },
          {
            head: 'Carries',
            right: true,
            cell: (r) => <FigureText figure={fig(Math.abs(r.f.currentA), 'current', 0)} />,
          },
          {
            head: 'Drop, cold',
            right: true,
            cell: (r) =>
              r.wire.fitted ? (
                <strong>
                  <FigureText figure={fig(Math.abs(r.f.dropV), 'voltage', 2)} />
                </strong>
              ) : null,
          },
          {
            head: 'Measured',
            right: true,
            cell: (r) => (r.measured === null ? '–' : <FigureText figure={fig(r.measured, 'voltage', 2)} />),
          },
        ]}
      />
      {typeof lift === 'number' && (
        <p className="mt-1 leading-snug">
          The engine block stands <FigureText figure={fig(lift, 'voltage', 2)} /> above the battery’s negative terminal.
        </p>
      )}
    </section>
  )
}

/** A figure that nobody has measured, as such. */
const Assumed = ({ open, children }: { open: boolean; children: React.ReactNode }) =>
  open ? <span className="text-soft italic">{children}, assumed</span> : <>{children}</>
