import { comingBack, COST_SHARES, fig, wholeCorridor } from '@lochmoor/core'
import { FigureText, SentenceText } from '../../../fields/FigureText.tsx'

import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { Group } from '../../bench/Group.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { PlanDrawing, PlanLegend } from '../drawing/PlanDrawing.tsx'
import { AcceptLoom } from '../place/AcceptLoom.tsx'
import { SearchState } from '../place/SearchState.tsx'
import { NoLoom } from '../place/NoLoom.tsx'
import type { HarnessSheetProps } from '../sheetProps.ts'
import { COST_WORDS } from './costWords.ts'
import { ProofPanel } from './ProofPanel.tsx'
import { shownLoom } from './shownLoom.ts'
import { WireWay } from './WireWay.tsx'

/** The loom computed: trunks over the car, what crosses where, one wire's way, and what it costs. */
export const RoutesSheet = (props: HarnessSheetProps) => {
  const { job, assessment, found, wire, setWire, place, setPlace, spot, setSpot } = props
  const { plan } = assessment.c
  const loom = shownLoom(assessment, found.looms, place)
  if (!loom)
    return (
      <Columns
        names={['Work', 'Routes', 'Assessment']}
        measured={<p className="py-2 text-soft">What the loom takes stands here once there is one.</p>}
        picture={<NoLoom c={assessment.c} found={found} />}
        judgement={<SheetJudgement sheet="routes" />}
      />
    )
  const { route, input, offer } = loom
  const shownWire = route.routes.find((r) => r.id === wire) ?? null
  const way = new Set((shownWire?.corridors ?? []).map(wholeCorridor))
  const ecuAt = input.unit?.candidates.find((c) => c.id === loom.placeId)?.place ?? null
  const nameOf = (id: string) => plan.corridors.find((c) => c.id === wholeCorridor(id))?.name ?? id
  const crossings = route.fills.filter((f) => f.takenM2 > 0 && input.corridors.find((c) => c.id === f.corridor)?.hole)
  const wires = (id: string) => new Set(route.bundles.filter((b) => b.corridor === id).flatMap((b) => b.circuits)).size
  const back = comingBack(input, route)
  const names = new Map(assessment.c.circuits.list.map((x) => [x.id, x.name]))
  const saving = offer?.saving ?? null
  return (
    <Columns
      names={['Work', 'Routes', 'Assessment']}
      measured={
        <>
          <AcceptLoom job={job} loom={loom} looms={found.looms} setPlace={setPlace} />
          <Group title="Minutes of work">
            <table className="w-full">
              <tbody>
                {COST_SHARES.filter((s) => route.cost[s] > 0).map((s) => (
                  <tr key={s} className="border-b border-hair/70">
                    <th scope="row" className="py-1 text-left font-normal">
                      {COST_WORDS[s]}
                    </th>
                    <td className="text-right tabular-nums">{route.cost[s].toFixed(1)}</td>
                  </tr>
                ))}
                <tr className="font-extrabold">
                  <th scope="row" className="py-1 text-left">
                    In all
                  </th>
                  <td className="text-right tabular-nums">{route.cost.total.toFixed(1)}</td>
                </tr>
              </tbody>
            </table>
            <p className="py-1 text-sm leading-snug text-soft">Minutes of a practised hand: rules of thumb, one currency for everything.</p>
          </Group>
          <ProofPanel loom={loom} />
        </>
      }
      picture={
        <>
          <PlanDrawing plan={plan} name={`Loom over the car, ECU: ${loom.placeName}`} route={route} way={way} spot={spot} onSpot={setSpot} ecuAt={ecuAt} />
          <PlanLegend bundles />
          {offer !== null && (
            <SearchState found={found} />
          )}
          {offer !== null && offer.lacks.changes.length > 0 && (
            <section aria-label="What is in the way" className="my-2 border-l-4 border-stop bg-sheet px-3 py-2 leading-snug">
              <h2 className="font-extrabold">Not every rule can be kept. The smallest change that would:</h2>
              <ul className="list-disc pl-5">
                {offer.lacks.changes.map((r, n) => (
                  <li key={n}>
                    <SentenceText sentence={r.words} />
                  </li>
                ))}
              </ul>
              {!offer.lacks.enough && <p>Even so something is left: look at the devices without a way.</p>}
            </section>
          )}
          {offer !== null && offer.proposal.exposed.some((x) => x.total > x.budget) && (
            <p className="my-2 border-l-4 border-stop bg-sheet px-3 py-2 leading-snug">
              {offer.proposal.exposed.filter((x) => x.total > x.budget).length} wires pick up more than their budget, first{' '}
              <strong>{offer.proposal.exposed[0]!.circuit.name}</strong>: move the ECU nearer, or shield them.
            </p>
          )}
          {back.length > 0 && (
            <p className="my-2 border-l-4 border-caution bg-sheet px-3 py-2 leading-snug">
              Out through a panel and in again: {back.map((id) => names.get(id) ?? id).join(', ')}.
            </p>
          )}
          {saving && (
            <p className="my-2 border-l-4 border-accent bg-sheet px-3 py-2 leading-snug">
              A grommet with <FigureText figure={fig(saving.boreM, 'bore', 0)} /> bore in “{saving.name}” saves{' '}
              <strong>{saving.minutes.toFixed(0)} minutes</strong>.
            </p>
          )}
          <WireWay job={job} plan={plan} route={route} input={input} wire={wire} setWire={setWire} />
          {crossings.length > 0 && (
            <section aria-label="Through panels" className="mt-4">
              <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Through panels</h2>
              <DataTable
                name="Fill of the holes"
                rows={crossings}
                keyOf={(f) => f.corridor}
                columns={[
                  { head: 'Hole', wide: true, cell: (f) => nameOf(f.corridor) },
                  { head: 'Wires', right: true, cell: (f) => wires(f.corridor) },
                  { head: 'Bore', right: true, cell: (f) => <FigureText figure={fig(input.corridors.find((c) => c.id === f.corridor)!.hole!.boreM, 'bore', 0)} /> },
                  { head: 'Fill of what it may take', right: true, cell: (f) => <FigureText figure={fig(f.takenM2 / f.allowedM2, 'share')} /> },
                ]}
              />
            </section>
          )}
          <section aria-label="Bundles" className="mt-4">
            <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Bundles</h2>
            <DataTable
              name="Bundles by corridor"
              rows={route.bundles}
              keyOf={(b) => `${b.corridor} ${b.class}`}
              marked={(b) => wholeCorridor(b.corridor) === spot}
              columns={[
                { head: 'Corridor', wide: true, cell: (b) => nameOf(b.corridor) },
                { head: 'Class', cell: (b) => b.class },
                { head: 'Wires', right: true, cell: (b) => b.circuits.length },
                { head: 'Diameter', right: true, cell: (b) => <FigureText figure={fig(b.diameterM, 'bore', 1)} /> },
              ]}
            />
          </section>
        </>
      }
      judgement={<SheetJudgement sheet="routes" />}
    />
  )
} // prettier-ignore
