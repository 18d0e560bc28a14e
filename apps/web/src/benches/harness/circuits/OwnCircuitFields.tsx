import { emptyOwnCircuit, type CarPlan, type JobDocument } from '@lochmoor/core'
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

const PATH = 'harness.circuits'
const MOST = 60

/** Circuits that only this car has. */
export const OwnCircuitFields = ({ job, plan }: { job: JobDocument; plan: CarPlan }) => {
  const { circuits } = job.harness
  const [index, setIndex] = useState(0)
  const circuit = circuits[Math.min(index, Math.max(0, circuits.length - 1))]
  const set = (next: typeof circuits, label: string, to: number) => {
    run(setAt(PATH, next, label))
    setIndex(to)
  }
  const at = (field: string) => `${PATH}.${circuit!.id}.${field}`
  const ends = [['', 'choose'], ['ecu', 'ECU'], ...plan.devices.map((d) => [d.id, d.name] as const)] as const
  const add = () => {
    const own = { ...emptyOwnCircuit(newId(), `Circuit ${circuits.length + 1}`), from: plan.devices[0]?.id ?? '' }
    set([...circuits, own], 'circuit added', circuits.length)
  }
  return (
    <Group title="Circuits of this car only">
      <ListEditor
        name="Circuits of this car only"
        items={circuits}
        index={index}
        nameOf={(c) => c.name}
        onIndex={setIndex}
        onItems={set}
        fixedOrder
        add={
          circuits.length < MOST && (
            <AddButton onClick={add}>Add circuit</AddButton>
          )
        }
      />
      {circuit && (
        <div key={circuit.id}>
          <NameEntry name={circuit.name} what="A circuit" onChange={(name) => run(setAt(at('name'), name, 'circuit: name'))} />
          <SelectEntry label="From" value={circuit.from} options={ends} onChange={(id) => run(setAt(at('from'), id, 'circuit: from'))} />
          <SelectEntry label="To" value={circuit.to} options={ends} onChange={(id) => run(setAt(at('to'), id, 'circuit: to'))} />
          <PathChoice job={job} path={at('kind')} label="Class" />
          <PathField job={job} path={at('currentA')} label="Current" of={circuit.name} assumed={0.5} />
          <PathChoice job={job} path={at('size')} label="Size" none="by its class" />
          <PathChoice job={job} path={at('flexible')} label="Flexible wire" />
        </div>
      )}
    </Group>
  )
} // prettier-ignore
