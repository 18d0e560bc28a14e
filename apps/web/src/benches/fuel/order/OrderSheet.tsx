import { designOf, openPointsOf, orderItems, partsOfFuel, type JobDocument } from '@lochmoor/core'
import { useMemo } from 'react'
import { YesNoField } from '../../../fields/YesNoField.tsx'
import { assessmentOf } from '../../../store/assessments.ts'
import { run, setFuel } from '../../../store/commands.ts'
import { BuiltSwitch } from '../../bench/BuiltSwitch.tsx'
import { Columns } from '../../bench/Columns.tsx'
import { PaperLinks } from '../../bench/PaperLinks.tsx'
import { PartsTable } from '../../bench/PartsTable.tsx'
import { FuelCautions } from '../FuelCautions.tsx'
import { Group } from '../../bench/Group.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import { StillAssumed } from '../../bench/StillAssumed.tsx'
import type { SheetProps } from '../sheetProps.ts'
import { OpenPointsList } from './OpenPointsList.tsx'
import { Ordering } from './Ordering.tsx'
import { OrderNeeds } from './OrderNeeds.tsx'

/** What to order, the papers for bench and dealer, and what must be there before fuel flows. */
export const OrderSheet = (props: SheetProps) => {
  const { job, catalogue, assessment } = props
  const lines = useMemo(() => partsOfFuel(designOf(job)), [job])
  const items = useMemo(() => orderItems(designOf(job)), [job])
  const open = useMemo(() => openPointsOf(job, catalogue, assessmentOf), [job, catalogue])
  return (
    <Columns
      names={['Safety', 'Parts', 'Assessment']}
      measured={
        <>
          <FuelCautions where={['pump', 'fuel-opened']} />
          <SafetyInputs job={job} />
        </>
      }
      picture={
        <>
          <PaperLinks
            papers={[
              { file: 'fuel/sheet.pdf?paper=a4', words: 'Working sheet, A4' },
              { file: 'fuel/sheet.pdf?paper=letter', words: 'Working sheet, Letter' },
              { file: 'fuel/parts.csv', words: 'Parts as CSV' },
            ]}
          />
          <PartsTable
            lines={lines}
            nothing="Nothing to order yet: choose pump, regulator, lines and injectors first."
          />
          <OrderNeeds items={items} />
          <OpenPointsList open={open} />
          <Ordering key={job.work.state} job={job} lines={lines} items={items} open={open} />
        </>
      }
      judgement={
        <SheetJudgement sheet="order">
          <StillAssumed count={assessment.assumptions.length} tab="Pressure" />
          <BuiltSwitch station="fuel" />
        </SheetJudgement>
      }
    />
  )
}

const SafetyInputs = ({ job }: { job: JobDocument }) => {
  const { safety } = job.fuel
  const field = (name: keyof typeof safety, label: string, how: string) => (
    <YesNoField
      label={label}
      value={safety[name]}
      how={how}
      onChange={(v) => run(setFuel({ safety: { ...safety, [name]: v } }, label.toLowerCase(), false))}
    />
  )
  return (
    <Group title="Pump cut-off">
      {field(
        'stopsWithEngine',
        'With the engine',
        'The ECU drives the relay and drops it when the crank stops. Test it: unplug the crank sensor with the engine idling.',
      )}
      {field(
        'inertiaSwitch',
        'After a crash',
        'An inertia or roll-over switch in the relay coil feed, reset by hand. Test it with a knock before you mount it.',
      )}
      {field(
        'fused',
        'If a wire chafes',
        'A fuse at the battery end of the feed, sized for the wire, not for the pump.',
      )}
    </Group>
  )
}
