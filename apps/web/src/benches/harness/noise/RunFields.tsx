import { emptyCrossing, isClean, type JobDocument } from '@lochmoor/core'
import { useState } from 'react'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'
import type { HarnessSheetProps } from '../sheetProps.ts'

const PATH = 'harness.crossings'
const MOST = 60

/** Runs of a wire beside a source, or across it, as measured on the car. */
export const RunFields = ({ job, circuits }: { job: JobDocument; circuits: HarnessSheetProps['assessment']['c']['circuits'] }) => {
  const { crossings } = job.harness
  const [index, setIndex] = useState(0)
  const own = crossings[Math.min(index, Math.max(0, crossings.length - 1))]
  const clean = circuits.list.filter((c) => isClean(c.kind))
  const nameOf = (id: string) => circuits.list.find((c) => c.id === id)?.name ?? 'no wire'
  const set = (next: typeof crossings, label: string, to: number) => {
    run(setAt(PATH, next, label))
    setIndex(to)
  }
  const at = (field: string) => `${PATH}.${own!.id}.${field}`
  const add = () => {
    const first = clean.find((c) => c.kind === 'pick-up') ?? clean[0]
    if (first) set([...crossings, emptyCrossing(newId(), first.id)], 'run added', crossings.length)
  }
  return (
    <Group title="Measured on the car">
      <p className="py-1 text-sm leading-snug text-soft">
        Where a clean wire lies beside or across a source that is in no bundle: HT leads, coil, generator cable.
      </p>
      <ListEditor
        name="Runs beside a source"
        items={crossings}
        index={index}
        nameOf={(x) => nameOf(x.circuit)}
        noteOf={(x) => (x.lengthM === null || x.spacingM === null ? 'not measured' : '')}
        onIndex={setIndex}
        onItems={set}
        fixedOrder
        add={crossings.length < MOST && clean.length > 0 && <AddButton onClick={add}>Add run</AddButton>}
      />
      {own && (
        <div key={own.id}>
          <SelectEntry label="Wire" value={own.circuit} options={clean.map((c) => [c.id, c.name] as const)} onChange={(id) => run(setAt(at('circuit'), id, 'run: wire'))} />
          <PathChoice job={job} path={at('from')} label="Beside" />
          <PathField job={job} path={at('lengthM')} label="Length" of={nameOf(own.circuit)} />
          <PathField job={job} path={at('spacingM')} label="Spacing, nearest" of={nameOf(own.circuit)} />
          <PathField job={job} path={at('endSpacingM')} label="Spacing at its other end" of={nameOf(own.circuit)} />
          <PathField job={job} path={at('angleDeg')} label="Angle between them" of={nameOf(own.circuit)} assumed={0} />
        </div>
      )}
    </Group>
  )
} // prettier-ignore
