import { fig, ECU, type HarnessCase } from '@lochmoor/core'
import { FigureText } from '../../../fields/FigureText.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import type { ShownLoom } from '../routes/shownLoom.ts'

/** Each lead of the kit against the way that it has to take: the shortest first. */
export const KitReach = ({ c, loom }: { c: HarnessCase; loom: ShownLoom }) => {
  const rows = loom.input.circuits
    .flatMap((circuit) => {
      const route = loom.route.routes.find((r) => r.id === circuit.id)
      const own = c.circuits.list.find((x) => x.id === circuit.id)
      if (!circuit.kit || !route || !own) return []
      const device = own.from === ECU ? own.to : own.from
      return [{ own, route, reachM: circuit.kit.reachM, extend: circuit.kit.extend !== undefined, device }]
    })
    // The wires of one lead are as long as its longest.
    .filter(
      (r, _, all) => !all.some((o) => o.device === r.device && ((o.route.wireM ?? 0) > (r.route.wireM ?? 0) || ((o.route.wireM ?? 0) === (r.route.wireM ?? 0) && o.own.id < r.own.id))),
    )
    .sort((x, y) => (y.route.shortfallM ?? 0) - (x.route.shortfallM ?? 0))
  return (
    <section aria-label="Reach of the kit" className="mt-5">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Reach of the kit, ECU: {loom.placeName}</h2>
      {rows.length === 0 ? (
        <p className="py-1 text-soft">Enter the leads of the kit on tab “Circuits”.</p>
      ) : (
        <DataTable
          name="Reach of every lead"
          rows={rows}
          keyOf={(r) => r.own.id}
          columns={[
            { head: 'Lead', wide: true, cell: (r) => c.plan.devices.find((d) => d.id === r.device)?.name ?? 'splice' },
            { head: 'As delivered', right: true, cell: (r) => <FigureText figure={fig(r.reachM, 'distance', 2)} /> },
            { head: 'Needed', right: true, cell: (r) => (r.route.wireM === null ? 'no way' : <FigureText figure={fig(r.route.wireM, 'distance', 2)} />) },
            {
              head: 'Outcome',
              cell: (r) =>
                (r.route.shortfallM ?? 0) > 1e-9 ? (
                  <strong className={r.extend ? 'text-caution' : 'text-stop'}>
                    short by <FigureText figure={fig(r.route.shortfallM!, 'distance', 2)} />, {r.extend ? 'lengthen it' : 'must not be cut'}
                  </strong>
                ) : (
                  <>
                    reaches, <FigureText figure={fig(r.route.surplusM ?? 0, 'distance', 2)} /> to fold at the ECU’s end
                  </>
                ),
            },
            { head: 'Crosses', right: true, cell: (r) => (r.route.corridors ?? []).filter((e) => loom.input.corridors.find((x) => x.id === e)?.hole).length },
          ]}
        />
      )}
    </section>
  )
} // prettier-ignore
