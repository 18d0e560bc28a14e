import {
  designOf,
  fig,
  hotSoakOf,
  primeOf,
  pumpInTank,
  suctionAt,
  tankHeatOf,
  ventOf,
  type Figure,
} from '@lochmoor/core'
import { useMemo, type ReactNode } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { FuelCautions } from '../FuelCautions.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { Group } from '../../bench/Group.tsx'
import { LineInputs } from '../inputs/LineInputs.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { SheetProps } from '../sheetProps.ts'
import { TankHeatChart } from './TankHeatChart.tsx'
import { VapourChart } from './VapourChart.tsx'

/** Where the fuel may boil: at the pump's inlet, in the warm tank, in the rail after a stop; and how long the prime takes. */
export const SuctionSheet = (props: SheetProps) => {
  const { job, catalogue, assessment } = props
  const heat = useMemo(() => tankHeatOf({ design: designOf(job), solved: assessment.solved }), [job, assessment])
  return (
    <Columns
      measured={
        <>
          <FuelCautions where={['vapour']} />
          <Group title="Fuel and place">
            <PathField job={job} path="fuel.reidPa" decided />
            <PathField job={job} path="fuel.hotFuelK" />
            <PathField job={job} path="fuel.altitudeM" decided />
            <PathField job={job} path="fuel.inletHeadM" />
          </Group>
          {job.fuel.pump?.mount === 'in-line' && <LineInputs job={job} catalogue={catalogue} which="suction" />}
          <Group title="Tank over a drive">
            <PathField job={job} path="walkAround.tank.volumeM3" label="Tank, when full" />
            <PathField job={job} path="fuel.tank.lowM3" decided />
            <PathField job={job} path="fuel.tank.hotDayK" decided />
            <PathField job={job} path="fuel.tank.lossWK" label="Heat loss of the tank" decided />
            {assessment.solved[0]?.circuit.regulator.type === 'return' && (
              <PathField job={job} path="fuel.tank.returnWarmerK" />
            )}
          </Group>
          <Group title="Prime">
            <PathField job={job} path="fuel.primeS" decided />
            <PathField job={job} path="fuel.railM3" />
          </Group>
        </>
      }
      picture={
        <>
          <VapourChart job={job} solved={assessment.solved} heat={heat} />
          <Inlets {...props} />
          {heat && <TankHeatChart heat={heat} />}
          <Figures {...props} />
        </>
      }
      judgement={<SheetJudgement sheet="suction" />}
    />
  )
}

/** The pump's inlet at every moment. */
const Inlets = ({ job, assessment }: SheetProps) => {
  const rows = useMemo(() => assessment.solved.map((s) => ({ s, at: suctionAt(designOf(job), s) })), [job, assessment])
  if (rows.length === 0) return <p className="py-2 text-soft">Inlet pressures appear once the circuit can be solved.</p>
  const worst = rows.reduce((w, r) => (r.at.marginPa < w.at.marginPa ? r : w))
  const pa = (v: number) => <FigureText figure={fig(v, 'pressure')} />
  return (
    <section aria-label="Pump inlet pressure" className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">
        Pump {pumpInTank(job) ? 'in the tank' : 'in the line'}: inlet pressure, absolute
      </h2>
      <DataTable
        name="Inlet pressures"
        rows={rows}
        keyOf={(r) => r.s.point.id}
        marked={(r) => r === worst}
        columns={[
          { head: 'Condition', wide: true, cell: (r) => `${r.s.point.label}${r === worst ? ' (worst)' : ''}` },
          {
            head: 'Fuel',
            right: true,
            cell: (r) => <FigureText figure={fig(r.s.point.temperatureK, 'temperature')} />,
          },
          { head: 'Air', right: true, cell: (r) => pa(r.at.ambientPa) },
          { head: 'Lost on the way in', right: true, cell: (r) => pa(r.at.lossPa) },
          { head: 'At the inlet', right: true, cell: (r) => pa(r.at.inletPa) },
          { head: 'Boils at', right: true, cell: (r) => pa(r.at.vapourPa) },
          { head: 'Margin', right: true, cell: (r) => pa(r.at.marginPa) },
        ]}
      />
    </section>
  )
}

const Figures = ({ job, assessment, ask }: SheetProps) => {
  const soak = hotSoakOf(designOf(job))
  const prime = useMemo(() => primeOf(designOf(job)), [job])
  const { solved, engine } = assessment
  const vent = useMemo(() => ventOf({ design: designOf(job), solved, engine }), [job, solved, engine])
  const rows: readonly (readonly [string, Figure | string, Parameters<typeof ask>[0]])[] = [
    ['Rail after stopping, absolute', fig(soak.railPa, 'pressure'), 'hot-soak'],
    ['Fuel boils in the rail at', fig(soak.boilsAtK, 'temperature'), 'hot-soak'],
    ...(prime
      ? ([
          ['Prime, lines empty', seconds(prime.dryS), 'prime'],
          ['Key-on cycles, lines empty', cycles(prime.dryCycles), 'prime'],
          ['Prime, lines full', seconds(prime.wetS), 'prime'],
        ] as const)
      : []),
    ...(vent ? ([['Tank vacuum through its vent', fig(vent.vacuumPa, 'pressure', 2), 'vent']] as const) : []),
  ]
  return (
    <section aria-label="Figures of vapour and prime" className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Hot stop and prime</h2>
      <ul>
        {rows.map(([name, value, working]) => (
          <li key={name}>
            <button
              type="button"
              onClick={() => ask(working, 'full-low')}
              aria-label={`${name}: show working`}
              className="flex w-full justify-between gap-2 border-b border-hair/70 py-1 hover:bg-wash"
            >
              <span>{name}</span>
              <span className="font-semibold whitespace-nowrap underline decoration-dotted underline-offset-3">
                <Value value={value} />
              </span>
            </button>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-sm text-soft">Click a figure for its working.</p>
    </section>
  )
}

const seconds = (s: number): Figure | string => (Number.isFinite(s) ? fig(s, 'time', s < 1 ? 2 : 1) : 'never')
const cycles = (n: number): string => (Number.isFinite(n) ? String(n) : 'never')
const Value = ({ value }: { value: Figure | string }): ReactNode =>
  typeof value === 'string' ? value : <FigureText figure={value} />
