import { SECTION_NAMES, type SectionName } from '@lochmoor/contract'
import type { JobDocument } from '@lochmoor/core'
import { explainApiError, writeSection } from '../api/client.ts'
import { useJobStore, type JobState } from './jobStore.ts'
import { outbox } from './outbox.ts'
import { sameValue } from './sameValue.ts'

const SETTLE_MS = 350
const RETRY_MS = [1000, 2000, 4000, 8000, 15_000] as const

let timer: ReturnType<typeof setTimeout> | null = null
let sending = false
let failures = 0

const set = (change: Partial<JobState>) => useJobStore.setState(change)
const get = () => useJobStore.getState()

const sectionValue = (document: JobDocument, section: SectionName) => document[section]

/** Puts every unacknowledged section into the browser's own store at once and sends it after the typing settles. */
export const keepAndSend = (): void => {
  const { jobId, document, dirty, versions } = get()
  if (!jobId || !document) return
  for (const section of dirty)
    outbox
      .put({ jobId, section, baseVersion: versions[section], value: sectionValue(document, section) })
      .catch((e: unknown) => set({ saveNote: `This browser cannot keep edits for later (${String(e)}).` }))
  sendIn(SETTLE_MS)
}

const sendIn = (ms: number): void => {
  if (timer) clearTimeout(timer)
  timer = setTimeout(() => void send(), ms)
}

/** Sends at once what waits: on regained connection, or before the page goes. */
export const sendNow = (): void => sendIn(0)

const send = async (): Promise<void> => {
  if (sending || get().conflict) return
  sending = true
  try {
    for (const section of SECTION_NAMES) if (get().dirty.has(section) && !(await sendSection(section))) return
    failures = 0
    const { dirty, conflict, save } = get()
    if (dirty.size === 0 && !conflict && save !== 'refused') set({ save: 'saved', saveNote: null })
    else if (dirty.size > 0 && !conflict && save !== 'refused') sendIn(0)
  } finally {
    sending = false
  }
}

/** Whether to go on with the next section. */
const sendSection = async (section: SectionName): Promise<boolean> => {
  const { jobId, document, versions } = get()
  if (!jobId || !document) return false
  const value = sectionValue(document, section)
  set({ save: 'saving' })
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
    void outbox.remove(jobId, section)
  }
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
  void outbox.remove(jobId, section)
  if (rest.size > 0) keepAndSend()
}

/** Forgets timers of the job that was open. */
export const stopSending = (): void => {
  if (timer) clearTimeout(timer)
  timer = null
  failures = 0
}
