import { emptyLink, type JobDocument, type ThrottleOfJob } from '@lochmoor/core'
import { useState } from 'react'
import { NameEntry } from '../../../fields/NameEntry.tsx'
import { PathChoice } from '../../../fields/PathChoice.tsx'
import { PathField } from '../../../fields/PathField.tsx'
import { run, setAt } from '../../../store/commands.ts'
import { newId } from '../../../store/newId.ts'
import { AddButton } from '../../bench/AddButton.tsx'
import { Group } from '../../bench/Group.tsx'
import { ListEditor } from '../../bench/ListEditor.tsx'

const PATH = 'engineTop.throttle.links'
const MOST = 4
const SEEN_FROM = { across: 'from the left', along: 'from behind', upright: 'from above' } as const

/** Rods and cables from the pedal to the plate, in their order. */
export const LinkFields = ({ job, throttle }: { job: JobDocument; throttle: ThrottleOfJob }) => {
  const { links } = job.engineTop.throttle
  const [index, setIndex] = useState(0)
  const own = links[Math.min(index, Math.max(0, links.length - 1))]
  const solved = own && throttle.solved?.links[links.indexOf(own)]
  const set = (next: typeof links, label: string, to: number) => {
    run(setAt(PATH, next, label))
    setIndex(to)
  }
  return (
    <>
      <Group title="From the pedal to the plate">
        <ListEditor
          name="From the pedal to the plate"
          items={links}
          index={index}
          nameOf={(l) => l.name}
          noteOf={(l) => (l.kind === 'cable' ? 'cable' : 'rod')}
          onIndex={setIndex}
          onItems={set}
          add={
            links.length < MOST && (
              <>
                <AddButton onClick={() => set([...links, emptyLink(newId(), links.length === 0 ? 'Pedal to throttle body' : `Rod ${links.length + 1}`, 'rod')], 'rod added', links.length)}>
                  Add rod
                </AddButton>
                <AddButton onClick={() => set([...links, emptyLink(newId(), 'Cable', 'cable')], 'cable added', links.length)}>Add cable</AddButton>
              </>
            )
          }
        />
        {own && <NameEntry key={own.id} name={own.name} what="A rod or cable" onChange={(name) => run(setAt(`${PATH}.${own.id}.name`, name, 'link: name'))} />}
        {own?.kind === 'rod' && (
          <PathField job={job} path={`${PATH}.${own.id}.rodM`} label="Rod, ball to ball" of={own.name} assumed={solved?.kind === 'rod' ? solved.rodM : undefined} />
        )}
        {own?.kind === 'rod' && own.rodM === null && <p className="pb-1 text-sm leading-snug text-soft">Not entered: as long as it joins both levers at rest.</p>}
      </Group>
      {own && <LeverFields job={job} path={`${PATH}.${own.id}.driver`} title="Lever on the pedal side" lever={own.driver} of={own.name} />}
      {own?.kind === 'rod' && <LeverFields job={job} path={`${PATH}.${own.id}.driven`} title="Lever on the plate side" lever={own.driven} of={own.name} />}
      {own?.kind === 'cable' && (
        <Group title="Cable and cam">
          <PathField job={job} path={`${PATH}.${own.id}.sheathRightM`} label="Sheath ends, right" of={own.name} />
          <PathField job={job} path={`${PATH}.${own.id}.sheathAheadM`} label="Sheath ends, ahead" of={own.name} />
          <PathField job={job} path={`${PATH}.${own.id}.sheathUpM`} label="Sheath ends, up" of={own.name} />
          <PathField job={job} path={`${PATH}.${own.id}.closedRadiusM`} label="Cam radius, closed" of={own.name} />
          <PathField job={job} path={`${PATH}.${own.id}.openRadiusM`} label="Cam radius, open" of={own.name} />
          <PathField job={job} path={`${PATH}.${own.id}.camDeg`} label="Turn between them" of={own.name} />
        </Group>
      )}
    </>
  )
} // prettier-ignore

interface LeverProps {
  readonly job: JobDocument
  readonly path: string
  readonly title: string
  readonly lever: JobDocument['engineTop']['throttle']['links'][number]['driver']
  readonly of: string
}

const LeverFields = ({ job, path, title, lever, of }: LeverProps) => (
  <Group title={title}>
    <PathField job={job} path={`${path}.armM`} label="Arm, shaft to ball" of={of} />
    <PathField job={job} path={`${path}.restDeg`} label={`Points at rest, ${SEEN_FROM[lever.shaft]}`} of={of} />
    <PathChoice job={job} path={`${path}.opens`} label={`Opens, ${SEEN_FROM[lever.shaft]}`} />
    <PathChoice job={job} path={`${path}.shaft`} label="Shaft lies" />
    {lever.shaft !== 'upright' && <PathField job={job} path={`${path}.swungDeg`} label="Shaft swung from there" of={of} assumed={0} />}
    <PathField job={job} path={`${path}.rightM`} label="Shaft, right of the throttle body" of={of} />
    <PathField job={job} path={`${path}.aheadM`} label="Shaft, ahead of it" of={of} />
    <PathField job={job} path={`${path}.upM`} label="Shaft, up" of={of} />
  </Group>
) // prettier-ignore
