import type { SectionName } from '@lochmoor/contract'
import { sameValue } from '@lochmoor/core'
import { explainApiError, type ApiError } from '../api/client.ts'
import { sendPhoto, sendRecord, writeSection } from '../api/jobs.ts'
import { useJobStore, type JobState } from './jobStore.ts'
import { editOf, outbox } from './outbox.ts'
import type { OutboxEntry, SectionEntry } from './outboxEntries.ts'
import { loadSession, personNow } from './sessionStore.ts'
import { afterStored, bringUp, gather, newestOf } from './takingIn.ts'
import { noteStored } from './storedMeanwhile.ts'
import { countEdits } from './waitingEdits.ts'
import { alone, hearOthers, tellOthers, type Told } from './tab.ts'

const SETTLE_MS = 350
const RETRY_MS = [1000, 2000, 4000, 8000, 15_000] as const
const MOST_UNANSWERED = 50
const SIGNED_OUT = 401
const STALE_TOKEN = 'noCsrf'
/** Nothing is wrong with what was sent: it may go once a second factor is set up, or with the session's new token. */
const LATER = new Set(['secondFactor', STALE_TOKEN])

let timer: ReturnType<typeof setTimeout> | null = null
let running: Promise<void> | null = null
let failures = 0

const set = (change: Partial<JobState>) => useJobStore.setState(change)
const get = () => useJobStore.getState()

/** Tells the open job's store what waits. */
const tell = (): void => {
  const { jobId, save } = get()
  const own = outbox.of(personNow())
  const conflict =
    own.find((e): e is SectionEntry => e.jobId === jobId && e.kind === 'section' && e.conflict !== null) ?? null
  set({ conflict, waiting: countEdits([...own, ...outbox.elsewhere(personNow())]) })
  // Said only after the browser has it, and taken back when it has not.
  if (save === 'kept-here' || save === 'not-kept') sayKept()
}
outbox.whenChanged(tell)

/** What is said where nobody takes the edits: that this browser has them, or that it has not. Nothing before it is so. */
const sayKept = (why: string | null = get().awayNote): void => {
  const kept = outbox.kept(personNow())
  if (kept === 'on its way') return
  set({
    awayNote: why,
    ...(kept === 'all' ? { save: 'kept-here', saveNote: why } : { save: 'not-kept', saveNote: kept.refused }),
  })
}

const sendIn = (ms: number): void => {
  if (timer) clearTimeout(timer)
  timer = setTimeout(() => void send(), ms)
}

/** Sends after the typing settles. */
export const sendSoon = (): void => {
  if (get().save === 'saved') set({ save: 'saving' })
  sendIn(SETTLE_MS)
}
/** Sends at once what waits: on regained connection, after signing in, or before the page goes. */
export const sendNow = (): void => sendIn(0)

/** Forgets the timer, not what waits: for tests, and before a page goes. */
export const stopSending = (): void => {
  if (timer) clearTimeout(timer)
  timer = null
}

/** One run at a time; whoever asks during a run waits for it. */
export const send = (): Promise<void> =>
  (running ??= sendAll().finally(() => {
    running = null
  }))

type Outcome = 'go-on' | 'stop'

const isStuck = (e: OutboxEntry): boolean =>
  e.refused !== undefined ||
  (e.kind === 'section' && e.conflict !== null) ||
  (e.kind === 'record' && isStuckWith(editOf(e)))

const isStuckWith = (edit: SectionEntry | null): boolean => edit !== null && isStuck(edit)

/** Edits that closed pages have left are shown in the open job: whoever edits on, edits on from them. */
const layAdopted = (taken: readonly SectionEntry[]): void => {
  const { acknowledged, jobId } = get()
  const ofJob = taken.filter((e) => e.jobId === jobId)
  for (const section of new Set(ofJob.map((e) => e.section))) {
    if (jobId === null || !get().document) return
    // The page that was closed may have heard more of the server than this one.
    const stored = newestOf(acknowledged[section], ofJob.filter((e) => e.section === section)) // prettier-ignore
    gather(jobId, section, stored, ofJob)
    useJobStore.setState(afterStored(get(), section, stored), true)
  }
}

outbox.whenTaken(layAdopted)
outbox.whenLeft(sendNow)

/** One page of the browser sends at a time. */
const sendAll = async (): Promise<void> => {
  await outbox.load()
  outbox.keepAgain()
  const personId = personNow()
  if (personId !== null) await outbox.adopt(personId)
  await alone('sending', sendWhatWaits)
  tellOthers({ kind: 'waiting' })
}

const sendWhatWaits = async (): Promise<void> => {
  for (;;) {
    const next = outbox.of(personNow()).find((e) => !isStuck(e))
    if (!next) break
    if (personNow() === null) return
    set({ save: 'saving' })
    if ((await sendOne(next)) === 'stop') return
  }
  failures = 0
  standStill()
}

/** What the header says when there is nothing to send just now. */
const standStill = (): void => {
  const { jobId } = get()
  const stuck = outbox.of(personNow()).filter(isStuck)
  const refused = stuck.find((e) => e.refused !== undefined)
  const conflict = stuck.some((e) => e.jobId === jobId && e.kind === 'section' && e.conflict !== null)
  set(
    conflict
      ? { save: 'conflict', saveNote: null }
      : refused
        ? { save: 'refused', saveNote: refused.refused ?? null }
        : { save: 'saved', saveNote: null },
  )
  tell()
}

/**
 * Kept first that it was sent: whatever ends the page then, what the server has is known for one's own. Nothing goes under
 * another name: somebody else may have sat down meanwhile.
 */
const maySend = async ({ personId }: OutboxEntry): Promise<boolean> => {
  await outbox.settled()
  return personNow() === personId
}

const sendOne = async (entry: OutboxEntry): Promise<Outcome> => {
  switch (entry.kind) {
    case 'section':
      return sendSection(entry)
    case 'record': {
      outbox.put({ ...entry, sent: true })
      if (!(await maySend(entry))) return 'stop'
      const result = await sendRecord(entry.jobId, entry.record)
      return result.ok ? taken(entry) : notTaken(entry, result.error)
    }
    case 'photo': {
      if (!(await maySend(entry))) return 'stop'
      const result = await sendPhoto(entry.jobId, entry.photoId, entry.blob)
      return result.ok ? taken(entry) : notTaken(entry, result.error)
    }
  }
}

const taken = (entry: OutboxEntry): Outcome => {
  outbox.remove(entry.key)
  const { jobId, bookTurn, photoTurn } = get()
  const ofPhoto = entry.kind === 'record' && entry.record.body.kind === 'photo'
  if (jobId === entry.jobId) set({ bookTurn: bookTurn + 1, photoTurn: photoTurn + Number(ofPhoto) })
  return 'go-on'
}

/** Out of reach or signed out: kept and tried again. Refused: kept with the reason; the others go on. */
const notTaken = async (entry: OutboxEntry, error: ApiError): Promise<Outcome> => {
  const away = error.kind === 'away'
  if (away || error.status === SIGNED_OUT || LATER.has(error.refusal.code)) {
    set({ awayNote: explainApiError(error) })
    await outbox.settled()
    sayKept()
    // This browser has a new session: its token is asked for before anything is sent again.
    const stale = !away && error.refusal.code === STALE_TOKEN
    if (stale) await loadSession()
    if (away || stale) sendIn(RETRY_MS[Math.min(failures++, RETRY_MS.length - 1)]!)
    return 'stop'
  }
  // It may have been edited while the answer was on its way: the latest stays.
  const latest = outbox.get(entry.key) ?? entry
  outbox.put({ ...latest, refused: explainApiError(error) })
  return 'go-on'
}

const sendSection = async (entry: SectionEntry): Promise<Outcome> => {
  const { baseVersion, jobId, key, section, value } = entry
  const earlier = entry.unanswered.filter((v) => !sameValue(v, value))
  outbox.put({ ...entry, unanswered: [...earlier, value].slice(-MOST_UNANSWERED) })
  if (!(await maySend(entry))) return 'stop'
  const result = await writeSection(jobId, section, baseVersion, value)
  const latest = outbox.get(key) as SectionEntry | undefined
  if (!latest) return 'go-on'
  if (result.ok) return acknowledge(latest, value, result.value.version, result.value.savedAt)
  const { error } = result
  const current = error.kind === 'refused' && error.refusal.code === 'stale' ? error.refusal.current : undefined
  if (!current) return notTaken(entry, error)
  // What stands there may be our own, whose answer was lost: then it goes on from it.
  const own = [value, ...earlier].find((v) => sameValue(current.value, v))
  if (own !== undefined) return acknowledge(latest, own, current.version, current.savedAt)
  return takeIn(latest, current.value, current.version)
}

const acknowledge = (latest: SectionEntry, sent: unknown, version: number, savedAt: string): Outcome => {
  const { jobId, key, section, value } = latest
  noteStored(jobId)
  const open = get()
  if (open.jobId === jobId)
    set({ acknowledged: { ...open.acknowledged, [section]: { version, value: sent } }, savedAt })
  tellOthers({ kind: 'stored', jobId, section, version, value: sent, savedAt })
  if (sameValue(value, sent)) outbox.remove(key)
  else outbox.put({ ...latest, baseVersion: version, baseValue: sent, unanswered: [] })
  // What else waits for this section is from now on a change of what is stored now.
  for (const other of outbox.sections(latest.personId, jobId, section))
    if (other.key !== key) takeIn(other, sent, version)
  return 'go-on'
}

/** Somebody else's changes: taken in where they do not clash with ours, else kept for a decision. */
const takeIn = (latest: SectionEntry, theirs: unknown, theirVersion: number): Outcome => {
  const { jobId, section } = latest
  bringUp(latest, { value: theirs, version: theirVersion })
  const open = get()
  if (open.jobId === jobId)
    useJobStore.setState(afterStored(open, section, { version: theirVersion, value: theirs }), true)
  return 'go-on'
}

/** What another page, or somebody else, has stored is taken into the open job. */
export const hearStored = ({
  jobId,
  section: name,
  version,
  value,
  savedAt,
}: Omit<Extract<Told, { kind: 'stored' }>, 'kind'>): void => {
  noteStored(jobId)
  const open = get()
  const section = name as SectionName
  const personId = personNow()
  if (open.jobId !== jobId || !open.document || open.acknowledged[section].version >= version) return
  if (personId === null) return
  for (const own of outbox.sections(personId, jobId, section)) takeIn(own, value, version)
  useJobStore.setState({ ...afterStored(get(), section, { version, value }), savedAt }, true)
}
hearOthers((told) => {
  if (told.kind === 'stored') return hearStored(told)
  const personId = personNow()
  if (personId !== null) void outbox.adopt(personId).then(tell)
})
