import { emptyCorridor, type CarPlan, type JobDocument } from '@lochmoor/core'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { SelectEntry } from '../../../fields/SelectEntry.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const PATH = 'harness.corridors'
const MOST = 120

interface Props {
  readonly job: JobDocument
  readonly plan: CarPlan
  readonly spot: string | null
  readonly setSpot: (id: string | null) => void
}

/** One corridor after the other, as measured; the plan's estimate shows through what is not. */
export const CorridorFields = ({ job, plan, spot, setSpot }: Props) => {
  const { corridors, places } = job.harness
  const index = Math.max(0, corridors.findIndex((c) => c.id === spot))
  const corridor = corridors[index]
  const own = plan.corridors[index]
  const set = (next: typeof corridors, label: string, to: number) => {
    run(setAt(PATH, next, label))
    setSpot(next[to]?.id ?? null)
  }
  const at = (field: string) => `${PATH}.${corridor!.id}.${field}`
  const usual = (field: 'lengthM' | 'roomM' | 'clipM' | 'boreM' | 'takenM') =>
    own !== undefined && own.assumed.includes(field) && own[field] !== null ? { assumed: own[field] } : {}
  const placeOptions = places.map((p) => [p.id, p.name] as const)
  const add = () => {
    const [a, b] = places
    if (!a || !b) return
    set([...corridors, emptyCorridor(newId(), `Corridor ${corridors.length + 1}`, a.id, b.id)], 'corridor added', corridors.length)
  }
  return (
    <>
      {corridor && own && (
        <Group title={`${index + 1} ${corridor.name}`}>
          <NameEntry key={corridor.id} name={corridor.name} what="A corridor" onChange={(name) => run(setAt(at('name'), name, 'corridor: name'))} />
          <PathField job={job} path={at('lengthM')} label="Length" of={corridor.name} {...usual('lengthM')} />
          <PathChoice job={job} path={at('heat')} label="Heat" none={`assumed: ${own.heat}`} />
          <PathField job={job} path={at('hottestK')} label="Hottest, measured" of={corridor.name} />
          <PathChoice job={job} path={at('wet')} label="Wet" />
          <PathChoice job={job} path={at('moving')} label="Something moves there" />
          <PathChoice job={job} path={at('apart')} label="Room for two bundles" />
          <PathChoice job={job} path={at('near')} label="Within a hand of it" none="not looked at" />
          <PathField job={job} path={at('roomM')} label="Largest bundle that fits" of={corridor.name} {...usual('roomM')} />
          <PathField job={job} path={at('clipM')} label="Between clip points" of={corridor.name} {...usual('clipM')} />
          <PathChoice job={job} path={at('panel')} label="Through a panel" none="not looked at" />
          {own.panel !== 'none' && (
            <>
              <PathField job={job} path={at('boreM')} label="Bore" of={corridor.name} {...usual('boreM')} />
              <PathField job={job} path={at('takenM')} label="Bundle already in it" of={corridor.name} {...usual('takenM')} />
            </>
          )}
          <SelectEntry label="From" value={corridor.from} options={placeOptions} onChange={(id) => run(setAt(at('from'), id, 'corridor: from'))} />
          <SelectEntry label="To" value={corridor.to} options={placeOptions} onChange={(id) => run(setAt(at('to'), id, 'corridor: to'))} />
        </Group>
      )}
      <Group title="All corridors">
        <ListEditor
          name="All corridors"
          items={corridors}
          index={index}
          nameOf={(c) => c.name}
          noteOf={(c) => (c.lengthM === null ? 'not measured' : '')}
          onIndex={(n) => setSpot(corridors[n]?.id ?? null)}
          onItems={set}
          fixedOrder
          add={
            corridors.length < MOST && (
              <AddButton onClick={add}>Add corridor</AddButton>
            )
          }
        />
      </Group>
    </>
  )
} // prettier-ignore
