import { openDB, type DBSchema, type IDBPDatabase } from 'idb'

/** An answer of the server as it was given to one person. */
export interface KeptAnswer {
  /** Person and path. */
  readonly key: string
  readonly personId: string
  /** Path of the API, as `/jobs/3f0c…`. */
  readonly path: string
  /** When it was given, ISO 8601. */
  readonly at: string
  readonly json: unknown
}

interface Shape extends DBSchema {
  answers: { key: string; value: KeptAnswer; indexes: { at: string } }
}

const STORE = 'answers'
/** The latest of each kind of answer that are kept: of jobs, and of pages of a log or a board. */
const MOST = { job: 20, other: 60 } as const
const JOB_PATH = /^\/jobs\/[^/?]+$/

let opened: Promise<IDBPDatabase<Shape>> | null = null
const database = (): Promise<IDBPDatabase<Shape>> =>
  (opened ??= openDB<Shape>('lochmoor-along', 1, {
    upgrade: (db) => void db.createObjectStore(STORE, { keyPath: 'key' }).createIndex('at', 'at'),
  }).catch((e: unknown) => {
    opened = null
    throw e
  }))

const keyOf = (personId: string, path: string): string => `${personId} ${path}`

/** Said once: without room for it the page works on, and needs a connection. */
let warned = false
const warn = (e: unknown): void => {
  if (!warned) console.warn('this browser keeps nothing for the time without a connection', e)
  warned = true
}

const prune = async (db: IDBPDatabase<Shape>): Promise<void> => {
  const all = (await db.getAllFromIndex(STORE, 'at')).reverse()
  const jobs = all.filter((a) => JOB_PATH.test(a.path))
  const others = all.filter((a) => !JOB_PATH.test(a.path))
  for (const { key } of [...jobs.slice(MOST.job), ...others.slice(MOST.other)]) await db.delete(STORE, key)
}

let puts = 0
const PRUNE_EACH = 10

/** Keeps an answer for a person, in place of an older one. */
export const keepAnswer = async (personId: string, path: string, json: unknown): Promise<void> => {
  try {
    const db = await database()
    await db.put(STORE, { key: keyOf(personId, path), personId, path, at: new Date().toISOString(), json })
    if (puts++ % PRUNE_EACH === 0) await prune(db)
  } catch (e) {
    warn(e)
  }
}

/** What the server last answered a person at a path; null where nothing is kept. */
export const keptAnswer = async (personId: string, path: string): Promise<KeptAnswer | null> => {
  try {
    return (await (await database()).get(STORE, keyOf(personId, path))) ?? null
  } catch (e) {
    warn(e)
    return null
  }
}

/** Ids of the jobs that a person has with them. */
export const jobsAlong = async (personId: string): Promise<ReadonlySet<string>> => {
  try {
    const keys = await (await database()).getAllKeys(STORE)
    const own = keys.flatMap((k) => (k.startsWith(`${personId} `) ? [k.slice(personId.length + 1)] : []))
    return new Set(own.filter((path) => JOB_PATH.test(path)).map((path) => path.split('/')[2]!))
  } catch (e) {
    warn(e)
    return new Set()
  }
}

/** Forgets every answer, whoever it was for. */
export const forgetAnswers = async (): Promise<void> => {
  try {
    await (await database()).clear(STORE)
  } catch (e) {
    warn(e)
  }
}
