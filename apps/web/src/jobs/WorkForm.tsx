import { WORK_STATE_WORDS, WORK_STATES, type WorkState } from '@lochmoor/core'
import { useState } from 'react'
import { isOrdered } from './isOrdered.ts'
import { SelectEntry } from '../fields/SelectEntry.tsx'
import { TextEntry } from '../fields/TextEntry.tsx'
import { laterPart } from '../shell/later.tsx'
import { useFetched } from '../shell/useFetched.ts'
import { run, setWork } from '../store/commands.ts'
import { colleaguesAlong } from '../store/fetchAlong.ts'
import { useJobStore } from '../store/jobStore.ts'
import { daysSince } from './shortTime.ts'

/** What stands against an order looks at every station. */
const OrderFirst = laterPart<{ readonly to: WorkState; readonly onDone: () => void }>(async () => ({
  default: (await import('./OrderFirst.tsx')).OrderFirst,
}))

/** What was done for now stands in the job log. */
const HandOverFirst = laterPart<{ readonly onFree: () => void }>(async () => ({
  default: (await import('./HandOverFirst.tsx')).HandOverFirst,
}))

const NOBODY = 'nobody'

/** How far the job is, who has it, and what holds it: what people decide, as the board shows it. */
export const WorkForm = () => {
  const work = useJobStore((s) => s.document!.work)
  const [wanted, setWanted] = useState<WorkState | null>(null)
  const [free, setFree] = useState(false)
  const since = useJobStore((s) => s.stateSince)
  const { fetched } = useFetched(colleaguesAlong)
  const people = fetched.state === 'there' ? fetched.value.filter((p) => p.active || p.id === work.personId) : []
  return (
    <>
      <SelectEntry
        label="State"
        value={wanted ?? work.state}
        options={WORK_STATES.map((s) => [s, WORK_STATE_WORDS[s]] as const)}
        onChange={(next: WorkState) => {
          setFree(false)
          // Parts are bought on this step: what stands against that is asked first.
          if (isOrdered(next) && !isOrdered(work.state)) return setWanted(next)
          // What was done for now is put right, or said, before the car goes.
          if (next === 'handed-over' && work.state !== 'handed-over') return setWanted(next)
          setWanted(null)
          run(setWork({ state: next }, 'state of work'))
        }}
      />
      {wanted === 'handed-over' && !free && (
        <HandOverFirst
          onFree={() => {
            // One that was never ordered has that to answer for, too.
            if (!isOrdered(work.state)) return setFree(true)
            setWanted(null)
            run(setWork({ state: 'handed-over' }, 'state of work'))
          }}
        />
      )}
      {wanted && (wanted !== 'handed-over' || free) && <OrderFirst to={wanted} onDone={() => setWanted(null)} />}
      {since && <p className="text-sm text-soft">In this state for {daysSince(since)} days.</p>}
      <SelectEntry
        label="Assigned to"
        value={work.personId ?? NOBODY}
        options={[[NOBODY, 'Nobody yet'], ...people.map((p) => [p.id, p.name] as const)]}
        onChange={(id) => run(setWork({ personId: id === NOBODY ? null : id }, 'assigned to'))}
      />
      <TextEntry
        label="On hold because"
        most={200}
        lines={2}
        value={work.heldBy}
        onChange={(heldBy) => run(setWork({ heldBy }, 'what it is on hold for', true))}
      />
      {fetched.state === 'trouble' && (
        <p className="text-sm text-stop">The people could not be loaded: {fetched.why}</p>
      )}
    </>
  )
}
