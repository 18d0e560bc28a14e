import { boresToBuy, fig, type BoreToBuy, type HoseOfPlan } from '@lochmoor/core'
import { useState } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { Caution } from '../../bench/Caution.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { Group } from '../../bench/Group.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { EngineTopSheetProps } from '../sheetProps.ts'
import { ConsumerFields } from './ConsumerFields.tsx'
import { PortFields } from './PortFields.tsx'
import { PortMap } from './PortMap.tsx'

const EDITED = [
  ['consumers', 'What needs vacuum'],
  ['ports', 'Ports'],
  ['line', 'Pressure line and its signal'],
] as const
type Edited = (typeof EDITED)[number][0]
const V = 'engineTop.vacuum'

const HOW: Readonly<Record<HoseOfPlan['by'], string>> = {
  own: 'own port',
  tee: 'by a tee',
  drilled: 'port to be drilled',
  dropped: 'left off',
  nothing: 'no port',
}

/** Who gets which port. */
export const VacuumSheet = ({ job, assessment }: EngineTopSheetProps) => {
  const { c } = assessment
  const { vacuum } = c
  const [edited, setEdited] = useState<Edited>(vacuum.entry.ports.length === 0 ? 'ports' : 'consumers')
  const { caps, hoses, tees } = boresToBuy(c)
  return (
    <Columns
      names={['Measured', 'Plan of the hoses', 'Assessment']}
      measured={
        <>
          <SelectEntry label="Enter" value={edited} options={EDITED} onChange={setEdited} />
          {edited === 'ports' && <PortFields job={job} />}
          {edited === 'consumers' && <ConsumerFields job={job} c={c} />}
          {edited === 'line' && (
            <>
              <Group title="Manifold pressure line">
                <PathChoice job={job} path={`${V}.pressureLine`} />
                <PathChoice job={job} path={`${V}.throughBulkhead`} label="Goes through the bulkhead" />
                {vacuum.entry.throughBulkhead !== false && <PathChoice job={job} path={`${V}.grommet`} />}
                <PathChoice job={job} path={`${V}.held`} label="Secured by" />
              </Group>
              <Group title="Signal, first steady idle">
                <PathField job={job} path={`${V}.stoppedPa`} label="ECU, engine stopped" of="Manifold pressure" />
                <PathField job={job} path={`${V}.idleLowPa`} label="ECU, lowest at idle" of="Manifold pressure" />
                <PathField job={job} path={`${V}.idleHighPa`} label="ECU, highest at idle" of="Manifold pressure" />
                <PathField job={job} path={`${V}.gaugePa`} label="Gauge at the same idle" of="Vacuum" />
              </Group>
            </>
          )}
        </>
      }
      picture={
        <>
          <Caution>A brake servo on a small, ported or shared port fails when it is needed. Try the brakes before the car moves.</Caution>
          {!vacuum.begun ? (
            <p className="border border-ink bg-sheet p-5 text-center">No ports yet: enter those of throttle body and manifold, then what needs vacuum.</p>
          ) : (
            <>
              <PortMap vacuum={vacuum} />
              <DataTable
                name="Who gets which port"
                rows={vacuum.hoses}
                keyOf={(h) => h.consumer.id}
                columns={[
                  { head: 'Consumer', wide: true, cell: (h) => h.consumer.entry.name },
                  { head: 'Port', wide: true, cell: (h) => (h.port === null ? HOW[h.by] : `${vacuum.nameOf(h.port.id)}${h.fixed ? ', fixed by hand' : ''}`) },
                  { head: 'How', cell: (h) => h.why ?? HOW[h.by] },
                  { head: 'Bore', right: true, cell: (h) => <span className={h.consumer.entry.boreM === null ? 'text-soft italic' : ''}>{h.consumer.entry.boreM === null && 'assumed '}<FigureText figure={fig(h.consumer.boreM, 'bore', 1)} /></span> },
                  { head: 'Hose', right: true, cell: (h) => (h.lengthM === null ? (h.port === null ? '' : 'not measured') : <FigureText figure={fig(h.lengthM, 'bore', 0)} />) },
                ]}
              />
              <Bores caps={caps} hoses={hoses} tees={tees} />
            </>
          )}
        </>
      }
      judgement={<SheetJudgement sheet="vacuum" />}
    />
  )
} // prettier-ignore

const Bores = ({ caps, hoses, tees }: { caps: readonly BoreToBuy[]; hoses: readonly BoreToBuy[]; tees: number }) => {
  const rows = [...hoses.map((h) => ({ what: 'Hose', ...h })), ...caps.map((h) => ({ what: 'Cap', ...h }))]
  if (rows.length === 0) return null
  return (
    <section aria-label="Hoses and caps" className="mt-4">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Hoses and caps by bore</h2>
      <DataTable
        name="Hoses and caps by bore"
        rows={rows}
        keyOf={(r) => `${r.what} ${r.boreM}`}
        columns={[
          { head: 'What', cell: (r) => r.what },
          { head: 'Bore', right: true, cell: (r) => <FigureText figure={fig(r.boreM, 'bore', 1)} /> },
          { head: 'Number', right: true, cell: (r) => r.count },
          { head: 'Together', right: true, cell: (r) => (r.lengthM === null || r.lengthM === 0 ? '' : <FigureText figure={fig(r.lengthM, 'distance', 2)} />) },
          { head: 'Not measured', right: true, cell: (r) => (r.unmeasured === 0 ? '' : r.unmeasured) },
        ]}
      />
      {tees > 0 && <p className="py-1 text-sm text-soft">Tees: {tees}.</p>}
    </section>
  )
} // prettier-ignore
