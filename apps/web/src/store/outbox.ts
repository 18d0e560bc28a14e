import type { SectionName } from '@lochmoor/contract'
import { sameValue, valueAt } from '@lochmoor/core'
import { openDB, type IDBPDatabase } from 'idb'
import type { OutboxEntry, RecordEntry, SectionEntry } from './outboxEntries.ts'
import { alone, onceGone, openTabs, TAB } from './tab.ts'
import { upgradeWaiting } from './upgradeWaiting.ts'

const STORE = 'waiting'

let opened: Promise<IDBPDatabase> | null = null
const database = (): Promise<IDBPDatabase> =>
  (opened ??= openDB('lochmoor', 2, {
    upgrade: (db) => {
      for (const name of [...db.objectStoreNames]) db.deleteObjectStore(name)
      db.createObjectStore(STORE, { keyPath: 'key' })
    },
  }).catch((e: unknown) => {
    // Asked again with the next edit: there may be room then.
    opened = null
    throw e
  }))

const entries = new Map<string, OutboxEntry>()
let lastSeq = 0
let loaded: Promise<void> | null = null
/** Why the browser's store refuses what is put into it; null while it takes everything. */
let trouble: string | null = null
/** Entries as the browser's store has them. */
const kept = new Map<string, OutboxEntry>()
/** Taken over and contradicting what stands on this page: sent as they are and asked about, never edited on. */
const apart = new Set<string>()
let onChange: () => void = () => undefined
/** Writes reach the browser's store in the order in which they were made. */
let writing: Promise<void> = Promise.resolve()

const refusal = (e: unknown): string =>
  `This browser will not save edits: ${(e instanceof Error ? e.message || e.name : String(e)).replace(/\.$/, '')}.`

const persist = (work: (db: IDBPDatabase) => Promise<unknown>): void => {
  writing = writing
    .then(async () => {
      await work(await database())
    })
    .catch((e: unknown) => {
      trouble = refusal(e)
    })
    .then(onChange)
}
const persistEntry = (entry: OutboxEntry): void =>
  persist(async (db) => {
    await db.put(STORE, entry)
    kept.set(entry.key, entry)
    trouble = null
  })

const readAll = async (): Promise<void> => {
  try {
    const stored = (await (await database()).getAll(STORE)) as OutboxEntry[]
    upgradeWaiting(stored).forEach((entry, i) => {
      lastSeq = Math.max(lastSeq, entry.seq)
      // What other pages have left is theirs until it is taken over.
      if (entry.tab !== TAB || entries.has(entry.key)) return
      kept.set(entry.key, stored[i]!)
      entries.set(entry.key, entry)
      if (entry !== stored[i]) persistEntry(entry)
    })
  } catch (error) {
    // Private windows may refuse a database. Work goes on, and what is not kept is said.
    trouble = refusal(error)
  }
}

/** What waits in other open pages, as the browser's store had it last. */
let elsewhere: readonly OutboxEntry[] = []

/** What to do with edits of sections that were taken over, in the same breath: nobody edits between. */
let onTaken: (taken: readonly SectionEntry[]) => void = () => undefined

/** What to do when a page that had something to send is gone. */
let onLeft: () => void = () => undefined

/**
 * Takes over what a person's closed pages left, and looks what open ones have: one page at a time, so that each entry has
 * one page that edits and sends it.
 */
const adopt = (personId: string): Promise<void> =>
  alone('taking over', async () => {
    await writing
    const taken: OutboxEntry[] = []
    try {
      const db = await database()
      const isOpen = await openTabs()
      const stored = upgradeWaiting((await db.getAll(STORE)) as OutboxEntry[])
      elsewhere = stored.filter((e) => e.tab !== TAB && isOpen(e.tab))
      // A page may still be on its way out when this one looks: what it leaves is heard of later.
      for (const e of elsewhere) if (e.personId === personId && e.tab !== undefined) onceGone(e.tab, () => onLeft())
      for (const e of stored) {
        lastSeq = Math.max(lastSeq, e.seq)
        if (e.personId !== personId || e.tab === TAB || isOpen(e.tab)) continue
        const mine = { ...e, tab: TAB }
        // First in the browser's store: else two pages would have it, and each would send its own.
        await db.put(STORE, mine)
        taken.push(mine)
      }
    } catch (error) {
      trouble = refusal(error)
    }
    for (const mine of taken) {
      entries.set(mine.key, mine)
      kept.set(mine.key, mine)
    }
    onTaken(taken.filter((e) => e.kind === 'section'))
  })

/**
 * Edits that the server has not acknowledged, in the order in which they were made. Kept in memory for the page and in
 * the browser's own database for everything that ends a page: reload, sign-out, power cut.
 */
export const outbox = {
  /** Reads what earlier pages left; once. */
  load: (): Promise<void> => (loaded ??= readAll()),
  /** Whether the browser's store has everything of a person that waits; where it refuses, why. */
  kept: (personId: string | null): 'all' | 'on its way' | { readonly refused: string } => {
    if (outbox.of(personId).every((e) => kept.get(e.key) === e)) return 'all'
    return trouble === null ? 'on its way' : { refused: trouble }
  },
  /** Whether something of anybody stands on this page and nowhere else, the browser having refused it. */
  standsHereOnly: (): boolean => trouble !== null && [...entries.values()].some((e) => kept.get(e.key) !== e),
  /** Puts again what the browser's store has refused: there may be room now. */
  keepAgain: (): void => {
    for (const e of entries.values()) if (kept.get(e.key) !== e) persistEntry(e)
  },
  whenChanged: (act: () => void): void => {
    onChange = act
  },
  /** Says of an entry that it contradicts what stands on this page. */
  setApart: (key: string): void => void apart.add(key),
  isApart: (key: string): boolean => apart.has(key),
  /** Says that entries were put here from elsewhere: what they change is shown. */
  takeIn: (taken: readonly OutboxEntry[]): void => onTaken(taken.filter((e) => e.kind === 'section')),
  whenTaken: (act: typeof onTaken): void => {
    onTaken = act
  },
  whenLeft: (act: () => void): void => {
    onLeft = act
  },
  nextSeq: (): number => ++lastSeq,
  adopt,
  /** What other open pages of this browser have to send for a person. */
  elsewhere: (personId: string | null): OutboxEntry[] => elsewhere.filter((e) => e.personId === personId),
  get: (key: string): OutboxEntry | undefined => entries.get(key),
  /** All edits of a section that this page has of a person. */
  sections: (personId: string, jobId: string, section: SectionName): SectionEntry[] =>
    outbox
      .of(personId)
      .filter((e): e is SectionEntry => e.kind === 'section' && e.jobId === jobId && e.section === section),
  /** The person's edit of a section that is edited on; the latest, where closed pages have left several. */
  section: (personId: string, jobId: string, section: SectionName): SectionEntry | undefined =>
    outbox
      .sections(personId, jobId, section)
      .filter((e) => !apart.has(e.key))
      .at(-1),
  /** What waits for a person, in order. */
  of: (personId: string | null): OutboxEntry[] =>
    [...entries.values()].filter((e) => e.personId === personId).sort((a, b) => a.seq - b.seq),
  ofJob: (jobId: string): OutboxEntry[] =>
    [...entries.values()].filter((e) => e.jobId === jobId).sort((a, b) => a.seq - b.seq),
  put: (entry: OutboxEntry): void => {
    const mine = { ...entry, tab: TAB }
    entries.set(mine.key, mine)
    persistEntry(mine)
    onChange()
  },
  remove: (key: string): void => {
    entries.delete(key)
    persist(async (db) => {
      await db.delete(STORE, key)
      kept.delete(key)
    })
    onChange()
  },
  /** Until everything said so far has reached the browser's store. */
  settled: (): Promise<void> => writing,
  /** For tests: as a page that is loaded again. */
  forgetPage: async (): Promise<void> => {
    await writing
    entries.clear()
    kept.clear()
    trouble = null
    loaded = null
  },
}

/** Whether a waiting edit changes what stands at a path of the document. */
export const changesAt = (e: SectionEntry, path: string): boolean => {
  const [name, ...rest] = path.split('.')
  if (name !== e.section) return false
  const at = (value: unknown) => (rest.length === 0 ? value : valueAt(value, rest.join('.')))
  return !sameValue(at(e.baseValue), at(e.value))
}

/** The waiting edit that an entry of the book was made of. */
export const editOf = ({ of }: RecordEntry): SectionEntry | null => {
  const edit = of?.edit ? entries.get(of.edit) : undefined
  return of && edit?.kind === 'section' && changesAt(edit, of.path) ? edit : null
}

export type MadeEntry = RecordEntry & Required<Pick<RecordEntry, 'of'>>

/** What waits for the book of a waiting edit, as far as it was made at or below a place. */
export const madeBelow = (edit: SectionEntry, place: string): MadeEntry[] =>
  outbox
    .of(edit.personId)
    .filter((e): e is MadeEntry => e.kind === 'record' && e.of?.edit === edit.key)
    .filter(({ of }) => of.path === place || of.path.startsWith(`${place}.`))
