import type { SectionName } from '@lochmoor/contract'
import { openDB, type IDBPDatabase } from 'idb'
import type { OutboxEntry, SectionEntry } from './outboxEntries.ts'
import { upgradeWaiting } from './upgradeWaiting.ts'

const STORE = 'waiting'
export const sectionKey = (jobId: string, section: SectionName): string => `${jobId}/section/${section}`
export const recordKey = (jobId: string, id: string): string => `${jobId}/record/${id}`
export const photoKey = (jobId: string, id: string): string => `${jobId}/photo/${id}`

let opened: Promise<IDBPDatabase> | null = null
const database = (): Promise<IDBPDatabase> =>
  (opened ??= openDB('lochmoor', 2, {
    upgrade: (db) => {
      for (const name of [...db.objectStoreNames]) db.deleteObjectStore(name)
      db.createObjectStore(STORE, { keyPath: 'key' })
    },
  }))

const entries = new Map<string, OutboxEntry>()
let lastSeq = 0
let loaded: Promise<void> | null = null
let onTrouble: (why: string) => void = () => undefined
let onChange: () => void = () => undefined
/** Writes reach the browser's store in the order in which they were made. */
let writing: Promise<void> = Promise.resolve()

const persist = (work: (db: IDBPDatabase) => Promise<unknown>): void => {
  writing = writing
    .then(async () => {
      await work(await database())
    })
    .catch((e: unknown) => onTrouble(`This browser cannot keep edits for later (${String(e)}).`))
}

const readAll = async (): Promise<void> => {
  try {
    const stored = (await (await database()).getAll(STORE)) as OutboxEntry[]
    upgradeWaiting(stored).forEach((entry, i) => {
      if (!entries.has(entry.key)) entries.set(entry.key, entry)
      if (entry !== stored[i]) persist((db) => db.put(STORE, entry))
      lastSeq = Math.max(lastSeq, entry.seq)
    })
  } catch (error) {
    // Private windows may refuse a database. Work goes on; only a lost connection would cost the last edits.
    onTrouble(`This browser cannot keep edits for later (${String(error)}).`)
  }
}

/**
 * Edits that the server has not acknowledged, in the order in which they were made. Kept in memory for the page and in
 * the browser's own database for everything that ends a page: reload, sign-out, power cut.
 */
export const outbox = {
  /** Reads what earlier pages left; once. */
  load: (): Promise<void> => (loaded ??= readAll()),
  whenTrouble: (act: (why: string) => void): void => {
    onTrouble = act
  },
  whenChanged: (act: () => void): void => {
    onChange = act
  },
  nextSeq: (): number => ++lastSeq,
  get: (key: string): OutboxEntry | undefined => entries.get(key),
  section: (jobId: string, section: SectionName): SectionEntry | undefined =>
    entries.get(sectionKey(jobId, section)) as SectionEntry | undefined,
  /** What waits for a person, in order. */
  of: (personId: string | null): OutboxEntry[] =>
    [...entries.values()].filter((e) => e.personId === personId).sort((a, b) => a.seq - b.seq),
  ofJob: (jobId: string): OutboxEntry[] =>
    [...entries.values()].filter((e) => e.jobId === jobId).sort((a, b) => a.seq - b.seq),
  put: (entry: OutboxEntry): void => {
    entries.set(entry.key, entry)
    persist((db) => db.put(STORE, entry))
    onChange()
  },
  remove: (key: string): void => {
    entries.delete(key)
    persist((db) => db.delete(STORE, key))
    onChange()
  },
  /** Until everything said so far has reached the browser's store. */
  settled: (): Promise<void> => writing,
  /** For tests: as a page that is loaded again. */
  forgetPage: async (): Promise<void> => {
    await writing
    entries.clear()
    loaded = null
  },
}
