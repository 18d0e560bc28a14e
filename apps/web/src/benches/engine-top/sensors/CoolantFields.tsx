import { coolantPlace, type JobDocument } from '@lochmoor/core'
import { useState } from 'react'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const C = 'engineTop.sensors.coolant'
const MOST = 8
const NONE = 'not chosen'
const USUAL = ['Thermostat housing', 'Coolant crossover', 'Rear of the head', 'Water pump']

/** Ports that the coolant sensor might go into, the one it takes, and how it agrees with the gauge. */
export const CoolantFields = ({ job }: { job: JobDocument }) => {
  const { placeId, places } = job.engineTop.sensors.coolant
  const [index, setIndex] = useState(0)
  const own = places[Math.min(index, Math.max(0, places.length - 1))]
  const set = (next: typeof places, label: string, to: number) => {
    run(setAt(`${C}.places`, next, label))
    setIndex(to)
  }
  const at = (field: string) => `${C}.places.${own!.id}.${field}`
  const add = () => {
    const name = USUAL.find((u) => !places.some((p) => p.name === u)) ?? `Port ${places.length + 1}`
    set([...places, coolantPlace(newId(), name)], 'coolant port added', places.length)
  }
  return (
    <>
      <Group title="Coolant sensor">
        <ListEditor
          name="Coolant ports"
          items={places}
          index={index}
          nameOf={(p) => p.name}
          noteOf={(p) => (p.id === placeId ? 'sensor' : p.flow === null ? 'flow not known' : '')}
          onIndex={setIndex}
          onItems={set}
          fixedOrder
          add={places.length < MOST && <AddButton onClick={add}>Add coolant port</AddButton>}
        />
        {own && (
          <div key={own.id}>
            <NameEntry name={own.name} what="A port" onChange={(name) => run(setAt(at('name'), name, 'coolant port: name'))} />
            <PathChoice job={job} path={at('flow')} label="Flow past it" />
            <PathChoice job={job} path={at('takenBy')} label="Holds now" />
          </div>
        )}
        <SelectEntry
          label="Sensor goes into"
          value={places.some((p) => p.id === placeId) ? placeId! : NONE}
          options={[[NONE, 'Not chosen'], ...places.map((p) => [p.id, p.name] as const)]}
          onChange={(id) => run(setAt(`${C}.placeId`, id === NONE ? null : id, 'coolant sensor: port'))}
        />
      </Group>
      <Group title="Steady warm idle">
        <PathField job={job} path={`${C}.sensorK`} label="Sensor reads" of="Coolant sensor" />
        <PathField job={job} path={`${C}.gaugeK`} label="Beside the gauge’s sender" of="Coolant" />
      </Group>
      <Group title="Intake air">
        <PathChoice job={job} path="engineTop.sensors.airPlace" none="not chosen" />
      </Group>
    </>
  )
} // prettier-ignore
