import { SECTION_SCHEMAS, type JobResponse, type SectionName } from '@lochmoor/contract'
import { err, ok, type JobDocument, type Result } from '@lochmoor/core'
import { fetchJob, type ApiError } from '../api/client.ts'
import { initialJobState, useJobStore, type Conflict } from './jobStore.ts'
import { outbox, type OutboxEntry } from './outbox.ts'
import { sameValue } from './sameValue.ts'
import { keepAndSend, leaveJob } from './saving.ts'

interface Merged {
  document: JobDocument
  dirty: Set<SectionName>
  conflict: Conflict | null
}

/** Lays edits that wait in this browser over what the server holds. */
const withWaiting = (job: JobResponse, waiting: readonly OutboxEntry[]): Merged => {
  const merged: Merged = {
    document: { vehicle: job.sections.vehicle.value, fuel: job.sections.fuel.value },
    dirty: new Set(),
    conflict: null,
  }
  for (const entry of waiting) {
    const stored = job.sections[entry.section]
    const parsed = SECTION_SCHEMAS[entry.section].safeParse(entry.value)
    if (!parsed.success || sameValue(stored.value, entry.value)) {
      outbox.remove(job.id, entry.section).catch((e: unknown) => useJobStore.setState({ saveNote: String(e) }))
      continue
    }
    merged.document = { ...merged.document, [entry.section]: parsed.data }
    merged.dirty.add(entry.section)
    if (stored.version !== entry.baseVersion)
      merged.conflict = {
        section: entry.section,
        mine: parsed.data,
        theirs: stored.value,
        theirVersion: stored.version,
      }
  }
  return merged
}

let turns = 0

/** Loads a job into the store, with what this browser still has to send. */
export const openJob = async (id: string): Promise<Result<null, ApiError>> => {
  const turn = ++turns
  await leaveJob()
  // Somebody has asked for another job meanwhile; that one is opened.
  if (turn !== turns) return ok(null)
  useJobStore.setState(initialJobState, true)
  const loaded = await fetchJob(id)
  if (!loaded.ok) return err(loaded.error)
  const job = loaded.value
  let waiting: OutboxEntry[] = []
  let saveNote: string | null = null
  try {
    waiting = await outbox.ofJob(id)
  } catch (error) {
    // Private windows may refuse a database. Work goes on; only a lost connection would cost the last edits.
    saveNote = `This browser cannot keep edits for later (${String(error)}).`
  }
  if (turn !== turns) return ok(null)
  const { document, dirty, conflict } = withWaiting(job, waiting)
  const { vehicle, fuel } = job.sections
  useJobStore.setState({
    ...initialJobState,
    jobId: id,
    document,
    versions: { vehicle: vehicle.version, fuel: fuel.version },
    dirty,
    conflict,
    saveNote,
    save: conflict ? 'conflict' : dirty.size > 0 ? 'saving' : 'saved',
    savedAt: vehicle.savedAt > fuel.savedAt ? vehicle.savedAt : fuel.savedAt,
  })
  if (dirty.size > 0 && !conflict) keepAndSend()
  return ok(null)
}
