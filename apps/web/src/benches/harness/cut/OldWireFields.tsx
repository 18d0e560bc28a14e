import { emptyOldWire, likelyOldWires, type HarnessCase, type JobDocument } from '@lochmoor/core'
import { useState } from 'react'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { TextEntry } from '../../../fields/TextEntry.tsx'
import { Button } from '../../../shell/Button.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const PATH = 'harness.oldWires'
const MOST = 60

/** What the old ignition, choke and fuel system leave, and what becomes of each wire. */
export const OldWireFields = ({ job, c }: { job: JobDocument; c: HarnessCase }) => {
  const { oldWires } = job.harness
  const [index, setIndex] = useState(0)
  const own = oldWires[Math.min(index, Math.max(0, oldWires.length - 1))]
  const set = (next: typeof oldWires, label: string, to: number) => {
    run(setAt(PATH, next, label))
    setIndex(to)
  }
  const at = (field: string) => `${PATH}.${own!.id}.${field}`
  const likely = likelyOldWires(c).filter((w) => !oldWires.some((x) => x.name === w.name))
  return (
    <Group title="Old wires">
      {likely.length > 0 && (
        <Button onClick={() => set([...oldWires, ...likely.map((w) => emptyOldWire(newId(), w.name))].slice(0, MOST), 'old wires listed', 0)}>
          List what this car is likely to have
        </Button>
      )}
      <ListEditor
        name="Old wires"
        items={oldWires}
        index={index}
        nameOf={(w) => w.name}
        noteOf={(w) => (w.fate === null ? 'not decided' : w.proved === true ? 'proved' : 'not proved')}
        onIndex={setIndex}
        onItems={set}
        fixedOrder
        add={oldWires.length < MOST && <AddButton onClick={() => set([...oldWires, emptyOldWire(newId(), `Old wire ${oldWires.length + 1}`)], 'old wire added', oldWires.length)}>Add wire</AddButton>}
      />
      {own && (
        <div key={own.id}>
          <NameEntry name={own.name} what="An old wire" onChange={(name) => run(setAt(at('name'), name, 'old wire: name'))} />
          <PathChoice job={job} path={at('fate')} label="What becomes of it" none="not decided" />
          <TextEntry label="On its tag" value={own.tag} most={60} onChange={(text) => run(setAt(at('tag'), text, 'old wire: tag'))} />
          <PathChoice job={job} path={at('proved')} label="Its test passed" none="not done" />
        </div>
      )}
    </Group>
  )
} // prettier-ignore
