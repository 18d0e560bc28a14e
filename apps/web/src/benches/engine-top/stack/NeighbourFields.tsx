import { emptyNeighbour, type JobDocument, type Neighbour } from '@lochmoor/core'
import { useState } from 'react'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const PATH = 'engineTop.stack.around'
const MOST = 12
const USUAL: readonly (readonly [name: string, kind: Neighbour['kind'], side: Neighbour['side']])[] = [
  ['Bulkhead', 'bulkhead', 'behind'],
  ['Alternator', 'alternator', 'round'],
  ['Brake servo', 'servo', 'round'],
]

/** What stands round the engine: bulkhead, alternator, brake servo. */
export const NeighbourFields = ({ job }: { job: JobDocument }) => {
  const { around } = job.engineTop.stack
  const [index, setIndex] = useState(0)
  const own = around[Math.min(index, Math.max(0, around.length - 1))]
  const set = (next: typeof around, label: string, to: number) => {
    run(setAt(PATH, next, label))
    setIndex(to)
  }
  const at = (field: string) => `${PATH}.${own!.id}.${field}`
  const add = () => {
    const [name, kind, side] = USUAL.find((u) => !around.some((n) => n.kind === u[1])) ?? ['Neighbour', 'other', 'behind']
    set([...around, emptyNeighbour(newId(), name, kind, side)], 'neighbour added', around.length)
  }
  return (
    <Group title="Round the engine">
      <ListEditor
        name="Round the engine"
        items={around}
        index={index}
        nameOf={(n) => n.name}
        onIndex={setIndex}
        onItems={set}
        fixedOrder
        add={around.length < MOST && <AddButton onClick={add}>Add neighbour</AddButton>}
      />
      {own && (
        <div key={own.id}>
          <NameEntry name={own.name} what="A neighbour" onChange={(name) => run(setAt(at('name'), name, 'neighbour: name'))} />
          <PathChoice job={job} path={at('kind')} label="What" />
          <PathChoice job={job} path={at('side')} label="Where" />
          {own.side === 'round' ? (
            <>
              <PathField job={job} path={at('rightM')} label="Its middle, right of the pad’s" of={own.name} />
              <PathField job={job} path={at('aheadM')} label="Ahead of it" of={own.name} />
              <PathField job={job} path={at('radiusM')} label="Radius" of={own.name} />
            </>
          ) : (
            <PathField job={job} path={at('atM')} label="From the pad’s middle" of={own.name} />
          )}
          <PathChoice job={job} path={at('onEngine')} label="Sits on the engine" />
        </div>
      )}
    </Group>
  )
} // prettier-ignore
