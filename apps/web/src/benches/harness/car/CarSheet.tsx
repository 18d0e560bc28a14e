import {
  HEAT_K,
  fig,
  PLAN_IDS,
  PLANS,
  suggestedPlan,
  withPlan,
  describePath,
  type Corridor,
  type PlanId,
} from '@lochmoor/core'
import { useState } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { Button } from '../../../shell/Button.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { Group } from '../../bench/Group.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { PlanDrawing, PlanLegend } from '../drawing/PlanDrawing.tsx'
import type { HarnessSheetProps } from '../sheetProps.ts'
import { CorridorFields } from './CorridorFields.tsx'
import { DeviceFields } from './DeviceFields.tsx'
import { PlaceFields } from './PlaceFields.tsx'

const EDITED = { corridors: 'Corridors', devices: 'Devices', places: 'Places' } as const
type Edited = keyof typeof EDITED

/** The car as a plan of corridors: what is measured, drawn to scale. */
export const CarSheet = ({ job, assessment, spot, setSpot }: HarnessSheetProps) => {
  const { plan } = assessment.c
  const [edited, setEdited] = useState<Edited>('corridors')
  const [wanted, setWanted] = useState<PlanId>(job.harness.plan ?? suggestedPlan(job))
  const words = describePath('harness.plan', job).words ?? {}
  const choose = () => run(setAt('harness', withPlan(job.harness, wanted), `plan: ${words[wanted]}`))
  const pickSpot = (id: string) => {
    setSpot(id)
    setEdited(job.harness.corridors.some((c) => c.id === id) ? 'corridors' : 'places')
  }
  const move = (id: string, to: { fromFrontM: number; fromMiddleM: number }) =>
    run(setAt('harness.places', job.harness.places.map((p) => (p.id === id ? { ...p, ...to } : p)), 'place moved'))
  const place = plan.places.find((p) => p.id === spot) ?? null
  const here = plan.devices.filter((d) => d.node === spot).map((d) => d.name)
  const planChoice = (
    <Group title="Plan">
      <SelectEntry label="Body" value={wanted} options={PLAN_IDS.map((id) => [id, words[id] ?? id] as const)} onChange={setWanted} />
      {wanted !== job.harness.plan && (
        <>
          <p className="py-1 text-sm leading-snug text-soft">
            {PLANS[wanted].corridors.length} corridors, as a start: lengths, heat and holes are estimates until they are measured.
            {job.harness.plan !== null && ' What was measured on the plan before goes, and with it the accepted loom.'}
          </p>
          <Button kind="main" onClick={choose}>
            Use this plan
          </Button>
        </>
      )}
    </Group>
  )
  if (plan.template === null)
    return (
      <Columns
        names={['Measured', 'Plan of the car', 'Assessment']}
        measured={planChoice}
        picture={
          <p className="max-w-prose py-2 leading-snug">
            The loom is worked out along the car’s corridors: each inner wing, the bulkhead, the tunnel, and the holes between
            them. Choose the body that is nearest to the car; then measure its corridors by string.
          </p>
        }
        judgement={<SheetJudgement sheet="" />}
      />
    )
  return (
    <Columns
      names={['Measured', 'Plan of the car', 'Assessment']}
      measured={
        <>
          {planChoice}
          <SelectEntry label="Enter" value={edited} options={Object.entries(EDITED) as [Edited, string][]} onChange={setEdited} />
          {edited === 'corridors' && <CorridorFields job={job} plan={plan} spot={spot} setSpot={setSpot} />}
          {edited === 'devices' && <DeviceFields job={job} plan={plan} />}
          {edited === 'places' && <PlaceFields job={job} plan={plan} spot={spot} setSpot={setSpot} />}
        </>
      }
      picture={
        <>
          <PlanDrawing plan={plan} name="Plan of the car" spot={spot} onSpot={pickSpot} onMove={move} />
          <PlanLegend bundles={false} />
          {place && (
            <p role="status" className="py-1 leading-snug">
              <strong>{place.name}</strong>: {here.length > 0 ? here.join(', ') : 'no device'}.
            </p>
          )}
          <CorridorTable corridors={plan.corridors} spot={spot} onSpot={pickSpot} />
        </>
      }
      judgement={<SheetJudgement sheet="" />}
    />
  )
} // prettier-ignore

interface TableProps {
  readonly corridors: readonly Corridor[]
  readonly spot: string | null
  readonly onSpot: (id: string) => void
}
const HEAT_WORDS = { cabin: 'cabin', bay: 'bay', hot: 'hot', exhaust: 'exhaust' } as const

const CorridorTable = ({ corridors, spot, onSpot }: TableProps) => (
  <section aria-label="Corridors" className="mt-4">
    <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Corridors</h2>
    <DataTable
      name="Corridors of the plan"
      rows={corridors.map((c, n) => ({ c, n }))}
      keyOf={({ c }) => c.id}
      marked={({ c }) => c.id === spot}
      columns={[
        { head: 'No.', right: true, cell: ({ n }) => n + 1 },
        {
          head: 'Corridor',
          wide: true,
          cell: ({ c }) => (
            <button type="button" onClick={() => onSpot(c.id)} className="text-left underline decoration-hair underline-offset-2 hover:decoration-ink">
              {c.name}
            </button>
          ),
        },
        {
          head: 'Length',
          right: true,
          cell: ({ c }) =>
            c.lengthM === null ? (
              'not known'
            ) : (
              <span className={c.assumed.includes('lengthM') ? 'text-unknown italic' : ''}>
                <FigureText figure={fig(c.lengthM, 'distance', 2)} />
                {c.assumed.includes('lengthM') ? ' est.' : ''}
              </span>
            ),
        },
        { head: 'Heat', cell: ({ c }) => (c.hottestK === HEAT_K[c.heat] ? HEAT_WORDS[c.heat] : <FigureText figure={fig(c.hottestK, 'temperature')} />) },
        {
          head: 'Found there',
          cell: ({ c }) =>
            [
              c.wet && 'wet',
              c.moving && 'moves',
              c.apart && 'room for two',
              c.near !== 'nothing' && { generator: 'generator', motor: 'fan', coil: 'coil', 'plug-leads': 'HT leads' }[c.near],
            ]
              .filter(Boolean)
              .join(', ') || '–',
        },
        { head: 'Hole', right: true, cell: ({ c }) => (c.boreM === null ? '–' : <FigureText figure={fig(c.boreM, 'bore', 0)} />) },
      ]}
    />
  </section>
) // prettier-ignore
