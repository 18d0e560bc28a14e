import type { SectionName } from '@lochmoor/contract'
import { openDB, type IDBPDatabase } from 'idb'

/** An edit that the server has not acknowledged. One per section of a job: the latest value whole. */
export interface OutboxEntry {
  readonly jobId: string
  readonly section: SectionName
  readonly baseVersion: number
  readonly value: unknown
}

const STORE = 'outbox'
const keyOf = (jobId: string, section: SectionName) => `${jobId}/${section}`

let opened: Promise<IDBPDatabase> | null = null
const database = (): Promise<IDBPDatabase> =>
  (opened ??= openDB('lochmoor', 1, {
    upgrade: (db) => {
      db.createObjectStore(STORE)
    },
  }))

/** Kept in the browser's own database, so that a reload or a lost connection loses nothing. */
export const outbox = {
  put: async (entry: OutboxEntry): Promise<void> => {
    await (await database()).put(STORE, entry, keyOf(entry.jobId, entry.section))
  },
  remove: async (jobId: string, section: SectionName): Promise<void> => {
    await (await database()).delete(STORE, keyOf(jobId, section))
  },
  ofJob: async (jobId: string): Promise<OutboxEntry[]> => {
    const range = IDBKeyRange.bound(`${jobId}/`, `${jobId}0`)
    return (await (await database()).getAll(STORE, range)) as OutboxEntry[]
  },
}
