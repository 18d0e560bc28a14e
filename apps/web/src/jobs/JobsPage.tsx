import type { JobList } from '@lochmoor/contract'
import { Plus } from 'lucide-react'
import { useEffect, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { createJob, explainApiError, fetchJobs } from '../api/client.ts'
import { StateMark } from '../marks/StateMark.tsx'
import { HeaderMiddle } from '../shell/HeaderMiddle.tsx'
import { shortTime } from './shortTime.ts'

type Loaded = { readonly list: JobList } | { readonly trouble: string } | null

const loadJobs = async (): Promise<Loaded> => {
  const result = await fetchJobs()
  return result.ok ? { list: result.value } : { trouble: explainApiError(result.error) }
}

/** The jobs to open, and a new one. */
export const JobsPage = () => {
  const [loaded, setLoaded] = useState<Loaded>(null)
  useEffect(() => {
    document.title = 'Jobs · Lochmoor'
    void loadJobs().then(setLoaded)
  }, [])

  return (
    <div className="mx-auto w-full max-w-4xl p-4 lg:p-8">
      <HeaderMiddle>
        <span className="hidden truncate text-soft sm:inline">
          {loaded && 'list' in loaded ? loaded.list.workshop : ''}
        </span>
      </HeaderMiddle>
      <div className="mb-4 flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-2xl font-extrabold">Jobs</h1>
        <NewJobForm />
      </div>
      {loaded === null && <p className="text-soft">Fetching the jobs…</p>}
      {loaded && 'trouble' in loaded && (
        <div role="alert" className="border-l-4 border-stop bg-sheet p-3">
          <p className="font-bold">The jobs could not be fetched.</p>
          <p>{loaded.trouble}</p>
          <button
            type="button"
            onClick={() => void loadJobs().then(setLoaded)}
            className="mt-2 border border-ink px-3 py-1 font-semibold hover:bg-wash"
          >
            Try again
          </button>
        </div>
      )}
      {loaded && 'list' in loaded && <JobTable list={loaded.list} />}
    </div>
  )
}

const JobTable = ({ list }: { list: JobList }) => {
  if (list.jobs.length === 0) return <p>No job yet. Give the car a name above and begin with what its engine is.</p>
  return (
    <ul className="border-t-2 border-ink">
      {list.jobs.map((job) => (
        <li key={job.id} className="border-b border-hair">
          <Link
            to={`/jobs/${job.id}`}
            className="grid min-h-14 grid-cols-[1fr_auto] items-center gap-x-4 px-2 py-2 hover:bg-wash sm:grid-cols-[4rem_1fr_10rem_8rem]"
          >
            <span className="hidden text-soft sm:block">{job.year ?? ''}</span>
            <span className="text-lg font-semibold">{job.title}</span>
            <span className="whitespace-nowrap">
              <span className="mr-2 text-soft">Fuel</span>
              <StateMark state={job.fuelState} />
            </span>
            <span className="hidden text-right text-soft sm:block">{shortTime(job.savedAt)}</span>
          </Link>
        </li>
      ))}
    </ul>
  )
}

const NewJobForm = () => {
  const [title, setTitle] = useState('')
  const [trouble, setTrouble] = useState<string | null>(null)
  const navigate = useNavigate()
  const submit = async () => {
    if (title.trim() === '') {
      setTrouble('Give the car a name first: 1 to 80 characters.')
      return
    }
    const made = await createJob(title)
    if (made.ok) await navigate(`/jobs/${made.value.id}`)
    else setTrouble(explainApiError(made.error))
  }
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        void submit()
      }}
    >
      <input
        aria-label="Name of the car"
        placeholder="Name of the car"
        value={title}
        maxLength={80}
        onChange={(e) => {
          setTitle(e.target.value)
          setTrouble(null)
        }}
        className="h-10 w-56 border border-soft bg-sheet px-3 placeholder:text-soft"
      />
      <button type="submit" className="flex h-10 items-center gap-1.5 bg-accent px-4 font-bold text-on-accent">
        <Plus size={18} aria-hidden /> New job
      </button>
      {trouble && (
        <p role="alert" className="w-full font-semibold text-stop">
          {trouble}
        </p>
      )}
    </form>
  )
}
