import { isKnown, isRelevant, WALK_GROUPS, type JobDocument } from '@lochmoor/core'
import { TitleField } from '../fuel/inputs/TitleField.tsx'
import { KeptDetails } from '../bench/KeptDetails.tsx'
import { EntryField } from './EntryField.tsx'

interface Props {
  readonly job: JobDocument
}

/** What stands on the car, group by group in the order of a walk around it. */
export const CarInputs = ({ job }: Props) => (
  <>
    <TitleField title={job.vehicle.title} />
    {WALK_GROUPS.map((group) => {
      const entries = group.entries.filter((e) => isRelevant(e, job))
      const known = entries.filter((e) => isKnown(e, job)).length
      return (
        <KeptDetails
          key={group.id}
          id={`group-${group.id}`}
          atFirst={group.id === 'engine'}
          className="scroll-mt-28"
          summaryClass="mt-3 flex items-baseline gap-2 border-b-2 border-ink pb-0.5 font-extrabold"
          summary={
            <>
              <span className="flex-1">{group.title}</span>
              <span className="font-normal text-soft">
                {known} of {entries.length}
              </span>
            </>
          }
        >
          {entries.map((entry) => (
            <EntryField key={entry.path} entry={entry} job={job} />
          ))}
        </KeptDetails>
      )
    })}
  </>
)
