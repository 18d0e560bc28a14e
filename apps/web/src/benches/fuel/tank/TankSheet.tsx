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
                The section is drawn to scale once the tank’s depth and the gap above it are measured.
              </p>
            ))}
          {starved ? (
            <StarvationPlan job={job} answer={starved} />
          ) : (
            <p className="mt-4 border border-hair bg-sheet p-4 text-center text-soft">
              Measure floor and pick-up: then the bends at which it runs dry are drawn.
            </p>
          )}
          <Sums job={job} assessment={assessment} />
        </>
      }
      judgement={
        <SheetJudgement
          sheet="tank"
          nothing="Nothing to judge yet: choose a pump and enter the vent and the tank’s measures."
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
    ['Pot that carries the engine at full load through six seconds', fig(wanted, 'volume', 2)],
    ...(job.fuel.tank.potM3 === null ? [] : ([['Pot there is', fig(job.fuel.tank.potM3, 'volume', 2)]] as const)),
    ['Fuel at which it must still run', fig(figureOf(job, 'fuel.tank.lowM3'), 'volume')],
    ...(vent
      ? ([
          ['Vacuum in the tank at full load', fig(vent.vacuumPa, 'pressure', 2)],
          ['Pressure while hot fuel breathes out', fig(vent.pressurePa, 'pressure', 2)],
          ...(vent.leastBoreM === null
            ? []
            : ([['Least bore of this vent that would do', fig(vent.leastBoreM, 'bore')]] as const)),
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
    <section aria-label="Pot, vent and gauge" className="mt-4">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Pot, vent and gauge</h2>
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
          Enter what sender and gauge have at empty and full to see what the gauge will show.
        </p>
      )}
    </section>
  )
}

const VentRules = () => (
  <div className="mt-4">
    <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Routing the vent</h2>
    <ul className="list-disc py-1 pl-5 leading-snug">
      <li>From the top of the tank, rising to a loop above the filler’s level, no sag where fuel can stand.</li>
      <li>A roll-over valve at the highest point, upright as its maker draws it.</li>
      <li>Its end outside and down, away from exhaust, wheel arch and cabin; never inside the car.</li>
      <li>Where the car has a charcoal canister, it stays: the law of the place decides.</li>
      <li>A cap without a hole needs the vent to let air in; a tank that draws in its walls starves the pump.</li>
    </ul>
  </div>
)
