import { emptyPort, type JobDocument } from '@lochmoor/core'
import { useState } from 'react'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const PATH = 'engineTop.vacuum.ports'
const MOST = 16
const USUAL = ['Rear of the manifold', 'Base of the throttle body', 'Side of the throttle body', 'At the plate’s edge']

/** Ports of throttle body and manifold: bore, kind of vacuum, what they draw from, what the system keeps. */
export const PortFields = ({ job }: { job: JobDocument }) => {
  const { ports } = job.engineTop.vacuum
  const [index, setIndex] = useState(0)
  const own = ports[Math.min(index, Math.max(0, ports.length - 1))]
  const set = (next: typeof ports, label: string, to: number) => {
    run(setAt(PATH, next, label))
    setIndex(to)
  }
  const at = (field: string) => `${PATH}.${own!.id}.${field}`
  const add = () => {
    const name = USUAL.find((u) => !ports.some((p) => p.name === u)) ?? `Port ${ports.length + 1}`
    set([...ports, emptyPort(newId(), name)], 'vacuum port added', ports.length)
  }
  return (
    <Group title="Ports of throttle body and manifold">
      <ListEditor
        name="Vacuum ports"
        items={ports}
        index={index}
        nameOf={(p) => p.name}
        noteOf={(p) => (p.boreM === null || p.kind === null ? 'not measured' : '')}
        onIndex={setIndex}
        onItems={set}
        add={ports.length < MOST && <AddButton onClick={add}>Add port</AddButton>}
      />
      {own && (
        <div key={own.id}>
          <NameEntry name={own.name} what="A port" onChange={(name) => run(setAt(at('name'), name, 'vacuum port: name'))} />
          <PathChoice job={job} path={at('on')} label="Sits on" />
          <PathField job={job} path={at('boreM')} label="Bore" of={own.name} />
          <PathChoice job={job} path={at('kind')} label="Vacuum" />
          {own.kind !== 'ported' && <PathChoice job={job} path={at('draws')} label="Draws from" />}
          <PathChoice job={job} path={at('keptFor')} label="Kept by the system for" none="nothing: free" />
        </div>
      )}
      <PathChoice job={job} path="engineTop.vacuum.mayDrill" none="not decided" />
    </Group>
  )
} // prettier-ignore
