import { describePath, emptyFastener, emptyInTheWay, REACHED, type JobDocument, type Reached } from '@lochmoor/core'
import { useState, type ReactNode } from 'react'
import { NameEntry } from '../../fields/NameEntry.tsx'
import { PathChoice } from '../../fields/PathChoice.tsx'
import { PathField } from '../../fields/PathField.tsx'
import { run, setAt } from '../../store/commands.ts'
import { newId } from '../../store/newId.ts'
import { AddButton } from '../bench/AddButton.tsx'
import { Group } from '../bench/Group.tsx'
import { ListEditor } from '../bench/ListEditor.tsx'
import { KeyedWireFields } from '../power/feeds/KeyedFinder.tsx'

const MOST = 24

/** The rows of an entry of the walk-around: what is in the way, fasteners, keyed leads. */
export const RowsField = ({ path, job }: { path: string; job: JobDocument }) =>
  path === 'power.old.keyedWires' ? (
    <KeyedWireFields job={job} />
  ) : path === 'walkAround.reach.inTheWay' ? (
    <InTheWay job={job} />
  ) : (
    <Fasteners job={job} />
  )

const InTheWay = ({ job }: { job: JobDocument }) => (
  <Rows
    job={job}
    path="walkAround.reach.inTheWay"
    title="In the way, with the time out and in"
    list="Parts in the way"
    one="part in the way"
    make={(id, place) => emptyInTheWay(id, 'Part in the way', place)}
  >
    {(at, name) => (
      <>
        <PathChoice job={job} path={`${at}.place`} label="To reach" />
        <PathField job={job} path={`${at}.takesS`} label="Out and in again" of={name} />
      </>
    )}
  </Rows>
)

const Fasteners = ({ job }: { job: JobDocument }) => (
  <Rows
    job={job}
    path="walkAround.reach.fasteners"
    title="Stubborn or missing fasteners"
    list="Fasteners"
    one="fastener"
    make={(id, place) => emptyFastener(id, 'Fastener', place)}
  >
    {(at, name) => (
      <>
        <PathChoice job={job} path={`${at}.place`} label="At" />
        <PathChoice job={job} path={`${at}.state`} label="State" />
        <PathField job={job} path={`${at}.count`} label="How many" of={name} />
      </>
    )}
  </Rows>
)

interface Row {
  readonly id: string
  readonly name: string
  readonly place: Reached
}

interface RowsProps {
  readonly job: JobDocument
  readonly path: 'walkAround.reach.inTheWay' | 'walkAround.reach.fasteners'
  readonly title: string
  readonly list: string
  readonly one: string
  readonly make: (id: string, place: Reached) => Row
  readonly children: (at: string, name: string) => ReactNode
}

const Rows = ({ job, path, title, list, one, make, children }: RowsProps) => {
  const items: readonly Row[] = job.walkAround.reach[path === 'walkAround.reach.inTheWay' ? 'inTheWay' : 'fasteners']
  const [asked, setIndex] = useState(0)
  const index = Math.min(asked, Math.max(0, items.length - 1))
  const own = items[index]
  const set = (next: readonly Row[], label: string, to: number) => {
    run(setAt(path, next, label))
    setIndex(to)
  }
  const places = describePath(`${path}.x.place`).words ?? {}
  return (
    <Group title={title}>
      <ListEditor
        name={list}
        items={items}
        index={index}
        nameOf={(i) => i.name}
        noteOf={(i) => places[i.place] ?? i.place}
        onIndex={setIndex}
        onItems={set}
        fixedOrder
        add={
          items.length < MOST && (
            <AddButton onClick={() => set([...items, make(newId(), own?.place ?? REACHED[0])], `${one} added`, items.length)}>
              Add {one}
            </AddButton>
          )
        }
      />
      {own && (
        <div key={own.id}>
          <NameEntry
            name={own.name}
            what={`A ${one}`}
            onChange={(name) => run(setAt(`${path}.${own.id}.name`, name, `${one}: name`))}
          />
          {children(`${path}.${own.id}`, own.name)}
        </div>
      )}
    </Group>
  )
} // prettier-ignore
