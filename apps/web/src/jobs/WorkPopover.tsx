import { WORK_STATE_WORDS, WORK_STATES, type WorkState } from '@lochmoor/core'
import { Popover } from 'radix-ui'
import { fetchColleagues } from '../api/people.ts'
import { SelectEntry } from '../fields/SelectEntry.tsx'
import { TextEntry } from '../fields/TextEntry.tsx'
import { useFetched } from '../shell/useFetched.ts'
import { run, setWork } from '../store/commands.ts'
import { useJobStore } from '../store/jobStore.ts'
import { daysSince } from './shortTime.ts'

const NOBODY = 'nobody'

/** How far the job is, who has it, and what holds it: what people decide, as the board shows it. */
export const WorkPopover = () => {
  const state = useJobStore((s) => s.document!.work.state)
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={`State of work: ${WORK_STATE_WORDS[state]}`}
        className="hidden h-7 shrink-0 items-center border border-hair px-2 font-semibold hover:bg-wash sm:flex"
      >
        {WORK_STATE_WORDS[state]}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          aria-label="State of work"
          align="start"
          sideOffset={6}
          className="z-20 w-72 border-2 border-ink bg-sheet p-4"
        >
          <WorkForm />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}

const WorkForm = () => {
  const work = useJobStore((s) => s.document!.work)
  const since = useJobStore((s) => s.stateSince)
  const { fetched } = useFetched(fetchColleagues)
  const people = fetched.state === 'there' ? fetched.value.filter((p) => p.active || p.id === work.personId) : []
  return (
    <>
      <SelectEntry
        label="State of work"
        value={work.state}
        options={WORK_STATES.map((s) => [s, WORK_STATE_WORDS[s]] as const)}
        onChange={(next: WorkState) => run(setWork({ state: next }, 'state of work'))}
      />
      {since && <p className="text-sm text-soft">In the state it was opened with for {daysSince(since)} days.</p>}
      <SelectEntry
        label="Who has it"
        value={work.personId ?? NOBODY}
        options={[[NOBODY, 'Nobody yet'], ...people.map((p) => [p.id, p.name] as const)]}
        onChange={(id) => run(setWork({ personId: id === NOBODY ? null : id }, 'who has it'))}
      />
      <TextEntry
        label="What holds it"
        most={200}
        lines={2}
        value={work.heldBy}
        onChange={(heldBy) => run(setWork({ heldBy }, 'what holds it', true))}
      />
      {fetched.state === 'trouble' && (
        <p className="text-sm text-stop">The people could not be fetched: {fetched.why}</p>
      )}
    </>
  )
}
