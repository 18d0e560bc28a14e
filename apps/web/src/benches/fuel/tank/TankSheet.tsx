import {
  designOf,
  fig,
  figureOf,
  moduleFitCaseOf,
  moduleFitOf,
  potVolumeM3,
  pumpInTank,
  senderOf,
  starvationOf,
  ventOf,
  type Figure,
} from '@lochmoor/core'
import { useMemo } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { FuelCautions } from '../FuelCautions.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { SheetProps } from '../sheetProps.ts'
import { StarvationPlan } from './StarvationPlan.tsx'
import { TankInputs } from './TankInputs.tsx'
import { TankSection } from './TankSection.tsx'

const BEND_S = 6

/** Does the pump's module fit, does the pick-up stay wet, does the tank breathe, does the gauge tell the truth. */
export const TankSheet = (props: SheetProps) => {
  const { job, assessment } = props
  const fit = useMemo(() => moduleFitOf(designOf(job)), [job])
  const fitCase = useMemo(() => moduleFitCaseOf(designOf(job)), [job])
  const starved = useMemo(() => starvationOf(designOf(job)), [job])
  return (
    <Columns
      measured={
        <>
          <FuelCautions where={['tank', 'fuel-opened']} />
          <TankInputs {...props} />
        </>
      }
      picture={
        <>
          {pumpInTank(job) &&
            (fit && fitCase ? (
              <TankSection fit={fit} c={fitCase} lowM={starved?.levelM ?? null} />
            ) : (
              <p className="border border-ink bg-sheet p-6 text-center text-soft">
                Measure the tank’s depth and the gap above it: the section is then drawn to scale.
              </p>
            ))}
          {starved ? (
            <StarvationPlan job={job} answer={starved} />
          ) : (
            <p className="mt-4 border border-hair bg-sheet p-4 text-center text-soft">
              Measure the tank floor and the pick-up: this then shows how hard a turn uncovers it.
            </p>
          )}
          <Sums job={job} assessment={assessment} />
        </>
      }
      judgement={
        <SheetJudgement
          sheet="tank"
          nothing="Nothing to check yet: choose a pump and enter the vent and the tank’s measurements."
          {...props}
        >
          <VentRules />
        </SheetJudgement>
      }
    />
  )
}

/** Pot, vent and sender, in figures. */
const Sums = ({ job, assessment: { engine, solved } }: Pick<SheetProps, 'job' | 'assessment'>) => {
  const demandM3S = engine.demand.designM3S
  const vent = useMemo(() => ventOf({ design: designOf(job), engine, solved }), [job, engine, solved])
  const sender = senderOf(designOf(job))
  const share = (v: number): Figure => fig(v, 'share', 0)
  const wanted = potVolumeM3(demandM3S, BEND_S)
  const rows: readonly (readonly [string, Figure])[] = [
    ['Swirl pot for six seconds at full load', fig(wanted, 'volume', 2)],
    ...(job.fuel.tank.potM3 === null ? [] : ([['Swirl pot fitted', fig(job.fuel.tank.potM3, 'volume', 2)]] as const)),
    ['Lowest fuel it must run on', fig(figureOf(job, 'fuel.tank.lowM3'), 'volume')],
    ...(vent
      ? ([
          ['Vacuum in the tank at full load', fig(vent.vacuumPa, 'pressure', 2)],
          ['Tank pressure while hot fuel expands', fig(vent.pressurePa, 'pressure', 2)],
          ...(vent.leastBoreM === null
            ? []
            : ([['Smallest bore that would do for this vent', fig(vent.leastBoreM, 'bore')]] as const)),
        ] as const)
      : []),
    ...(sender
      ? ([
          ['Gauge with the tank empty', share(sender.showsEmpty)],
          ['Gauge at half', share(sender.showsHalf)],
          ['Gauge with the tank full', share(sender.showsFull)],
        ] as const)
      : []),
  ]
  return (
    <section aria-label="Swirl pot, vent and gauge" className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Swirl pot, vent and gauge</h2>
      <dl>
        {rows.map(([name, figure]) => (
          <div key={name} className="flex justify-between gap-3 border-b border-hair/70 py-1">
            <dt>{name}</dt>
            <dd className="font-semibold whitespace-nowrap">
              <FigureText figure={figure} />
            </dd>
          </div>
        ))}
      </dl>
      {!sender && (
        <p className="py-1 text-sm text-soft">
          Enter sender and gauge resistance at empty and full to see what the gauge will show.
        </p>
      )}
    </section>
  )
}

const VentRules = () => (
  <div className="mt-4">
    <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Routing the vent</h2>
    <ul className="list-disc py-1 pl-5 leading-snug">
      <li>From the top of the tank, rising to a loop above the filler neck, with no sag where fuel can collect.</li>
      <li>A roll-over valve at the highest point, upright as its maker shows.</li>
      <li>Outlet outside and pointing down, away from exhaust, wheel arch and cabin; never inside the car.</li>
      <li>If the car has a charcoal canister, keep it: local law decides.</li>
      <li>An unvented cap needs the vent to let air in; a tank under vacuum starves the pump and can collapse.</li>
    </ul>
  </div>
)
