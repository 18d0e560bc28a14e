import { emptyPlace, type CarPlan, type JobDocument } from '@lochmoor/core'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const PATH = 'harness.places'
const MOST = 80

interface Props {
  readonly job: JobDocument
  readonly plan: CarPlan
  readonly spot: string | null
  readonly setSpot: (id: string | null) => void
}

/** Where corridors meet; the drawing moves them too. */
export const PlaceFields = ({ job, plan, spot, setSpot }: Props) => {
  const { places } = job.harness
  const index = Math.max(0, places.findIndex((p) => p.id === spot))
  const place = places[index]
  const own = plan.places[index]
  const set = (next: typeof places, label: string, to: number) => {
    run(setAt(PATH, next, label))
    setSpot(next[to]?.id ?? null)
  }
  const at = (field: string) => `${PATH}.${place!.id}.${field}`
  const usual = (field: 'fromFrontM' | 'fromMiddleM') =>
    place?.[field] === null && typeof own?.[field] === 'number' ? { assumed: own[field] } : {}
  return (
    <>
      {place && (
        <Group title={place.name}>
          <NameEntry key={place.id} name={place.name} what="A place" onChange={(name) => run(setAt(at('name'), name, 'place: name'))} />
          <PathField job={job} path={at('fromFrontM')} label="From the front" of={place.name} {...usual('fromFrontM')} />
          <PathField job={job} path={at('fromMiddleM')} label="Left of the middle" of={place.name} {...usual('fromMiddleM')} />
        </Group>
      )}
      <Group title="All places">
        <ListEditor
          name="All places"
          items={places}
          index={index}
          nameOf={(p) => p.name}
          onIndex={(n) => setSpot(places[n]?.id ?? null)}
          onItems={set}
          fixedOrder
          add={
            places.length < MOST && (
              <AddButton onClick={() => set([...places, emptyPlace(newId(), `Place ${places.length + 1}`)], 'place added', places.length)}>Add place</AddButton>
            )
          }
        />
      </Group>
    </>
  )
} // prettier-ignore
