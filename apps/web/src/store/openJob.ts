import { SECTION_NAMES, SECTION_SCHEMAS, type JobResponse } from '@lochmoor/contract'
import { err, JOB, mergeThree, ok, sameValue, type JobDocument, type Result } from '@lochmoor/core'
import type { ApiError } from '../api/client.ts'
import { fetchJob } from '../api/jobs.ts'
import { initialJobState, useJobStore, type JobState } from './jobStore.ts'
import { outbox } from './outbox.ts'
import type { SectionEntry } from './outboxEntries.ts'
import { sendNow } from './sending.ts'
import { personNow } from './sessionStore.ts'

/** Lays an edit that waits in this browser over what the server holds now. */
const layOver = (document: JobDocument, job: JobResponse, entry: SectionEntry): JobDocument => {
  const stored = job.sections[entry.section]
  const parsed = SECTION_SCHEMAS[entry.section].safeParse(entry.value)
  // Kept with its reason, to be looked at; it is not laid over anything.
  if (!parsed.success) {
    if (entry.refused === undefined)
      outbox.put({ ...entry, refused: 'It does not fit this version of Lochmoor. It is kept as it was.' })
    return document
  }
  if (sameValue(stored.value, entry.value)) {
    outbox.remove(entry.key)
    return document
  }
  if (stored.version === entry.baseVersion || entry.conflict) {
    // What another entry has laid there already stays, as far as this one did not change the same.
    const { merged } = mergeThree<unknown>(
      JOB.fields[entry.section],
      entry.baseValue,
      parsed.data,
      document[entry.section],
    )
    return { ...document, [entry.section]: sameValue(document[entry.section], stored.value) ? parsed.data : merged }
  }
  const own = entry.unanswered.find((v) => sameValue(v, stored.value))
  // Either our own earlier edit, whose answer was lost, or somebody else's, which is taken in.
  const base = own ?? entry.baseValue
  const { merged, clashes } = mergeThree<unknown>(JOB.fields[entry.section], base, parsed.data, stored.value)
  const conflict = clashes.length > 0 ? { clashes, merged, theirs: stored.value, theirVersion: stored.version } : null
  outbox.put(
    conflict
      ? { ...entry, conflict }
      : { ...entry, value: merged, baseVersion: stored.version, baseValue: stored.value, unanswered: [] },
  )
  return { ...document, [entry.section]: merged }
}

const stateOf = (job: JobResponse): JobState => {
  const document = Object.fromEntries(SECTION_NAMES.map((s) => [s, job.sections[s].value])) as unknown as JobDocument
  const waiting = outbox
    .ofJob(job.id)
    .filter((e): e is SectionEntry => e.kind === 'section' && e.personId === personNow())
  return {
    ...initialJobState,
    jobId: job.id,
    document: waiting.reduce((d, entry) => layOver(d, job, entry), document),
    acknowledged: Object.fromEntries(
      SECTION_NAMES.map((s) => [s, { version: job.sections[s].version, value: job.sections[s].value }]),
    ) as JobState['acknowledged'],
    savedAt: SECTION_NAMES.map((s) => job.sections[s].savedAt)
      .sort()
      .at(-1)!,
    archivedAt: job.archivedAt,
    stateSince: job.stateSince,
    waiting: outbox.of(personNow()).length,
    save: outbox.of(personNow()).length > 0 ? 'saving' : 'saved',
  }
}

let turns = 0

/** Loads a job into the store, with what this browser still has to send. */
export const openJob = async (id: string): Promise<Result<null, ApiError>> => {
  const turn = ++turns
  useJobStore.setState(initialJobState, true)
  await outbox.load()
  const personId = personNow()
  if (personId !== null) await outbox.adopt(personId)
  const loaded = await fetchJob(id)
  // Somebody has asked for another job meanwhile; that one is opened.
  if (turn !== turns) return ok(null)
  if (!loaded.ok) return err(loaded.error)
  useJobStore.setState(stateOf(loaded.value), true)
  sendNow()
  return ok(null)
}
