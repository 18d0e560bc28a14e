import {
  CONDITION_WORDS,
  errorFigure,
  fig,
  NODE,
  proofTestsOf,
  SENSED_IN,
  SENSOR_WORDS,
  sensedErrors,
  solveCar,
  type ConditionId,
  type PowerCase,
  type PowerDesign,
  type SolvedCar,
} from '@lochmoor/core'
import { useMemo } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { Group } from '../../bench/Group.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { ProofList, useResults } from '../feeds/ProofList.tsx'
import { NotComputed } from '../NotComputed.tsx'
import type { PowerSheetProps } from '../sheetProps.ts'

const PROVE = ['earth-block', 'earth-body', 'sensor-earth', 'pump-drop']

/** Recommended practices of where the ECU's earth goes, straps and their drops, and what a lifted return does to a reading. */
export const EarthsSheet = ({ job, assessment }: PowerSheetProps) => {
  const { c } = assessment
  const computed = c.refusedBy === null && c.gateKnown
  const resultOf = useResults()
  const tests = computed ? proofTestsOf(c).filter((t) => PROVE.includes(t.id)) : []
  return (
    <Columns
      names={['Chosen and found', 'Earths', 'Assessment']}
      measured={
        <>
          <Group title="Where earths go">
            <PathChoice job={job} path="power.design.ecuEarth" />
            <PathChoice job={job} path="power.design.pumpEarth" />
          </Group>
          <Group title="Straps, as found">
            <PathChoice job={job} path="walkAround.earths.batteryToEngine" />
            <PathChoice job={job} path="walkAround.earths.engineToBody" />
            <PathChoice job={job} path="walkAround.earths.batteryToBody" />
            <PathChoice job={job} path="walkAround.earths.condition" />
            <PathField job={job} path="power.wires.batteryEarth.crankDropV" label="Drop, battery to engine" />
            <PathField job={job} path="power.wires.engineStrap.crankDropV" label="Drop, engine to body" />
            <PathField job={job} path="power.wires.bodyStrap.crankDropV" label="Drop, battery to body" />
          </Group>
          <Group title="Returns of the sensors">
            {(['coolant', 'air', 'manifold', 'throttle', 'oxygen'] as const).map((s) => (
              <PathChoice key={s} job={job} path={`power.sensors.${s}`} label={SENSOR_WORDS[s]} />
            ))}
          </Group>
        </>
      }
      picture={
        !computed ? (
          <NotComputed c={c} />
        ) : (
          <>
            <EarthSchools c={c} />
            <EarthLegs c={c} />
            <SensedTable c={c} />
            <ProofList name="Tests of the earths" title="Tests" tests={tests} resultOf={resultOf} />
          </>
        )
      }
      judgement={<SheetJudgement sheet="earths" />}
    />
  )
}

const SCHOOLS = {
  battery: ['Battery terminal', 'Sees none of the starter’s drop. Sensor earth never to the block.'],
  block: ['Engine block', 'Short leads, coil current stays on the engine; rides on the block. Sensor earth never to the battery.'],
  head: ['Cylinder head', 'Where coils return: as the block, one joint more. Sensor earth never to block or battery.'],
  body: ['Body', 'The strap carries coil and injector current. Sensor earth to the ECU only.'],
} as const satisfies Record<PowerDesign['ecuEarth'], readonly [string, string]> // prettier-ignore

/** Each practice solved on this car. */
const EarthSchools = ({ c }: { c: PowerCase }) => {
  const rows = useMemo(
    () =>
      (Object.keys(SCHOOLS) as PowerDesign['ecuEarth'][]).map((at) => ({
        at,
        solved: at === c.supply.design.ecuEarth ? c.solved : solveCar({ ...c.supply, design: { ...c.supply.design, ecuEarth: at } }),
      })),
    [c],
  )
  const lift = (s: SolvedCar, id: ConditionId) => {
    const v = s.at[id].nodesV[NODE.ecuEarth]
    return typeof v === 'number' ? <FigureText figure={fig(v, 'voltage', 2)} /> : 'open'
  }
  return (
    <section aria-label="Where the ECU’s power earth goes" className="mb-5">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Where the ECU’s power earth goes</h2>
      <DataTable
        name="Recommended practices on this car"
        rows={rows}
        keyOf={(r) => r.at}
        marked={(r) => r.at === c.supply.design.ecuEarth}
        columns={[
          { head: 'ECU earth at', cell: (r) => SCHOOLS[r.at][0] },
          { head: 'Lift, cranking cold', right: true, cell: (r) => lift(r.solved, 'crank-cold') },
          { head: 'Fan starts', right: true, cell: (r) => lift(r.solved, 'fan-inrush') },
          { head: 'Night, rain', right: true, cell: (r) => lift(r.solved, 'night-rain') },
          { head: 'Why', wide: true, cell: (r) => SCHOOLS[r.at][1] },
        ]}
      />
      <p className="mt-1 text-sm leading-snug text-soft">
        Lift against the battery’s negative terminal. Recommended practice differs; all are held against the same figures.
      </p>
    </section>
  )
} // prettier-ignore

const LEGS = [
  ['batteryEarth', 'Battery to engine'],
  ['engineStrap', 'Engine to body'],
  ['bodyStrap', 'Battery to body'],
  ['ecuEarth', 'ECU earth'],
  ['pumpEarth', 'Pump earth'],
] as const

/** Drop of each leg, computed and measured. */
const EarthLegs = ({ c }: { c: PowerCase }) => {
  const drop = (role: string, id: ConditionId) => {
    const f = c.solved.at[id].parts[role] as { dropV: number; currentA: number } | undefined
    return f ? <FigureText figure={fig(Math.abs(f.dropV), 'voltage', 2)} /> : '–'
  }
  return (
    <section aria-label="Earth legs" className="mb-5">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Earth legs</h2>
      <DataTable
        name="Drop of each earth leg"
        rows={LEGS}
        keyOf={([role]) => role}
        columns={[
          { head: 'Leg', cell: ([, name]) => name },
          { head: 'Size', cell: ([role]) => (c.supply.wires[role].fitted ? c.supply.wires[role].sizeWords : <strong className="text-stop">not fitted</strong>) },
          { head: 'Cranking cold', right: true, cell: ([role]) => drop(role, 'crank-cold') },
          { head: 'Night, rain', right: true, cell: ([role]) => drop(role, 'night-rain') },
          {
            head: 'Measured cranking',
            right: true,
            cell: ([role]) => {
              const v = c.power.wires[role].crankDropV
              return v === null ? 'not measured' : <FigureText figure={fig(v, 'voltage', 2)} />
            },
          },
        ]}
      />
    </section>
  )
} // prettier-ignore

/** What each sensor reads wrongly in each condition. */
const SensedTable = ({ c }: { c: PowerCase }) => {
  const rows = sensedErrors(c.solved, c.power.sensors)
  return (
    <section aria-label="What a lifted return does to a reading">
      <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">What a lifted return does to a reading</h2>
      <DataTable
        name="Error of each sensor"
        rows={rows}
        keyOf={(r) => r.sensor}
        columns={[
          { head: 'Sensor', cell: (r) => SENSOR_WORDS[r.sensor] },
          ...SENSED_IN.map((id, i) => ({
            head: CONDITION_WORDS[id],
            right: true,
            cell: (r: (typeof rows)[number]) => {
              const a = r.at[i]!
              if (r.returns === 'ecu') return <span className="text-soft">none</span>
              return a.error === null ? (
                <strong className="text-stop">end of range</strong>
              ) : (
                <FigureText figure={errorFigure(r.sensor, a.error)} />
              )
            },
          })),
        ]}
      />
      <p className="mt-1 text-sm leading-snug text-soft">
        Signed: potential of the sensor’s own return against the ECU’s sensor earth, turned into its reading (warm
        engine, 25 °C air, 40 kPa, throttle nearly shut; sensors typical). One returned to the ECU has none, however its
        power earth is lifted.
      </p>
    </section>
  )
}
