import { ignitionOdds, type EngineTopCase, type IgnitionOfJob } from '@lochmoor/core'
import { StateShape } from '../../../marks/StateMark.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { WIRE_WORDS } from './wireWords.ts'

const FITS = { yes: ['ok', 'Yes'], no: ['caution', 'No'], unknown: ['unknown', 'Not known'] } as const

/** How the spark is made: practice differs, each against this ECU. */
export const IgnitionPractices = ({ c }: { c: EngineTopCase }) => (
  <section aria-label="Ignition practice" className="mt-5">
    <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Ignition: practice differs</h2>
    <DataTable
      name="Ignition: recommended practice"
      rows={ignitionOdds(c)}
      keyOf={(p) => p.id}
      marked={(p) => p.chosen}
      columns={[
        { head: 'Practice', cell: (p) => (p.chosen ? `${p.name} (chosen)` : p.name) },
        { head: 'Outputs', right: true, cell: (p) => (p.outputs === 0 ? 'none' : p.outputs) },
        { head: 'This ECU', cell: (p) => <StateShape state={FITS[p.fits][0]} word={FITS[p.fits][1]} /> },
        { head: 'When, and its drawbacks', wide: true, cell: (p) => `${p.when} ${p.against}` },
      ]}
    />
    <p className="py-1 text-sm leading-snug text-soft">It is chosen at the system. Base timing belongs to the first start.</p>
  </section>
) // prettier-ignore

/** Who fires when, in which group, with whom, and where the cylinder sits. */
export const FiringTable = ({ ignition }: { ignition: IgnitionOfJob }) => {
  const { firing, order, placeOf } = ignition
  if (firing === null || order === null) return null
  const mateOf = (n: number) => firing.companions?.flatMap(([a, b]) => (a === n ? [b] : b === n ? [a] : []))[0]
  return (
    <section aria-label="Who fires with whom" className="mt-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Firing groups</h2>
      <DataTable
        name="Firing groups"
        rows={order}
        keyOf={String}
        columns={[
          { head: 'Fires', right: true, cell: (n) => order.indexOf(n) + 1 },
          { head: 'Cylinder', right: true, cell: (n) => <b>{n}</b> },
          { head: 'Crank', right: true, cell: (n) => `${Math.round(firing.atDeg[order.indexOf(n)]! * 10) / 10}°` },
          { head: 'Batch group', cell: (n) => (firing.groups[0]!.includes(n) ? 'A' : 'B') },
          { head: 'Companion', right: true, cell: (n) => mateOf(n) ?? 'none' },
          { head: 'Sits', wide: true, cell: (n) => placeOf(n) || 'numbering not known' },
        ]}
      />
    </section>
  )
} // prettier-ignore

/** Which wires have been traced, and where they ended. */
export const WireTable = ({ ignition }: { ignition: IgnitionOfJob }) => {
  const { wires } = ignition
  if (wires.length === 0) return null
  const done = wires.filter((w) => w.right === true).length
  return (
    <section aria-label="Wires" className="mt-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">
        Wires traced: {done} of {wires.length} right
      </h2>
      <DataTable
        name="Wires traced"
        rows={wires}
        keyOf={(w) => w.id}
        columns={[
          { head: 'Wire', cell: (w) => `${WIRE_WORDS[w.kind]} ${w.number}` },
          { head: 'Leads to cylinder', right: true, cell: (w) => w.leadsTo.join(' and ') },
          { head: 'Sits', wide: true, cell: (w) => ignition.placeOf(w.leadsTo[0]!) },
          { head: 'Found', right: true, cell: (w) => w.found ?? '' },
          { head: 'State', cell: (w) => (w.right === null ? <StateShape state="unknown" word="Not traced" /> : w.right ? <StateShape state="ok" word="Right" /> : <StateShape state="stop" word="Wrong" />) },
        ]}
      />
    </section>
  )
} // prettier-ignore
