import type { SectionName } from '@lochmoor/contract'
import { JOB, mergeThree, sameValue } from '@lochmoor/core'
import { explainApiError, type ApiError } from '../api/client.ts'
import { sendPhoto, sendRecord, writeSection } from '../api/jobs.ts'
import { afterTakingIn, useJobStore, type JobState } from './jobStore.ts'
import { outbox } from './outbox.ts'
import type { OutboxEntry, SectionEntry } from './outboxEntries.ts'
import { personNow } from './sessionStore.ts'
import { alone, hearOthers, tellOthers, type Told } from './tab.ts'

const SETTLE_MS = 350
const RETRY_MS = [1000, 2000, 4000, 8000, 15_000] as const
const MOST_UNANSWERED = 50
const SIGNED_OUT = 401

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
  set({ conflict, waiting: own.length + outbox.elsewhere(personNow()).length })
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

const isStuck = (e: OutboxEntry): boolean => e.refused !== undefined || (e.kind === 'section' && e.conflict !== null)

/** Edits that a closed page has left are shown in the open job: whoever edits on, edits on from them. */
const layAdopted = (taken: readonly SectionEntry[]): void => {
  for (const { baseValue, jobId, key, section, value } of taken) {
    const open = get()
    if (open.jobId !== jobId || !open.document) continue
    const { merged, clashes } = mergeThree<unknown>(JOB.fields[section], baseValue, open.document[section], value)
    if (clashes.length > 0) outbox.setApart(key)
    useJobStore.setState(afterTakingIn(open, section, baseValue, value, merged), true)
  }
}

/** One page of the browser sends at a time. */
const sendAll = async (): Promise<void> => {
  await outbox.load()
  outbox.keepAgain()
  const personId = personNow()
  if (personId !== null) layAdopted(await outbox.adopt(personId))
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

const sendOne = async (entry: OutboxEntry): Promise<Outcome> => {
  switch (entry.kind) {
    case 'section':
      return sendSection(entry)
    case 'record': {
      const result = await sendRecord(entry.jobId, entry.record)
      return result.ok ? taken(entry) : notTaken(entry, result.error)
    }
    case 'photo': {
      const result = await sendPhoto(entry.jobId, entry.photoId, entry.blob)
      return result.ok ? taken(entry) : notTaken(entry, result.error)
    }
  }
}

const taken = (entry: OutboxEntry): Outcome => {
  outbox.remove(entry.key)
  const { jobId, bookTurn } = get()
  if (jobId === entry.jobId) set({ bookTurn: bookTurn + 1 })
  return 'go-on'
}

/** Out of reach or signed out: kept and tried again. Refused: kept with the reason; the others go on. */
const notTaken = async (entry: OutboxEntry, error: ApiError): Promise<Outcome> => {
  const away = error.kind === 'away'
  if (away || error.status === SIGNED_OUT) {
    set({ awayNote: explainApiError(error) })
    await outbox.settled()
    sayKept()
    if (away) sendIn(RETRY_MS[Math.min(failures++, RETRY_MS.length - 1)]!)
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
  const open = get()
  if (open.jobId === jobId)
    set({ acknowledged: { ...open.acknowledged, [section]: { version, value: sent } }, savedAt })
  tellOthers({ kind: 'stored', jobId, section, version, value: sent, savedAt })
  if (sameValue(value, sent)) outbox.remove(key)
  else outbox.put({ ...latest, baseVersion: version, baseValue: sent, unanswered: [] })
  return 'go-on'
}

/** Somebody else's changes: taken in where they do not clash with ours, else kept for a decision. */
const takeIn = (latest: SectionEntry, theirs: unknown, theirVersion: number): Outcome => {
  const { baseValue, jobId, section, value } = latest
  const { merged, clashes } = mergeThree(JOB.fields[section], baseValue, value, theirs)
  if (clashes.length > 0) {
    outbox.put({ ...latest, conflict: { clashes, merged, theirs, theirVersion } })
    return 'go-on'
  }
  outbox.put({ ...latest, baseVersion: theirVersion, baseValue: theirs, value: merged, unanswered: [] })
  const open = get()
  if (open.jobId === jobId) {
    useJobStore.setState(afterTakingIn(open, section, baseValue, theirs, merged), true)
    set({ acknowledged: { ...get().acknowledged, [section]: { version: theirVersion, value: theirs } } })
  }
  return 'go-on'
}

/** What another page of this browser has stored is taken in as if somebody else had written it. */
const hearStored = ({ jobId, section: name, version, value, savedAt }: Extract<Told, { kind: 'stored' }>): void => {
  const open = get()
  const section = name as SectionName
  const personId = personNow()
  if (open.jobId !== jobId || !open.document || open.acknowledged[section].version >= version) return
  const own = personId === null ? undefined : outbox.section(personId, jobId, section)
  if (own) {
    if (own.conflict === null) takeIn(own, value, version)
    return
  }
  const base = open.acknowledged[section].value
  const { merged } = mergeThree<unknown>(JOB.fields[section], base, open.document[section], value)
  useJobStore.setState(afterTakingIn(open, section, base, value, merged), true)
  set({ acknowledged: { ...get().acknowledged, [section]: { version, value } }, savedAt })
}
hearOthers((told) => {
  if (told.kind === 'stored') return hearStored(told)
  const personId = personNow()
  if (personId !== null)
    void outbox.adopt(personId).then((taken) => {
      layAdopted(taken)
      tell()
    })
})
