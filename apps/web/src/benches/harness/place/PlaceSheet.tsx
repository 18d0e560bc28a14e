import { COST_SHARES, emptyCandidate, fig, wholeCorridor, type Figure } from '@lochmoor/core'
import { useState } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { Offer } from '../background/loomWork.ts'
import { COST_WORDS } from '../routes/costWords.ts'
import { shownLoom } from '../routes/shownLoom.ts'
import type { HarnessSheetProps } from '../sheetProps.ts'
import { AcceptLoom } from './AcceptLoom.tsx'
import { FixingTemplate } from './FixingTemplate.tsx'
import { KitReach } from './KitReach.tsx'
import { NoLoom } from './NoLoom.tsx'
import { SearchState } from './SearchState.tsx'
import { PlaceOdds } from './PlaceOdds.tsx'

const PATH = 'harness.candidates'
const MOST = 12

/** Where the ECU goes: one ranking with its shares, two places side by side, and what a kit's leads reach. */
export const PlaceSheet = (props: HarnessSheetProps) => {
  const { job, assessment, found, place, setPlace } = props
  const { c } = assessment
  const [index, setIndex] = useState(0)
  const { candidates, places } = job.harness
  const own = candidates[Math.min(index, Math.max(0, candidates.length - 1))]
  const known = c.plan.candidates.find((x) => x.id === own?.id)
  const at = (field: string) => `${PATH}.${own!.id}.${field}`
  const set = (next: typeof candidates, label: string, to: number) => {
    run(setAt(PATH, next, label))
    setIndex(to)
  }
  const offers = found.looms?.offers ?? []
  const loom = shownLoom(assessment, found.looms, place)
  const assumed = (si: number | undefined) => (si === undefined ? {} : { assumed: si })
  return (
    <Columns
      names={['Places', 'Ranking', 'Assessment']}
      measured={
        <>
          {loom && <AcceptLoom job={job} loom={loom} looms={found.looms} setPlace={setPlace} />}
          <Group title="Candidates">
            <ListEditor
              name="Places for the ECU"
              items={candidates}
              index={index}
              nameOf={(x) => x.name}
              onIndex={setIndex}
              onItems={set}
              fixedOrder
              add={
                candidates.length < MOST &&
                places.length > 0 && (
                  <AddButton onClick={() => set([...candidates, emptyCandidate(newId(), `Place ${candidates.length + 1}`, places[0]!.id)], 'ECU place added', candidates.length)}>Add place</AddButton>
                )
              }
            />
            {own && (
              <div key={own.id}>
                <NameEntry name={own.name} what="A place" onChange={(name) => run(setAt(at('name'), name, 'ECU place: name'))} />
                <SelectEntry label="Place of the plan" value={own.at} options={places.map((p) => [p.id, p.name] as const)} onChange={(id) => run(setAt(at('at'), id, 'ECU place'))} />
                <PathField job={job} path={at('hottestK')} label="Hottest" of={own.name} {...assumed(known?.hottestK)} />
                <PathChoice job={job} path={at('wet')} label="Wet" none={known?.wet ? 'assumed: wet' : 'assumed: dry'} />
                <PathField job={job} path={at('workS')} label="Mounting, service access" of={own.name} {...assumed(known && known.minutes * 60)} />
                <PathField job={job} path={at('roomLengthM')} label="Room, length" of={own.name} />
                <PathField job={job} path={at('roomWidthM')} label="Room, width" of={own.name} />
                <PathField job={job} path={at('roomDepthM')} label="Room, depth" of={own.name} />
              </div>
            )}
          </Group>
          <Group title="ECU">
            <PathField job={job} path="harness.unit.limitK" assumed={358.15} />
            <PathChoice job={job} path="harness.unit.sealed" none="assumed: not sealed" />
            <PathField job={job} path="harness.unit.lengthM" />
            <PathField job={job} path="harness.unit.widthM" />
            <PathField job={job} path="harness.unit.depthM" />
            <PathField job={job} path="harness.unit.plugRoomM" />
            <PathField job={job} path="harness.unit.holesLengthM" />
            <PathField job={job} path="harness.unit.holesWidthM" />
          </Group>
        </>
      }
      picture={
        offers.length === 0 ? (
          <NoLoom c={c} found={found} />
        ) : (
          <>
            <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Ranking by minutes of work</h2>
            <DataTable
              name="Places of the ECU ranked"
              rows={offers}
              keyOf={(o) => o.proposal.place.id}
              marked={(o) => o.proposal.place.id === (job.harness.loom?.place ?? null)}
              columns={[
                { head: 'Place', wide: true, cell: (o) => <>{o.proposal.place.name}{o.proposal.place.id === job.harness.loom?.place && ' (accepted)'}</> },
                { head: 'Faults', right: true, cell: (o) => (o.proposal.faults === 0 ? 'none' : o.proposal.faults) },
                { head: 'Minutes', right: true, cell: (o) => <strong>{o.proposal.route.cost.total.toFixed(0)}</strong> },
                ...COST_SHARES.filter((s) => offers.some((o) => o.proposal.route.cost[s] > 0)).map((s) => ({
                  head: COST_WORDS[s],
                  right: true,
                  cell: (o: Offer) => o.proposal.route.cost[s].toFixed(0),
                })),
              ]}
            />
            <SearchState found={found} />
            <TwoPlaces {...props} offers={offers} />
            <FixingTemplate unit={job.harness.unit} />
            {job.harness.design.build === 'kit' && loom && <KitReach c={c} loom={loom} />}
          </>
        )
      }
      judgement={<SheetJudgement sheet="ecu-place" />}
    />
  )
} // prettier-ignore

/** Two places of the ECU with everything that follows, before anything is accepted. */
const TwoPlaces = ({ job, assessment, offers }: HarnessSheetProps & { readonly offers: readonly Offer[] }) => {
  const [left, setLeft] = useState(job.harness.loom?.place ?? offers[0]!.proposal.place.id)
  const [right, setRight] = useState('')
  const one = offers.find((o) => o.proposal.place.id === left) ?? offers[0]!
  const other = offers.find((o) => o.proposal.place.id === right) ?? offers.find((o) => o !== one) ?? null
  const options = offers.map((o) => [o.proposal.place.id, o.proposal.place.name] as const)
  const corridor = (id: string) => assessment.c.plan.corridors.find((x) => x.id === wholeCorridor(id))?.name ?? id
  if (!other) return null
  const rows: readonly { readonly name: string; readonly of: (o: Offer) => Figure | string }[] = [
    { name: 'Rules broken, wires over budget', of: (o) => String(o.proposal.faults) },
    { name: 'Minutes of work', of: (o) => o.proposal.route.cost.total.toFixed(0) },
    { name: 'New wire', of: (o) => (o.effects ? fig(o.effects.wireM, 'distance', 1) : '…') },
    { name: 'Leads to lengthen', of: (o) => (o.effects ? String(o.effects.lengthened) : '…') },
    { name: 'Fullest hole', of: (o) => (o.effects?.fill ? fig(o.effects.fill.share, 'share') : 'none') },
    { name: 'which is', of: (o) => (o.effects?.fill ? corridor(o.effects.fill.corridor) : '–') },
    { name: 'ECU, deepest sag cranking cold', of: (o) => (typeof o.effects?.ecuLeastV === 'number' ? fig(o.effects.ecuLeastV, 'voltage', 2) : '–') },
    { name: 'Pump, deepest sag cranking cold', of: (o) => (typeof o.effects?.pumpLeastV === 'number' ? fig(o.effects.pumpLeastV, 'voltage', 2) : '–') },
    { name: 'Rail pressure at full load', of: (o) => (typeof o.effects?.railFullPa === 'number' ? fig(o.effects.railFullPa, 'pressure') : 'not known') },
  ]
  const cell = (value: Figure | string) => (typeof value === 'string' ? value : <FigureText figure={value} />)
  return (
    <section aria-label="Two places side by side" className="mt-5">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Two places side by side</h2>
      <div className="grid gap-3 sm:grid-cols-2">
        <SelectEntry label="One place" value={one.proposal.place.id} options={options} onChange={setLeft} />
        <SelectEntry label="The other" value={other.proposal.place.id} options={options.filter(([id]) => id !== one.proposal.place.id)} onChange={setRight} />
      </div>
      <DataTable
        name="What each place means"
        rows={rows}
        keyOf={(r) => r.name}
        columns={[
          { head: 'Figure', wide: true, cell: (r) => r.name },
          { head: one.proposal.place.name, right: true, cell: (r) => cell(r.of(one)) },
          { head: other.proposal.place.name, right: true, cell: (r) => cell(r.of(other)) },
        ]}
      />
      <p className="py-1 text-sm leading-snug text-soft">
        Volts and rail pressure as they would be with that loom accepted: solved network, coldest start, fuel circuit.
      </p>
      <PlaceOdds job={job} offers={[one, other]} />
    </section>
  )
} // prettier-ignore
