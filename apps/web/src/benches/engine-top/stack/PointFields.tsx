import { describePath, emptyPoint, POINT_KINDS, type JobDocument, type PointKind } from '@lochmoor/core'
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

const PATH = 'engineTop.stack.points'
const MOST = 30

/** What of the new stack stands out beside the air cleaner: lever, inlet, rail and its ends, injectors, plenum. */
export const PointFields = ({ job }: { job: JobDocument }) => {
  const { points } = job.engineTop.stack
  const [index, setIndex] = useState(0)
  const own = points[Math.min(index, Math.max(0, points.length - 1))]
  const set = (next: typeof points, label: string, to: number) => {
    run(setAt(PATH, next, label))
    setIndex(to)
  }
  const words = describePath(`${PATH}.x.kind`).words ?? {}
  const nameOf = (kind: PointKind) => {
    const word = words[kind] ?? kind
    return word.charAt(0).toUpperCase() + word.slice(1)
  }
  const at = (field: string) => `${PATH}.${own!.id}.${field}`
  const ends = own?.kind === 'rail-end' || own?.kind === 'fuel-inlet'
  return (
    <Group title="Points of the new stack">
      <ListEditor
        name="Points of the new stack"
        items={points}
        index={index}
        nameOf={(p) => p.name}
        noteOf={(p) => (p.rightM === null || p.aheadM === null || p.topM === null ? 'not measured' : '')}
        onIndex={setIndex}
        onItems={set}
        fixedOrder
        add={
          points.length < MOST && (
            <AddButton
              onClick={() => {
                const kind = POINT_KINDS.find((k) => !points.some((p) => p.kind === k)) ?? 'other'
                set([...points, emptyPoint(newId(), nameOf(kind), kind)], 'point added', points.length)
              }}
            >
              Add point
            </AddButton>
          )
        }
      />
      {own && (
        <div key={own.id}>
          <NameEntry name={own.name} what="A point" onChange={(name) => run(setAt(at('name'), name, 'point: name'))} />
          <SelectEntry label="Part" value={own.kind} options={POINT_KINDS.map((k) => [k, nameOf(k)] as const)} onChange={(k) => run(setAt(at('kind'), k, 'point: part'))} />
          <PathField job={job} path={at('topM')} label={own.turns === true ? 'Top, above the body’s foot' : 'Top, above the pad'} of={own.name} />
          <PathField job={job} path={at('rightM')} label="Right of the pad’s middle" of={own.name} />
          <PathField job={job} path={at('aheadM')} label="Ahead of it" of={own.name} />
          <PathField job={job} path={at('reachM')} label="Stands out by, with fitting and bend" of={own.name} assumed={0} />
          {ends && (
            <>
              <PathChoice job={job} path={at('end')} label="End" />
              <PathField job={job} path={at('angledReachM')} label="The same, angled end" of={own.name} />
            </>
          )}
          <PathChoice job={job} path={at('turns')} label="Turns with the throttle body" />
        </div>
      )}
    </Group>
  )
} // prettier-ignore
