import type { SensorPart } from '@lochmoor/core'
import { PartField } from '../../../fields/PartField.tsx'
import { run as doRun, setExhaust } from '../../../store/commands.ts'
import { formatQuantity } from '@lochmoor/core'
import { useUnit } from '../../../store/preferences.ts'
import { Group } from '../../bench/Group.tsx'
import type { SheetProps } from '../sheetProps.ts'

/** The sensor of the catalogue. Both banks get the same. */
export const SensorField = ({ job, catalogue }: SheetProps) => {
  const temperature = useUnit('temperature')
  const distance = useUnit('distance')
  const describe = (s: SensorPart) =>
    `${s.kind}, gas ${formatQuantity(s.mostGasK, temperature)}, cable ${formatQuantity(s.cableM, distance)}`
  return (
    <Group title="Sensor">
      <PartField
        label="Oxygen sensor"
        value={job.exhaust.sensor}
        parts={catalogue.sensors}
        describe={describe}
        none="not chosen: usual limits assumed"
        onChange={(sensor) => doRun(setExhaust({ sensor, typeSet: null }, 'sensor', false))}
      />
    </Group>
  )
}
