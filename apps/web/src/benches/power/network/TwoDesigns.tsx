import {
  carSupplyOf,
  crankRigOf,
  crankTrace,
  DEVICE_WORDS,
  DEVICES,
  fig,
  solveCar,
  type ConditionId,
  type JobDocument,
  type LoadFigures,
  type PowerDesign,
} from '@lochmoor/core'
import { useMemo, useState } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { CircuitDrawing } from './CircuitDrawing.tsx'
import { badDevices } from '../badDevices.ts'
import { WIRE_LABELS } from '@lochmoor/core'

const COMPARED = {
  none: 'choose',
  feed: 'ECU fed from the battery, or tapped off the old fuse box',
  place: 'Battery in the engine bay, or in the boot',
  fan: 'Fan on its relay, or on the old circuit',
} as const
type Compared = keyof typeof COMPARED

interface Side {
  readonly name: string
  readonly job: JobDocument
}

const designed = (job: JobDocument, design: Partial<PowerDesign>): JobDocument => ({
  ...job,
  power: { ...job.power, design: { ...job.power.design, ...design } },
})
const placed = (job: JobDocument, place: 'bay' | 'boot'): JobDocument => ({
  ...job,
  power: { ...job.power, battery: { ...job.power.battery, place } },
})

const sidesOf = (job: JobDocument, what: Exclude<Compared, 'none'>): readonly [Side, Side] => {
  switch (what) {
    case 'feed':
      return [
        { name: 'From the battery', job: designed(job, { ecuFeed: 'battery', ecuEarth: 'battery' }) },
        { name: 'Tapped off the fuse box', job: designed(job, { ecuFeed: 'old-main', ecuEarth: 'body' }) },
      ]
    case 'place':
      return [
        { name: 'Battery in the bay', job: placed(job, 'bay') },
        { name: 'Battery in the boot', job: placed(job, 'boot') },
      ]
    case 'fan':
      return [
        { name: 'Fan on its relay', job: designed(job, { fan: 'relay' }) },
        { name: 'Fan on the old circuit', job: designed(job, { fan: 'old-switch' }) },
      ]
  }
}

/** The first second of the start, for its deepest sag. */
const FIRST_S = 0.6

/** Two designs of the same car, side by side, each solved. */
export const TwoDesigns = ({ job, condition }: { job: JobDocument; condition: ConditionId }) => {
  const [what, setWhat] = useState<Compared>('none')
  const [drawn, setDrawn] = useState(false)
  const sides = useMemo(
    () =>
      what === 'none'
        ? null
        : sidesOf(job, what).map(({ name, job: own }) => {
            const solved = solveCar(carSupplyOf(own))
            return { name, solved, start: crankTrace(crankRigOf(solved, 'crank-cold'), FIRST_S) }
          }),
    [job, what],
  )
  return (
    <section aria-label="Two designs side by side" className="mt-5">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Two designs side by side</h2>
      <SelectEntry
        label="Compare"
        value={what}
        options={Object.entries(COMPARED) as [Compared, string][]}
        onChange={setWhat}
      />
      {sides && (
        <>
          <DataTable
            name="Volts of both designs in this condition"
            rows={DEVICES.filter((d) => sides.some((s) => s.solved.at[condition].parts[d] !== undefined))}
            keyOf={(d) => d}
            columns={[
              { head: 'Device', cell: (d) => DEVICE_WORDS[d] },
              ...sides.flatMap(({ name, solved }) => [
                {
                  head: name,
                  right: true,
                  cell: (d: (typeof DEVICES)[number]) => {
                    const f = solved.at[condition].parts[d] as LoadFigures | undefined
                    return f ? <FigureText figure={fig(f.voltageV, 'voltage', 1)} /> : '–'
                  },
                },
                {
                  head: 'earth lift',
                  right: true,
                  cell: (d: (typeof DEVICES)[number]) => {
                    const f = solved.at[condition].parts[d] as LoadFigures | undefined
                    return typeof f?.liftV !== 'number' ? '–' : <FigureText figure={fig(f.liftV, 'voltage', 2)} />
                  },
                },
              ]),
            ]}
          />
          <ul className="mt-2 leading-snug">
            {sides.map(({ name, start, solved }) => (
              <li key={name} className="border-b border-hair/70 py-1">
                <strong>{name}</strong>: lowest at the ECU while cranking cold{' '}
                <FigureText figure={fig(start.least['ecu']?.volts ?? 0, 'voltage', 1)} />,{' '}
                {start.resets.length > 0 ? <strong className="text-stop">it resets</strong> : 'no reset'};{' '}
                <FigureText figure={fig((solved.crankRadS['crank-cold'] * 30) / Math.PI, 'engineSpeed', 0)} />.
              </li>
            ))}
          </ul>
          <button
            type="button"
            aria-expanded={drawn}
            onClick={() => setDrawn(!drawn)}
            className="my-2 border border-ink px-2 py-1 font-semibold hover:bg-wash"
          >
            {drawn ? 'Hide both drawings' : 'Draw both'}
          </button>
          {drawn && (
            <div className="grid gap-3 2xl:grid-cols-2">
              {sides.map(({ name, solved }) => (
                <div key={name} className="min-w-0">
                  <h3 className="font-bold">{name}</h3>
                  <CircuitDrawing
                    solved={solved}
                    labels={WIRE_LABELS}
                    condition={condition}
                    out={[]}
                    wire={null}
                    onWire={null}
                    name={name}
                    bad={badDevices(solved, condition)}
                  />
                </div>
              ))}
            </div>
          )}
        </>
      )}
    </section>
  )
}
