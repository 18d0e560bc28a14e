import { emptyBoxPosition, type BoxPosition, type JobDocument } from '@lochmoor/core'
import { Plus } from 'lucide-react'
import { useState } from 'react'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { TextEntry } from '../../../fields/TextEntry.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const PATH = 'power.old.box'
const MOST = 24

/** The old fuse box, position by position. */
export const BoxFields = ({ job }: { job: JobDocument }) => {
  const { box } = job.power.old
  const [index, setIndex] = useState(0)
  const at = Math.min(index, Math.max(0, box.length - 1))
  const position = box[at]
  const set = (next: readonly BoxPosition[], label: string, to: number) => {
    run(setAt(PATH, next, label))
    setIndex(to)
  }
  const place = (field: string) => `${PATH}.${position!.id}.${field}`
  return (
    <Group title="Old fuse box">
      <ListEditor
        name="Positions of the old fuse box"
        items={box}
        index={at}
        nameOf={(p) => `Position ${p.name}`}
        noteOf={(p) => (p.feeds === '' ? 'free' : p.feeds.slice(0, 18))}
        onIndex={setIndex}
        onItems={set}
        fixedOrder
        add={
          box.length < MOST && (
            <button
              type="button"
              onClick={() => set([...box, emptyBoxPosition(newId(), String(box.length + 1))], 'fuse position added', box.length)}
              className="flex items-center gap-1.5 border border-soft/60 px-2 py-1 font-semibold hover:bg-wash"
            >
              <Plus size={15} aria-hidden /> Add position
            </button>
          )
        }
      />
      {position && (
        <div key={position.id}>
          <NameEntry name={position.name} what="A position" onChange={(name) => run(setAt(place('name'), name, 'fuse position: name'))} />
          <TextEntry
            label="Feeds (empty: free)"
            value={position.feeds}
            most={80}
            onChange={(feeds) => run(setAt(place('feeds'), feeds, 'what a fuse position feeds'))}
          />
          <PathChoice job={job} path={place('live')} label="Live" />
          <PathField job={job} path={place('ratingA')} label="Fuse" of={`position ${position.name}`} />
        </div>
      )}
    </Group>
  )
} // prettier-ignore
