import {
  describePath,
  emptyConsumer,
  USUAL_NEEDS,
  vacuumHose,
  VACUUM_USES,
  type EngineTopCase,
  type JobDocument,
  type VacuumUse,
} from '@lochmoor/core'
import { useState } from 'react'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { QuantityField } from '../../../fields/QuantityField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { measuredAt } from '../../../store/records.ts'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const PATH = 'engineTop.vacuum.consumers'
const HOSES = 'engineTop.vacuum.hoses'
const MOST = 12
const PLANNED = 'as planned'
const YES_NO = (yes: boolean) => (yes ? 'as usual: yes' : 'as usual: no')

/** What needs vacuum, of which kind, and the port that its hose is on. */
export const ConsumerFields = ({ job, c }: { job: JobDocument; c: EngineTopCase }) => {
  const { consumers, ports } = job.engineTop.vacuum
  const [index, setIndex] = useState(0)
  const own = consumers[Math.min(index, Math.max(0, consumers.length - 1))]
  const set = (next: typeof consumers, label: string, to: number) => {
    run(setAt(PATH, next, label))
    setIndex(to)
  }
  const words = describePath(`${PATH}.x.use`).words ?? {}
  const capital = (w: string) => w.charAt(0).toUpperCase() + w.slice(1)
  const nameOf = (use: VacuumUse) => capital(words[use] ?? use)
  const missing = c.usualConsumers.filter((u) => !consumers.some((e) => e.use === u.use))
  const add = () => {
    const use = VACUUM_USES.find((u) => !consumers.some((e) => e.use === u)) ?? 'other'
    set([...consumers, emptyConsumer(newId(), nameOf(use), use)], 'vacuum consumer added', consumers.length)
  }
  const at = (field: string) => `${PATH}.${own!.id}.${field}`
  const usual = own && USUAL_NEEDS[own.use]
  const wants = describePath(`${PATH}.x.wants`).words ?? {}
  return (
    <Group title="What needs vacuum">
      <ListEditor
        name="Vacuum consumers"
        items={consumers}
        index={index}
        nameOf={(e) => e.name}
        noteOf={(e) => (e.portId === null ? '' : (ports.find((p) => p.id === e.portId)?.name ?? 'port gone'))}
        onIndex={setIndex}
        onItems={set}
        add={
          <>
            {missing.length > 0 && consumers.length + missing.length <= MOST && (
              <AddButton onClick={() => set([...consumers, ...missing.map((u) => emptyConsumer(newId(), u.name, u.use))], 'usual vacuum consumers added', consumers.length)}>
                List the usual ones
              </AddButton>
            )}
            {consumers.length < MOST && <AddButton onClick={add}>Add consumer</AddButton>}
          </>
        }
      />
      {own && usual && (
        <div key={own.id}>
          <NameEntry name={own.name} what="A consumer" onChange={(name) => run(setAt(at('name'), name, 'vacuum consumer: name'))} />
          <SelectEntry label="Use" value={own.use} options={VACUUM_USES.map((u) => [u, nameOf(u)] as const)} onChange={(u) => run(setAt(at('use'), u, 'vacuum consumer: use'))} />
          <PathField job={job} path={at('boreM')} label="Minimum bore" of={own.name} assumed={usual.boreM} />
          <PathChoice job={job} path={at('wants')} label="Needs" none={`as usual: ${wants[usual.wants] ?? usual.wants}`} />
          <PathChoice job={job} path={at('plenumOnly')} label="Needs the whole plenum" none={YES_NO(usual.plenumOnly)} />
          <PathChoice job={job} path={at('mayShare')} label="May share a port" none={YES_NO(c.vacuum.consumers.find((x) => x.id === own.id)?.mayShare ?? usual.mayShare)} />
          <PathChoice job={job} path={at('mayDrop')} label="May be left off" none={YES_NO(usual.mayDrop)} />
          <PathField job={job} path={at('mostLengthM')} label="Maximum hose length" of={own.name} decided {...(usual.mostLengthM !== null && { assumed: usual.mostLengthM })} />
          <SelectEntry
            label="Hose is on"
            value={ports.some((p) => p.id === own.portId) ? own.portId! : PLANNED}
            options={[[PLANNED, 'As planned'], ...ports.map((p) => [p.id, p.name] as const)]}
            onChange={(id) => run(setAt(at('portId'), id === PLANNED ? null : id, `${own.name.toLowerCase()}: hose is on`))}
          />
          <HoseField key={c.vacuum.hoses.find((h) => h.consumer.id === own.id)?.port?.id} job={job} c={c} consumerId={own.id} />
        </div>
      )}
    </Group>
  )
} // prettier-ignore

/** Length of the hose to the port that it is on, or is planned for. */
const HoseField = ({ job, c, consumerId }: { job: JobDocument; c: EngineTopCase; consumerId: string }) => {
  const { hoses } = job.engineTop.vacuum
  // Its id is there before it is: the job log names the place of what was measured.
  const [newOne] = useState(newId)
  const laid = c.vacuum.hoses.find((h) => h.consumer.id === consumerId)
  if (!laid?.port) return null
  const portId = laid.port.id
  const own = hoses.find((h) => h.portId === portId && h.consumerId === consumerId)
  const { name } = laid.consumer.entry
  const set = (lengthM: number | null) => {
    const next = own
      ? hoses.map((h) => (h === own ? { ...h, lengthM } : h))
      : [...hoses, { ...vacuumHose(newOne, portId, consumerId), lengthM }]
    run(setAt(HOSES, next, `${name.toLowerCase()}: hose length`))
  }
  const path = `${HOSES}.${own?.id ?? newOne}.lengthM`
  return (
    <QuantityField
      label={`Hose to “${c.vacuum.nameOf(portId)}”`}
      path={path}
      value={own?.lengthM ?? null}
      onChange={set}
      onMeasured={measuredAt(path, `${name}: vacuum hose`)}
    />
  )
}
