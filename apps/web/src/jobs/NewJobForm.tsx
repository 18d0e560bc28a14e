import { JOB_TEMPLATES, type JobTemplate } from '@lochmoor/contract'
import { TEMPLATE_WORDS } from '@lochmoor/core'
import { Plus, Upload } from 'lucide-react'
import { useRef, useState } from 'react'
import { Link, useNavigate } from 'react-router'
import { explainApiError } from '../api/client.ts'
import { createJob, fetchBoard, importJob } from '../api/jobs.ts'
import { Button } from '../shell/Button.tsx'

/** Another job that goes by the same name, or the same job once more. */
interface Twin {
  readonly says: string
  readonly id: string
}

/** A job of this very name, other than one that is known; null where there is none, or nobody can say. */
const jobOfName = async (
  title: string,
  otherThan?: string,
): Promise<{ readonly id: string; readonly title: string } | null> => {
  const named = title.trim().toLowerCase()
  for (const archived of ['no', 'yes'] as const) {
    const found = await fetchBoard({ search: title.trim(), archived })
    const job = found.ok
      ? found.value.jobs.find((j) => j.title.toLowerCase() === named && j.id !== otherThan)
      : undefined
    if (job) return job
  }
  return null
}

/** A new job from nothing or from a template, or one from a file. */
export const NewJobForm = ({ onImported }: { onImported: () => void }) => {
  const [title, setTitle] = useState('')
  const [template, setTemplate] = useState<JobTemplate | ''>('')
  const [trouble, setTrouble] = useState<string | null>(null)
  const [twin, setTwin] = useState<Twin | null>(null)
  const navigate = useNavigate()
  const submit = async () => {
    if (title.trim() === '') {
      setTrouble('Give the car a name first: 1 to 80 characters.')
      return
    }
    // Once it was said, a second job of the name is what is wanted.
    const found = twin === null ? await jobOfName(title) : null
    if (found) {
      setTwin({
        says: `There is a job “${found.title}” already. Press “New job” again for a second one of that name.`,
        id: found.id,
      })
      return
    }
    const made = await createJob({ title, ...(template && { template }) })
    if (made.ok) await navigate(`/jobs/${made.value.id}`)
    else setTrouble(explainApiError(made.error))
  }
  const take = async (file: File) => {
    setTrouble(null)
    setTwin(null)
    let json: unknown
    try {
      json = JSON.parse(await file.text())
    } catch {
      setTrouble(`${file.name} is not JSON; allowed: a job file exported by Lochmoor.`)
      return
    }
    const result = await importJob(json)
    if (!result.ok) {
      setTrouble(explainApiError(result.error))
      return
    }
    onImported()
    const { id, keptId } = result.value
    const name = (json as { sections: { vehicle: { title: string } } }).sections.vehicle.title
    const other = keptId ? await jobOfName(name, id) : null
    if (keptId && !other) return void navigate(`/jobs/${id}`)
    setTwin({
      says: keptId
        ? `“${name}” is imported. There is another job of that name.`
        : `“${name}” was here already: what was imported is a second job beside it.`,
      id,
    })
  }
  return (
    <form
      aria-label="New job"
      className="flex max-w-3xl flex-wrap items-center gap-2"
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
          setTwin(null)
        }}
        className="h-9 w-48 border border-soft bg-sheet px-2 placeholder:text-soft"
      />
      <select
        aria-label="Start with"
        value={template}
        onChange={(e) => setTemplate(e.target.value as JobTemplate | '')}
        className="h-9 max-w-64 border border-soft/60 bg-sheet px-1.5"
      >
        <option value="">Start blank</option>
        {JOB_TEMPLATES.map((t) => (
          <option key={t} value={t}>
            {TEMPLATE_WORDS[t]}
          </option>
        ))}
      </select>
      <Button kind="main" type="submit">
        <Plus size={18} aria-hidden /> New job
      </Button>
      <FileButton onFile={(f) => void take(f)} />
      {trouble && (
        <p role="alert" className="w-full font-semibold break-words text-stop">
          {trouble}
        </p>
      )}
      {twin && (
        <p role="status" className="w-full font-semibold break-words text-caution">
          {twin.says}{' '}
          <Link to={`/jobs/${twin.id}`} className="text-accent underline">
            Open it
          </Link>
        </p>
      )}
    </form>
  )
}

const FileButton = ({ onFile }: { onFile: (file: File) => void }) => {
  const input = useRef<HTMLInputElement>(null)
  return (
    <>
      <input
        ref={input}
        type="file"
        accept="application/json,.json"
        aria-label="Job file"
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => {
          const [file] = e.target.files ?? []
          if (file) onFile(file)
          e.target.value = ''
        }}
      />
      <Button onClick={() => input.current?.click()}>
        <Upload size={17} aria-hidden /> From a file
      </Button>
    </>
  )
}
