import { chargingOf, DRIVE_WORDS, drainA, fig, proofTestsOf, weeksAtRest, type DriveBalance } from '@lochmoor/core'
import { useMemo } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { StateShape } from '../../../marks/StateMark.tsx'
import { Caution } from '../../bench/Caution.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { DataTable } from '../../bench/DataTable.tsx'
import { Group } from '../../bench/Group.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { ProofList, useResults } from '../feeds/ProofList.tsx'
import { NotComputed } from '../NotComputed.tsx'
import type { PowerSheetProps } from '../sheetProps.ts'
import { GeneratorChart } from '../supply/GeneratorChart.tsx'
import { BalanceChart } from './BalanceChart.tsx'

const HOUR_S = 3600

/** Gained or lost in each way of driving, how long until it does not start, and weeks at rest. */
export const ChargingSheet = ({ job, assessment }: PowerSheetProps) => {
  const { c } = assessment
  const computed = c.refusedBy === null && c.gateKnown
  const charging = useMemo(() => (computed ? chargingOf(c) : null), [c, computed])
  const resultOf = useResults()
  const tests = computed ? proofTestsOf(c).filter((t) => ['drain', 'charging'].includes(t.id)) : []
  return (
    <Columns
      names={['Measured', 'Charging', 'Assessment']}
      measured={
        <>
          <Group title="Generator">
            <PathChoice job={job} path="walkAround.charging.kind" />
            <PathField job={job} path="walkAround.charging.ratedA" />
            <PathField job={job} path="walkAround.charging.pulleyRatio" />
            <PathField job={job} path="power.generator.regulatorV" label="Regulator voltage" />
            <PathField job={job} path="vehicle.idleSpeedRpm" />
            <PathField job={job} path="walkAround.tests.idleChargingV" />
          </Group>
          <Group title="Battery">
            <PathField job={job} path="walkAround.battery.capacityC" />
            <PathField job={job} path="walkAround.tests.restingV" />
            <PathField job={job} path="walkAround.battery.coldestStartK" />
            <PathField job={job} path="power.loads.restA" />
          </Group>
        </>
      }
      picture={
        charging === null ? (
          <NotComputed c={c} />
        ) : (
          <>
            <Caution>
              Never disconnect the battery with the engine running: an unsuppressed old generator jumps to 80 to 100 V
              for a tenth of a second or more. A 24 V jump start destroys the ECU.
            </Caution>
            <section aria-label="Charging balance" className="mb-5">
              <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">Charging balance</h2>
              <BalanceChart drives={charging.drives} />
              <DataTable
                name="Charging balance by way of driving"
                rows={charging.drives}
                keyOf={(d) => d.drive}
                columns={[
                  { head: 'Driving', cell: (d) => DRIVE_WORDS[d.drive] },
                  { head: 'Generator', right: true, cell: (d) => <FigureText figure={fig(d.generatorA, 'current', 0)} /> },
                  { head: 'Load', right: true, cell: (d) => <FigureText figure={fig(d.loadA, 'current', 0)} /> },
                  { head: 'Battery, each hour', right: true, cell: (d) => <Gain d={d} /> },
                  { head: 'Until it does not start', right: true, cell: (d) => <Until d={d} /> },
                ]}
              />
              <p className="mt-1 text-sm leading-snug text-soft">
                From the solved network. Town: two fifths of the time standing with the fan on; road: half-way to full
                speed: rules of thumb.{' '}
                {charging.leastCharge === null
                  ? 'It does not start at the coldest start even as it is.'
                  : <>It starts cold down to <FigureText figure={fig(charging.leastCharge, 'share', 0)} /> of its charge; it has <FigureText figure={fig(c.supply.battery.charge, 'share', 0)} /> now.</>}
              </p>
            </section>
            <section aria-label="At rest" className="mb-5">
              <h2 className="mb-1 border-b-2 border-ink pb-0.5 font-extrabold">At rest</h2>
              <p className="py-1 leading-snug">
                <strong>
                  <FigureText figure={fig(drainA(c), 'current', 3)} />
                </strong>{' '}
                with the key off, by the network: <strong>{weeksAtRest(c).toFixed(1)} weeks</strong> until it does not
                start cold.
              </p>
            </section>
            <GeneratorChart c={c} />
            <ProofList name="Tests of the charging" title="Tests" tests={tests} resultOf={resultOf} />
          </>
        )
      }
      judgement={<SheetJudgement sheet="charging" />}
    />
  )
} // prettier-ignore

const Gain = ({ d }: { d: DriveBalance }) => {
  const loses = d.batteryA < -0.05
  return (
    <span className={loses ? 'font-bold text-stop' : ''}>
      {loses ? 'loses ' : 'gains '}
      <FigureText figure={fig(Math.abs(d.batteryA) * HOUR_S, 'charge', 1)} />
    </span>
  )
}
const Until = ({ d }: { d: DriveBalance }) =>
  !Number.isFinite(d.untilNoStartS) ? (
    <StateShape state="ok" word={d.batteryA < -0.05 ? 'never: settles lower' : 'never'} />
  ) : (
    <span className="font-semibold">{d.untilNoStartS < 1 ? 'now' : `${(d.untilNoStartS / HOUR_S).toFixed(1)} h`}</span>
  )
