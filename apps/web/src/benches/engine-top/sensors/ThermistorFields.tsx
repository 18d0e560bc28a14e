import { emptyThermistor, type JobDocument } from '@lochmoor/core'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const PATH = 'engineTop.sensors.thermistors'
const MOST = 4
const USUAL = ['Coolant sensor', 'Intake air sensor']

interface Props {
  readonly job: JobDocument
  readonly index: number
  readonly onIndex: (index: number) => void
}

/** A thermistor: three points of its sheet, the ECU's bias resistor, a reading at rest. */
export const ThermistorFields = ({ job, index, onIndex }: Props) => {
  const { thermistors } = job.engineTop.sensors
  const own = thermistors[Math.min(index, Math.max(0, thermistors.length - 1))]
  const set = (next: typeof thermistors, label: string, to: number) => {
    run(setAt(PATH, next, label))
    onIndex(to)
  }
  const at = (field: string) => `${PATH}.${own!.id}.${field}`
  const add = () => {
    const name = USUAL.find((u) => !thermistors.some((t) => t.name === u)) ?? `Thermistor ${thermistors.length + 1}`
    set([...thermistors, emptyThermistor(newId(), name)], 'thermistor added', thermistors.length)
  }
  return (
    <Group title="Thermistors">
      <ListEditor
        name="Thermistors"
        items={thermistors}
        index={index}
        nameOf={(t) => t.name}
        onIndex={onIndex}
        onItems={set}
        fixedOrder
        add={thermistors.length < MOST && <AddButton onClick={add}>Add thermistor</AddButton>}
      />
      {own && (
        <div key={own.id}>
          <NameEntry name={own.name} what="A thermistor" onChange={(name) => run(setAt(at('name'), name, 'thermistor: name'))} />
          <PathField job={job} path={at('coldK')} label="Cold point" of={own.name} decided />
          <PathField job={job} path={at('coldOhm')} label="Resistance there, cold" of={own.name} decided />
          <PathField job={job} path={at('warmK')} label="Middle point" of={own.name} decided />
          <PathField job={job} path={at('warmOhm')} label="Resistance there, middle" of={own.name} decided />
          <PathField job={job} path={at('hotK')} label="Hot point" of={own.name} decided />
          <PathField job={job} path={at('hotOhm')} label="Resistance there, hot" of={own.name} decided />
          <PathField job={job} path={at('biasOhm')} label="Bias resistor in the ECU" of={own.name} decided />
          <PathField job={job} path={at('supplyV')} label="Its supply" of={own.name} decided assumed={5} />
          <PathField job={job} path={at('bits')} label="Bits of the converter" of={own.name} decided assumed={10} />
          <PathField job={job} path={at('ambientK')} label="Air around it, after a night" of={own.name} />
          <PathField job={job} path={at('ambientOhm')} label="Resistance measured then" of={own.name} />
        </div>
      )}
    </Group>
  )
} // prettier-ignore
