import { DEMO_STORY, type BoardQuery, type Colleagues, type JobBoard } from '@lochmoor/contract'
import { WORK_STATE_WORDS, WORK_STATES } from '@lochmoor/core'
import { ChevronLeft, ChevronRight, Download } from 'lucide-react'
import { useCallback, useEffect } from 'react'
import { Link } from 'react-router'
import { boardCsvPath } from '../api/jobs.ts'
import { Button } from '../shell/Button.tsx'
import { HeaderMiddle } from '../shell/HeaderMiddle.tsx'
import { Trouble } from '../shell/Trouble.tsx'
import { ownDataIsThere } from '../shell/arrived.ts'
import { useFetched } from '../shell/useFetched.ts'
import { boardAlong, colleaguesAlong } from '../store/fetchAlong.ts'
import { useSession } from '../store/sessionStore.ts'
import { BoardRow } from './BoardRow.tsx'
import { useBoardQuery } from './boardQuery.ts'
import { DemoNote } from './DemoNote.tsx'
import { NewJobForm } from './NewJobForm.tsx'
import { useJobsAlong } from './useJobsAlong.ts'

/** The jobs of the workshop by how far they have come. */
export const JobsPage = () => {
  const workshop = useSession((s) => (s.session?.state === 'signed-in' ? s.session.workshop : ''))
  const { query, change } = useBoardQuery()
  const asked = JSON.stringify(query)
  const { fetched, again } = useFetched(useCallback(() => boardAlong(JSON.parse(asked) as BoardQuery), [asked]))
  const there = fetched.state === 'there'
  useEffect(() => {
    if (there) ownDataIsThere()
  }, [there])
  const people = useFetched(colleaguesAlong).fetched
  const colleagues = people.state === 'there' ? people.value : []
  useEffect(() => {
    document.title = 'Jobs · Lochmoor'
  }, [])
  return (
    <div className="mx-auto w-full max-w-7xl p-3 lg:p-6">
      <HeaderMiddle>
        <span className="hidden truncate text-soft sm:inline">{workshop}</span>
      </HeaderMiddle>
      <div className="mb-3 flex flex-wrap items-start justify-between gap-3">
        <div className="flex flex-wrap items-baseline gap-x-5">
          <h1 className="text-2xl font-extrabold">{query.archived === 'yes' ? 'Archived jobs' : 'Jobs'}</h1>
          <Link to="/catalogue" className="text-accent underline">
            Catalogue of parts
          </Link>
        </div>
        <NewJobForm onImported={again} />
      </div>
      <DemoNote />
      {fetched.state === 'fetching' && <p className="text-soft">Loading the jobs…</p>}
      {fetched.state === 'trouble' && (
        <Trouble title="The jobs could not be loaded." why={fetched.why} onRetry={again} />
      )}
      {fetched.state === 'there' && (
        <>
          <StateStrip board={fetched.value} query={query} onChange={change} />
          <Filters query={query} colleagues={colleagues} onChange={change} />
          <JobTable board={fetched.value} query={query} colleagues={colleagues} onChanged={again} />
          <Pages board={fetched.value} onPage={(page) => change({ page })} />
        </>
      )}
    </div>
  )
}

type Change = ReturnType<typeof useBoardQuery>['change']

/** How many jobs stand at each state; pressing one shows only those. */
const StateStrip = ({ board, query, onChange }: { board: JobBoard; query: BoardQuery; onChange: Change }) => (
  <div role="group" aria-label="State" className="mb-3 flex overflow-x-auto border-y-2 border-ink">
    {WORK_STATES.map((state, i) => {
      const on = query.state === state
      return (
        <button
          key={state}
          type="button"
          aria-pressed={on}
          onClick={() => onChange({ state: on ? undefined : state })}
          className={`min-w-24 flex-1 px-2 py-1.5 text-left ${i > 0 ? 'border-l border-hair' : ''} ${on ? 'bg-accent text-on-accent' : 'hover:bg-wash'}`}
        >
          <span className="block text-2xl leading-none font-extrabold">{board.byState[state]}</span>
          <span className="block leading-tight whitespace-nowrap">{WORK_STATE_WORDS[state]}</span>
        </button>
      )
    })}
  </div>
)

const SORT_WORDS: Readonly<Record<BoardQuery['sort'], string>> = {
  changed: 'Last changed',
  title: 'Name',
  year: 'Year',
  state: 'State',
  days: 'Days in state',
}

const Filters = ({ query, colleagues, onChange }: { query: BoardQuery; colleagues: Colleagues; onChange: Change }) => (
  <div className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
    <input
      type="search"
      aria-label="Search by name"
      placeholder="Search by name"
      defaultValue={query.search}
      onChange={(e) => onChange({ search: e.target.value })}
      className="h-9 w-52 border border-soft bg-sheet px-2 placeholder:text-soft"
    />
    <Choice
      label="Person"
      value={query.person ?? ''}
      options={[['', 'Everybody'], ['nobody', 'Nobody yet'], ...colleagues.map((p) => [p.id, p.name] as const)]}
      onChange={(person) => onChange({ person })}
    />
    <Choice
      label="Sort by"
      value={query.sort}
      options={Object.entries(SORT_WORDS)}
      onChange={(sort) => onChange({ sort, direction: sort === 'title' ? 'up' : 'down' })}
    />
    <Choice
      label="Order"
      value={query.direction}
      options={[
        ['down', 'Descending'],
        ['up', 'Ascending'],
      ]}
      onChange={(direction) => onChange({ direction })}
    />
    <label className="flex items-center gap-1.5">
      <input
        type="checkbox"
        checked={query.archived === 'yes'}
        onChange={(e) => onChange({ archived: e.target.checked ? 'yes' : undefined })}
        className="size-4 accent-accent"
      />
      Archived
    </label>
    <a href={boardCsvPath({ ...query, page: 1 })} download className="flex items-center gap-1 text-accent underline">
      <Download size={16} aria-hidden /> CSV
    </a>
  </div>
)

const Choice = ({
  label,
  value,
  options,
  onChange,
}: {
  label: string
  value: string
  options: readonly (readonly [string, string])[]
  onChange: (value: string) => void
}) => (
  <label className="flex items-center gap-1.5">
    <span className="text-soft">{label}</span>
    <select
      value={value}
      onChange={(e) => onChange(e.target.value)}
      className="h-9 border border-soft/60 bg-sheet px-1.5 font-semibold"
    >
      {options.map(([v, words]) => (
        <option key={v} value={v}>
          {words}
        </option>
      ))}
    </select>
  </label>
)

const JobTable = ({
  board,
  query,
  colleagues,
  onChanged,
}: {
  board: JobBoard
  query: BoardQuery
  colleagues: Colleagues
  onChanged: () => void
}) => {
  const along = useJobsAlong()
  const demo = useSession((s) => s.session?.state === 'signed-in' && s.session.demo)
  if (board.jobs.length === 0)
    return query.search || query.state || query.person || query.archived === 'yes' ? (
      <p className="py-4">No jobs match these filters.</p>
    ) : (
      <p className="py-4">No jobs yet. Give the car a name above and start with the walk-around.</p>
    )
  return (
    <ul aria-label="Jobs" className="border-t border-hair">
      {board.jobs.map((job) => (
        <BoardRow
          key={job.id}
          job={job}
          colleagues={colleagues}
          story={demo ? DEMO_STORY[job.id] : undefined}
          here={along === null || along.has(job.id)}
          onChanged={onChanged}
        />
      ))}
    </ul>
  )
}

const Pages = ({ board, onPage }: { board: JobBoard; onPage: (page: number) => void }) => {
  const { page, size, total } = board
  const pages = Math.max(1, Math.ceil(total / size))
  if (pages === 1) return null
  return (
    <nav aria-label="Pages" className="mt-3 flex items-center gap-3">
      <Button disabled={page <= 1} onClick={() => onPage(page - 1)} label="Previous page">
        <ChevronLeft size={18} aria-hidden />
      </Button>
      <span>
        {(page - 1) * size + 1} to {Math.min(total, page * size)} of {total}
      </span>
      <Button disabled={page >= pages} onClick={() => onPage(page + 1)} label="Next page">
        <ChevronRight size={18} aria-hidden />
      </Button>
    </nav>
  )
}
