import { chosenSpots, leakHoleM, momentOf, runOf } from '@lochmoor/core'
import { Columns } from '../../bench/Columns.tsx'
import { Group } from '../../bench/Group.tsx'
import { ExhaustCautions } from '../ExhaustCautions.tsx'
import { ForeignAir } from '../inputs/ForeignAir.tsx'
import { FuelOfSensor } from '../inputs/FuelOfSensor.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SensorPicker } from '../inputs/SensorPicker.tsx'
import { MeetingLine } from '../../bench/MeetingLine.tsx'
import { SheetJudgement } from '../../bench/judgement/SheetJudgement.tsx'
import type { SheetProps } from '../sheetProps.ts'
import { DeadCylinderPanel } from './DeadCylinderPanel.tsx'
import { LeakPanel } from './LeakPanel.tsx'
import { RichChart } from './RichChart.tsx'
import { SteeringTable } from './SteeringTable.tsx'

/** Everything that makes the sensor tell something else than the mixture, and what the loop makes of it. */
export const ReadingSheet = (props: SheetProps) => {
  const { job, assessment, sensorIndex } = props
  const { c } = assessment
  const chosen = chosenSpots(c).find((s) => s.index === sensorIndex) ?? chosenSpots(c)[0]
  const run = (chosen && runOf(c.runs, chosen.spot.run)) ?? c.runs.at(-1)
  return (
    <Columns
      names={['Loop', 'What is read', 'Assessment']}
      measured={
        <>
          <ExhaustCautions job={job} where={['running', 'emissions']} />
          <SensorPicker {...props} />
          <Group title="The loop">
            <PathField job={job} path="exhaust.correctionLimit" label="Trim limit" decided />
            <PathField job={job} path="exhaust.openLoopLambda" label="Open-loop lambda" />
            <PathField job={job} path="exhaust.readsToLambda" label="Lean end of the display" />
            <MeetingLine
              job={job}
              id="walkAround.tests.idleVacuumPa"
              of="walkAround"
              unknown="not measured yet: a mild cam is assumed"
            />
          </Group>
          <ForeignAir job={job} />
          <FuelOfSensor job={job} />
        </>
      }
      picture={
        run && run.cylinders.length > 0 ? (
          <>
            <SteeringTable c={c} />
            <LeakPanel
              c={c}
              run={run.id}
              spot={chosen?.spot ?? null}
              foundM={chosen ? leakHoleM(c, chosen.spot, momentOf(c, 'idle')) : 0}
              cylinders={run.cylinders.length}
            />
            <DeadCylinderPanel job={job} cylinders={run.cylinders.length} />
            <RichChart readsToLambda={job.exhaust.readsToLambda} />
          </>
        ) : (
          <p className="border border-ink bg-sheet p-6 text-center">
            Enter the exhaust and its cylinders on tab “Pipe” first: how far a fault shifts the reading depends on how
            many cylinders feed the sensor.
          </p>
        )
      }
      judgement={<SheetJudgement sheet="reading" />}
    />
  )
}
