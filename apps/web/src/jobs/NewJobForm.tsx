import { JOB_TEMPLATES, type JobTemplate } from '@lochmoor/contract'
import { TEMPLATE_WORDS } from '@lochmoor/core'
import { Plus, Upload } from 'lucide-react'
import { useRef, useState } from 'react'
import { useNavigate } from 'react-router'
import { explainApiError } from '../api/client.ts'
import { createJob, importJob } from '../api/jobs.ts'
import { Button } from '../shell/Button.tsx'

/** A new job from nothing or from a template, or one from a file. */
export const NewJobForm = ({ onImported }: { onImported: () => void }) => {
  const [title, setTitle] = useState('')
  const [template, setTemplate] = useState<JobTemplate | ''>('')
  const [trouble, setTrouble] = useState<string | null>(null)
  const navigate = useNavigate()
  const submit = async () => {
    if (title.trim() === '') {
      setTrouble('Give the car a name first: 1 to 80 characters.')
      return
    }
    const made = await createJob({ title, ...(template && { template }) })
    if (made.ok) await navigate(`/jobs/${made.value.id}`)
    else setTrouble(explainApiError(made.error))
  }
  const take = async (file: File) => {
    setTrouble(null)
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
    await navigate(`/jobs/${result.value.id}`)
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
