import {
  dueFactorOf,
  elementDropPa,
  fig,
  figureOf,
  pumpAtVoltage,
  pumpFlowAt,
  type FuelAssessment,
  type JobDocument,
} from '@lochmoor/core'
import type { ReactNode } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'

const GRAM = 1e-3

/** Filters at the flow they really see: fineness, drop clean and due, what they hold, direction, and both schools. */
export const FilterNote = ({ job, assessment }: { job: JobDocument; assessment: FuelAssessment }) => {
  const { filter, strainer, pump, pumpCount, filterPosition } = job.fuel
  const at = pump && pumpAtVoltage(pump.tables, figureOf(job, 'fuel.runningV'))
  const pumpM3S = at?.ok ? pumpCount * pumpFlowAt(at.value.curve, figureOf(job, 'fuel.setPressurePa')) : null
  const flowM3S = filterPosition === 'after-regulator' ? assessment.engine.demand.designM3S : pumpM3S
  const row = (name: string, value: ReactNode) => (
    <>
      <dt>{name}</dt>
      <dd className="text-right font-semibold">{value}</dd>
    </>
  )
  return (
    <section aria-label="Filters" className="mt-4 leading-snug">
      <h2 className="border-b-2 border-ink pb-0.5 font-extrabold">Filters</h2>
      {filter && flowM3S !== null && (
        <dl className="grid grid-cols-[1fr_auto] gap-x-3 py-1">
          {row('Fineness', `${Math.round(filter.finenessM * 1e6)} micron`)}
          {row('Flow through it', <FigureText figure={fig(flowM3S, 'volumeFlow')} />)}
          {row('Drop, clean', <FigureText figure={fig(elementDropPa(filter, flowM3S), 'pressure')} />)}
          {row(
            'Drop, due for change',
            <FigureText figure={fig(elementDropPa(filter, flowM3S) * dueFactorOf(filter), 'pressure')} />,
          )}
          {row(
            'Dirt capacity',
            filter.capacityKg === null ? 'not stated' : `${(filter.capacityKg / GRAM).toFixed(0)} g`,
          )}
          {row('Direction', filter.directional === false ? 'either' : 'arrow towards the engine')}
        </dl>
      )}
      {strainer && pumpM3S !== null && (
        <p className="text-soft">
          Strainer: <FigureText figure={fig(elementDropPa(strainer, pumpM3S), 'pressure')} /> on the suction side, where
          every kilopascal brings the fuel closer to boiling; so keep it coarse, 40 to 100 microns.
        </p>
      )}
      <p className="pt-1 text-soft">
        After the pump practice differs: 10 microns to protect the injectors, or the 100 microns that come with some
        kits and never starve the engine. Injectors clog first: fit 10 microns and change it when due. Mount it where it
        can be reached, away from the exhaust, upright if its maker says so.
      </p>
    </section>
  )
}
