import { valueAt, type FactEntry, type JobDocument } from '@lochmoor/core'
import { TextEntry } from '../../fields/TextEntry.tsx'
import { run, setAt } from '../../store/commands.ts'
import { useMayWrite } from '../../store/sessionStore.ts'

/** A fact of the job: no measurement, so nothing of it goes into the job log, which guests read. */
export const FactField = ({ entry, job }: { entry: FactEntry; job: JobDocument }) => {
  const mayWrite = useMayWrite()
  return (
    <fieldset disabled={!mayWrite} className="border-b border-hair/70">
      <TextEntry
        label={entry.label}
        value={valueAt(job, entry.path) as string}
        most={entry.path === 'facts.address' ? 300 : entry.path === 'facts.owner' ? 120 : entry.path === 'facts.registration' ? 20 : 40}
        {...(entry.path === 'facts.address' && { lines: 2 })}
        onChange={(text) => run(setAt(entry.path, text, entry.label.toLowerCase()))}
      />
      {entry.how && <p className="-mt-1 pb-1 text-sm text-soft">{entry.how}</p>}
    </fieldset>
  )
} // prettier-ignore
