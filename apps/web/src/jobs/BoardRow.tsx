import type { BoardJob, Colleagues } from '@lochmoor/contract'
import { counted, headOf, STAGE_WORDS, WORK_STATE_WORDS, WORK_STATES, type WorkState } from '@lochmoor/core'
import { Hammer, Wrench } from 'lucide-react'
import { useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { explainApiError } from '../api/client.ts'
import { writeSection } from '../api/jobs.ts'
import { StateMark } from '../marks/StateMark.tsx'
import { isOrdered } from './isOrdered.ts'
import { daysSince } from './shortTime.ts'

interface Props {
  readonly job: BoardJob
  readonly colleagues: Colleagues
  /** Whether it can be opened: without a connection only what was open here before. */
  readonly here: boolean
  /** Why the car is there, where the demo tells it. */
  readonly story: string | undefined
  readonly onChanged: () => void
}

/** One job: what it is, how far, what to do next, what holds it, who has it. */
export const BoardRow = ({ job, colleagues, here, story, onChanged }: Props) => {
  const [trouble, setTrouble] = useState<string | null>(null)
  const days = daysSince(job.stateSince)
  const navigate = useNavigate()
  const move = async (state: WorkState) => {
    // Parts are bought on this step: what stands against that is asked where it can be seen.
    if (isOrdered(state) && !isOrdered(job.work.state)) return void navigate(`/jobs/${job.id}/fuel/order`)
    const result = await writeSection(job.id, 'work', job.workVersion, { ...job.work, state })
    setTrouble(result.ok ? null : explainApiError(result.error))
    onChanged()
  }
  const { personId } = job.work
  const person = personId === null ? 'nobody yet' : (colleagues.find((p) => p.id === personId)?.name ?? 'somebody')
  return (
    <li className="grid items-center gap-x-4 gap-y-1 border-b border-hair px-1 py-2 lg:grid-cols-[minmax(0,15rem)_minmax(0,1fr)_25rem_10.5rem]">
      <div className="min-w-0">
        {here ? (
          <Link to={`/jobs/${job.id}`} className="block text-lg wrap-anywhere leading-tight font-bold hover:underline">
            {job.title}
          </Link>
        ) : (
          <span className="block text-lg leading-tight font-bold wrap-anywhere">
            {job.title}
            <span className="block text-sm font-normal text-soft">not in this browser</span>
          </span>
        )}
        <span className="text-soft">{[job.year, person].filter(Boolean).join(' · ')}</span>
      </div>
      <div className="min-w-0">
        {job.repairs.length > 0 ? (
          <p className="flex items-start gap-1.5 font-bold text-stop">
            <Wrench size={17} aria-hidden className="mt-0.5 shrink-0" />
            <span>
              {job.nextAction}
              {job.repairs.length > 1 && (
                <span className="font-normal">{`, and ${counted(job.repairs.length - 1, 'more repair')}`}</span>
              )}
            </span>
          </p>
        ) : (
          <p className="font-semibold">
            <span className="font-normal text-soft">Next: </span>
            {job.nextAction}
          </p>
        )}
        {story !== undefined && <p className="text-sm leading-snug text-soft">{story}</p>}
        {job.work.heldBy && (
          <p className="text-caution">
            <span className="font-semibold">On hold: </span>
            {job.work.heldBy}
          </p>
        )}
      </div>
      <ul aria-label="Stations" className="grid grid-cols-6 gap-x-1 gap-y-1 sm:grid-cols-7">
        {job.stations.map((s) => (
          <li
            key={s.station}
            title={`${headOf(s.station).title}: ${STAGE_WORDS[s.stage]}`}
            className="flex flex-col items-center leading-tight"
          >
            {s.stage === 'built' ? (
              <Hammer size={18} aria-hidden className="text-ok" />
            ) : (
              <span className="text-lg leading-none">
                <StateMark state={s.verdict} wordless />
              </span>
            )}
            <span className="text-sm text-soft">{headOf(s.station).short}</span>
            <span className="sr-only">{STAGE_WORDS[s.stage]}</span>
          </li>
        ))}
      </ul>
      <div className="flex items-center gap-2 lg:flex-col lg:items-stretch lg:gap-0">
        <select
          aria-label={`State of ${job.title}`}
          value={job.work.state}
          onChange={(e) => void move(e.target.value as WorkState)}
          className="h-9 border border-soft/60 bg-sheet px-1.5 font-semibold"
        >
          {WORK_STATES.map((s) => (
            <option key={s} value={s}>
              {WORK_STATE_WORDS[s]}
            </option>
          ))}
        </select>
        <span className="text-sm text-soft">{days === 0 ? 'since today' : `for ${counted(days, 'day')}`}</span>
      </div>
      {trouble && (
        <p role="alert" className="font-semibold text-stop lg:col-span-4">
          {trouble}
        </p>
      )}
    </li>
  )
}
