import { ALL_THREADS, isTapered, sensorHole, type JobDocument } from '@lochmoor/core'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const PATH = 'engineTop.sensors.holes'
const MOST = 12
const USUAL = ['Coolant sensor', 'Intake air sensor', 'Oil pressure sensor', 'Knock sensor']

interface Props {
  readonly job: JobDocument
  readonly index: number
  readonly onIndex: (index: number) => void
}

/** Which sensor goes into which hole: threads, metal, seal. */
export const HoleFields = ({ job, index, onIndex }: Props) => {
  const { holes } = job.engineTop.sensors
  const own = holes[Math.min(index, Math.max(0, holes.length - 1))]
  const set = (next: typeof holes, label: string, to: number) => {
    run(setAt(PATH, next, label))
    onIndex(to)
  }
  const at = (field: string) => `${PATH}.${own!.id}.${field}`
  const add = () => {
    const name = USUAL.find((u) => !holes.some((h) => h.name === u)) ?? `Hole ${holes.length + 1}`
    set([...holes, sensorHole(newId(), name)], 'sensor hole added', holes.length)
  }
  const thread = ALL_THREADS.find((t) => t.id === own?.thread)
  return (
    <Group title="Sensors and their holes">
      <ListEditor
        name="Sensor holes"
        items={holes}
        index={index}
        nameOf={(h) => h.name}
        noteOf={(h) => ALL_THREADS.find((t) => t.id === h.thread)?.name ?? 'thread not known'}
        onIndex={onIndex}
        onItems={set}
        fixedOrder
        add={holes.length < MOST && <AddButton onClick={add}>Add hole</AddButton>}
      />
      {own && (
        <div key={own.id}>
          <NameEntry name={own.name} what="A hole" onChange={(name) => run(setAt(at('name'), name, 'sensor hole: name'))} />
          <PathChoice job={job} path={at('use')} label="For" />
          <PathChoice job={job} path={at('thread')} label="Thread of the sensor" />
          <PathChoice job={job} path={at('holeThread')} label="Thread in the hole" none="none: plain metal" />
          {own.holeThread === null ? (
            <>
              <PathField job={job} path={at('acrossM')} label="Metal across, at its narrowest" of={own.name} />
              <PathField job={job} path={at('depthM')} label="Metal in the way of the drill" of={own.name} />
            </>
          ) : (
            own.holeThread !== own.thread && <PathChoice job={job} path={at('adapter')} label="Adapter between them" />
          )}
          {thread && !isTapered(thread) && <PathField job={job} path={at('sensorThreadM')} label="Thread length of the sensor" of={own.name} />}
          <PathChoice job={job} path={at('seal')} label="Sealed by" none="not decided" />
          {own.holeThread === null && <PathChoice job={job} path={at('chipsOut')} label="Chips kept out" none="not done" />}
        </div>
      )}
    </Group>
  )
} // prettier-ignore
