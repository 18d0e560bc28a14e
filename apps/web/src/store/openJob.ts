import { SECTION_NAMES, SECTION_SCHEMAS, type JobResponse } from '@lochmoor/contract'
import { err, ok, sameValue, type JobDocument, type Result } from '@lochmoor/core'
import type { ApiError } from '../api/client.ts'
import { isKeptShown } from './along.ts'
import { jobAlong } from './fetchAlong.ts'
import { initialJobState, useJobStore, type JobState } from './jobStore.ts'
import { outbox } from './outbox.ts'
import type { SectionEntry } from './outboxEntries.ts'
import { hearStored, sendNow } from './sending.ts'
import { personNow } from './sessionStore.ts'
import { storedOf } from './storedMeanwhile.ts'
import { countEdits } from './waitingEdits.ts'
import { bringUp, gather, newestOf, shownOver } from './takingIn.ts'

/**
 * Makes an edit that waits in this browser one of what the server holds now: what somebody else has changed, or an earlier
 * value of our own whose answer was lost, is taken in.
 */
const bringUpTo = (job: JobResponse, entry: SectionEntry): void => {
  const stored = job.sections[entry.section]
  const parsed = SECTION_SCHEMAS[entry.section].safeParse(entry.value)
  if (!parsed.success) {
    // Kept with its reason, to be looked at; it is not laid over anything.
    if (entry.refused === undefined)
      outbox.put({ ...entry, refused: 'It does not fit this version of Lochmoor. It is kept as it was.' })
  } else if (sameValue(stored.value, entry.value)) outbox.remove(entry.key)
  else if (stored.version !== entry.baseVersion || entry.conflict) {
    bringUp({ ...entry, value: parsed.data }, stored)
  }
}

const stateOf = (job: JobResponse): JobState => {
  for (const e of outbox.of(personNow())) if (e.kind === 'section' && e.jobId === job.id) bringUpTo(job, e)
  for (const s of SECTION_NAMES) gather(job.id, s, job.sections[s])
  const document = Object.fromEntries(
    SECTION_NAMES.map((s) => [s, shownOver(job.id, s, job.sections[s].value)]),
  ) as unknown as JobDocument
  return {
    ...initialJobState,
    jobId: job.id,
    document,
    acknowledged: Object.fromEntries(
      SECTION_NAMES.map((s) => [s, { version: job.sections[s].version, value: job.sections[s].value }]),
    ) as JobState['acknowledged'],
    savedAt: SECTION_NAMES.map((s) => job.sections[s].savedAt)
      .sort()
      .at(-1)!,
    archivedAt: job.archivedAt,
    stateSince: job.stateSince,
    waiting: countEdits(outbox.of(personNow())),
    save: outbox.of(personNow()).length > 0 ? 'saving' : 'saved',
  }
}

/** A job that this browser has kept may be older than the edits that wait: those know what they started from. */
const asKnown = (job: JobResponse): JobResponse => {
  const own = outbox.of(personNow()).filter((e): e is SectionEntry => e.kind === 'section' && e.jobId === job.id)
  const sections = Object.fromEntries(
    SECTION_NAMES.map((s) => [
      s,
      {
        ...job.sections[s],
        ...newestOf(
          job.sections[s],
          own.filter((e) => e.section === s),
        ),
      },
    ]),
  ) as JobResponse['sections']
  return { ...job, sections }
}

/** Takes in what others have changed of the open job while nobody answered. */
export const refreshJob = async (): Promise<void> => {
  const { jobId, acknowledged } = useJobStore.getState()
  if (jobId === null) return
  const loaded = await jobAlong(jobId)
  if (!loaded.ok || isKeptShown()) return
  for (const section of SECTION_NAMES) {
    const { savedAt, value, version } = loaded.value.sections[section]
    if (acknowledged[section].version < version) hearStored({ jobId, section, version, value, savedAt })
  }
}

/** A job as the server has it. What was stored while it was on its way may be missing in it: then it is asked for again. */
const newestJob = async (id: string, wanted: () => boolean): ReturnType<typeof jobAlong> => {
  for (;;) {
    const stored = storedOf(id)
    const loaded = await jobAlong(id)
    if (!loaded.ok || isKeptShown() || storedOf(id) === stored || !wanted()) return loaded
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
  const loaded = await newestJob(id, () => turn === turns)
  // Somebody has asked for another job meanwhile; that one is opened.
  if (turn !== turns) return ok(null)
  if (!loaded.ok) return err(loaded.error)
  useJobStore.setState(stateOf(isKeptShown() ? asKnown(loaded.value) : loaded.value), true)
  sendNow()
  return ok(null)
}
