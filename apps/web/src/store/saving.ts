import { SECTION_NAMES, type SectionName } from '@lochmoor/contract'
import type { JobDocument } from '@lochmoor/core'
import { explainApiError, writeSection } from '../api/client.ts'
import { useJobStore, type JobState } from './jobStore.ts'
import { outbox } from './outbox.ts'
import { sameValue } from './sameValue.ts'

const SETTLE_MS = 350
const RETRY_MS = [1000, 2000, 4000, 8000, 15_000] as const

let timer: ReturnType<typeof setTimeout> | null = null
let running: Promise<void> | null = null
let failures = 0
/** By section, values sent that no answer came for: the server may have any of them already. */
const unanswered = new Map<SectionName, unknown[]>()
const MOST_UNANSWERED = 50

const set = (change: Partial<JobState>) => useJobStore.setState(change)
const get = () => useJobStore.getState()

const sectionValue = (document: JobDocument, section: SectionName) => document[section]

const cannotKeep = (e: unknown) => set({ saveNote: `This browser cannot keep edits for later (${String(e)}).` })

/** Puts every unacknowledged section into the browser's own store at once and sends it after the typing settles. */
export const keepAndSend = (): void => {
  const { jobId, document, dirty, versions } = get()
  if (!jobId || !document) return
  for (const section of dirty)
    outbox
      .put({ jobId, section, baseVersion: versions[section], value: sectionValue(document, section) })
      .catch(cannotKeep)
  sendIn(SETTLE_MS)
}

const forget = (jobId: string, section: SectionName): void => void outbox.remove(jobId, section).catch(cannotKeep)

const sendIn = (ms: number): void => {
  if (timer) clearTimeout(timer)
  timer = setTimeout(() => void send(), ms)
}

/** Sends at once what waits: on regained connection, or before the page goes. */
export const sendNow = (): void => sendIn(0)

/** One run at a time; whoever asks during a run waits for it. */
const send = (): Promise<void> =>
  (running ??= sendAll().finally(() => {
    running = null
  }))

const sendAll = async (): Promise<void> => {
  if (get().conflict) return
  for (const section of SECTION_NAMES) if (get().dirty.has(section) && !(await sendSection(section))) return
  failures = 0
  const { dirty, conflict, save } = get()
  if (conflict || save === 'refused') return
  if (dirty.size === 0) set({ save: 'saved', saveNote: null })
  else sendIn(0)
}

/** Whether to go on with the next section. */
const sendSection = async (section: SectionName): Promise<boolean> => {
  const { jobId, document, versions } = get()
  if (!jobId || !document) return false
  const value = sectionValue(document, section)
  set({ save: 'saving' })
  const earlier = (unanswered.get(section) ?? []).filter((v) => v !== value)
  unanswered.set(section, [...earlier, value].slice(-MOST_UNANSWERED))
  const result = await writeSection(jobId, section, versions[section], value)
  if (get().jobId !== jobId) return false
  if (result.ok) {
    acknowledge(jobId, section, value, result.value.version, result.value.savedAt)
    return true
  }
  const { error } = result
  if (error.kind === 'away') {
    const wait = RETRY_MS[Math.min(failures++, RETRY_MS.length - 1)]!
    set({ save: 'kept-here', saveNote: explainApiError(error) })
    sendIn(wait)
    return false
  }
  const { current } = error.refusal
  if (error.refusal.code === 'stale' && current) {
    if (sameValue(current.value, value)) {
      // The write had arrived and only its answer was lost.
      acknowledge(jobId, section, value, current.version, current.savedAt)
      return true
    }
    const own = earlier.find((v) => sameValue(current.value, v))
    if (own !== undefined) {
      // What stands there is our own earlier edit whose answer was lost: go on from it.
      acknowledge(jobId, section, own, current.version, current.savedAt)
      return true
    }
    set({ save: 'conflict', conflict: { section, mine: value, theirs: current.value, theirVersion: current.version } })
    return false
  }
  set({ save: 'refused', saveNote: explainApiError(error) })
  return false
}

const acknowledge = (jobId: string, section: SectionName, sent: unknown, version: number, savedAt: string): void => {
  const { document, dirty, versions } = get()
  const unchanged = document !== null && sectionValue(document, section) === sent
  const rest = new Set(dirty)
  if (unchanged) {
    rest.delete(section)
    forget(jobId, section)
  }
  unanswered.delete(section)
  set({ versions: { ...versions, [section]: version }, dirty: rest, savedAt })
  if (!unchanged) keepAndSend()
}

/** Ends a conflict: with mine, the section is sent again on top of theirs; with theirs, mine is given up. */
export const settleConflict = (choice: 'mine' | 'theirs'): void => {
  const { conflict, document, dirty, jobId, past, versions } = get()
  if (!conflict || !document || !jobId) return
  const { section, theirs, theirVersion } = conflict
  const settled = { ...versions, [section]: theirVersion }
  if (choice === 'mine') {
    const other = { ...document, [section]: theirs }
    set({
      conflict: null,
      versions: settled,
      save: 'saving',
      past: [...past, { document: other, label: 'keeping my version' }],
      future: [],
    })
    keepAndSend()
    return
  }
  const rest = new Set(dirty)
  rest.delete(section)
  set({
    conflict: null,
    versions: settled,
    dirty: rest,
    past: [...past, { document, label: 'taking the other version' }],
    document: { ...document, [section]: theirs },
    save: rest.size > 0 ? 'saving' : 'saved',
  })
  forget(jobId, section)
  if (rest.size > 0) keepAndSend()
}

/** Before another job is opened: sends what the open one still has, once, and forgets its timers. */
export const leaveJob = async (): Promise<void> => {
  if (running) await running
  if (get().dirty.size > 0) await send()
  stopSending()
}

/** Forgets timers and unanswered values of the job that was open. */
export const stopSending = (): void => {
  if (timer) clearTimeout(timer)
  timer = null
  failures = 0
  unanswered.clear()
}
