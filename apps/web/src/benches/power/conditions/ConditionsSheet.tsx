import { CONDITION_WORDS, crankRigOf, crankTrace, fig } from '@lochmoor/core'
import { useMemo } from 'react'
import { FigureText } from '../../../fields/FigureText.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { ConditionPicker } from '../inputs/ConditionPicker.tsx'
import type { PowerSheetProps } from '../sheetProps.ts'
import { RefusedFirst } from '../supply/RefusedFirst.tsx'
import { SagChart } from './SagChart.tsx'
import { StartOdds } from './StartOdds.tsx'
import { TraceEvents } from './TraceEvents.tsx'
import { VoltsTable } from './VoltsTable.tsx'

const TRACE_S = 1.5

/** Every device in every condition, and the start in time. */
export const ConditionsSheet = ({ job, assessment, condition, setCondition }: PowerSheetProps) => {
  const { c } = assessment
  const which = condition === 'crank-warm' ? 'crank-warm' : 'crank-cold'
  const trace = useMemo(
    () => (c.refusedBy === null ? crankTrace(crankRigOf(c.solved, which), TRACE_S) : null),
    [c, which],
  )
  return (
    <Columns
      names={['Based on', 'Conditions', 'Assessment']}
      measured={
        <>
          <Group title="Condition">
            <ConditionPicker condition={condition} setCondition={setCondition} />
            <PathField job={job} path="walkAround.battery.coldestStartK" />
            <PathField job={job} path="power.leastCrankRpm" />
          </Group>
          <Group title="ECU">
            <p className="py-1 leading-snug">
              {c.ecuName ?? 'No ECU chosen'}: resets below{' '}
              <FigureText figure={fig(c.supply.ecu.leastV, 'voltage', 1)} />, rides through{' '}
              <FigureText figure={fig(c.supply.ecu.rideThroughS, 'duration', 0)} />
              {c.ecuLeastKnown ? ', by its data sheet.' : <em>, assumed.</em>}
            </p>
          </Group>
          <Group title="Relays">
            <PathField job={job} path="power.relay.pullInV" label="Pull-in voltage" />
            <PathField job={job} path="power.relay.dropOutV" label="Drop-out voltage" />
            <PathField job={job} path="power.relay.coilOhm" label="Coil resistance" />
            <PathField job={job} path="power.relay.coilK" label="Coil temperature" />
          </Group>
        </>
      }
      picture={
        c.refusedBy !== null || trace === null ? (
          <RefusedFirst refusedBy={c.refusedBy ?? 'six-volts'} />
        ) : (
          <>
            <VoltsTable solved={c.solved} condition={condition} setCondition={setCondition} />
            <p className="mt-1 mb-3 text-sm leading-snug text-soft">
              Steady volts across each device, its lifted earth taken off. Red: below its minimum, above its maximum, or
              dead. The start in time, below, is deeper than its mean.
            </p>
            <SagChart trace={trace} leastV={c.supply.ecu.leastV} title={`${CONDITION_WORDS[which]}: volts over time`} />
            <TraceEvents trace={trace} />
            <StartOdds job={job} />
          </>
        )
      }
      judgement={<SheetJudgement sheet="conditions" />}
    />
  )
}
