import type { JobDocument } from '@lochmoor/core'
import { YesNoField } from '../../../fields/YesNoField.tsx'
import { run as doRun, setExhaust } from '../../../store/commands.ts'
import { Group } from '../../bench/Group.tsx'

/** What is burnt, as far as the sensor minds. */
export const FuelOfSensor = ({ job }: { job: JobDocument }) => (
  <Group title="Fuel">
    <YesNoField
      label="Leaded fuel or lead substitute"
      value={job.exhaust.leadedFuel}
      how="Leaded race or aviation fuel, and additives with metal in them, coat the sensor tip."
      onChange={(leadedFuel) => doRun(setExhaust({ leadedFuel }, 'leaded fuel', false))}
    />
  </Group>
)
