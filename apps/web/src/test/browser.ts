import * as contract from '@lochmoor/contract'
import * as core from '@lochmoor/core'
import { transformFileSync } from '@swc/core'
import * as idb from 'idb'
import * as zustand from 'zustand'
import * as middleware from 'zustand/middleware'
import type * as PageModules from './page.ts'

/** What holds no state of a page is loaded once for all of them. */
const SHARED: Readonly<Record<string, unknown>> = {
  '@lochmoor/contract': contract,
  '@lochmoor/core': core,
  zustand,
  'zustand/middleware': middleware,
}

/** Locks of one browser: a page's are let go of when it is closed. */
class Locks {
  private readonly held = new Map<string, string>()
  private readonly gone = new Set<string>()
  private readonly queue = new Map<string, { readonly owner: string; readonly begin: () => void }[]>()
  /** The locks as one page has them. */
  of(owner: string): Pick<LockManager, 'query'> & { request<T>(name: string, work: () => Promise<T>): Promise<T> } {
    return {
      request: (name, work) => (this.gone.has(owner) ? new Promise(() => undefined) : this.request(owner, name, work)),
      query: () => Promise.resolve({ held: [...this.held.keys()].map((name) => ({ name })) }),
    }
  }
  drop(owner: string): void {
    this.gone.add(owner)
    for (const [name, waiting] of this.queue) this.queue.set(name, waiting.filter((w) => w.owner !== owner)) // prettier-ignore
    for (const [name, by] of [...this.held]) if (by === owner) this.release(name)
  }
  private request<T>(owner: string, name: string, work: () => Promise<T>): Promise<T> {
    return new Promise<T>((resolve, reject) => {
      const begin = () => {
        this.held.set(name, owner)
        void work()
          .then(resolve, reject)
          .finally(() => this.held.get(name) === owner && this.release(name))
      }
      if (this.held.has(name)) this.queue.set(name, [...(this.queue.get(name) ?? []), { owner, begin }])
      else begin()
    })
  }
  private release(name: string): void {
    this.held.delete(name)
    const [next, ...rest] = this.queue.get(name) ?? []
    this.queue.set(name, rest)
    next?.begin()
  }
}

/** What one page says, the others of the browser hear, a little later. */
class Channels {
  private readonly all = new Map<object, string>()
  /** The channel as one page has it. */
  of(owner: string): new () => object {
    const { all } = this
    return class {
      onmessage: ((e: { data: unknown }) => void) | null = null
      constructor() {
        all.set(this, owner)
      }
      postMessage(data: unknown): void {
        for (const other of all.keys() as Iterable<typeof this>)
          if (other !== this) setTimeout(() => all.has(other) && other.onmessage?.({ data }))
      }
    }
  }
  drop(owner: string): void {
    for (const [channel, by] of this.all) if (by === owner) this.all.delete(channel)
  }
}

/** One page: its own modules and memory, on the browser's shared store. */
export interface Page extends Pick<
  typeof PageModules,
  'commands' | 'conflicts' | 'openJob' | 'outbox' | 'records' | 'send'
> {
  // prettier-ignore
  readonly job: () => ReturnType<typeof PageModules.useJobStore.getState>
  sit(personId: string): void
  signOut(): void
  signedIn(): boolean
  close(): void
}

/** What a page has of its own of the browser. */
interface Here {
  readonly navigator: object
  readonly BroadcastChannel: object
  readonly fetch: typeof fetch
  readonly idb: Pick<typeof idb, 'openDB'>
}
type Run = (require: (name: string) => unknown, exports: object, here: Here) => void

const compiled = new Map<string, Run>()
/** A module as a function, compiled once and run once for each page. */
const compile = (file: string): Run => {
  const { code } = transformFileSync(file, { jsc: { parser: { syntax: 'typescript' }, target: 'es2023' }, module: { type: 'commonjs' } }) // prettier-ignore
  // eslint-disable-next-line @typescript-eslint/no-implied-eval
  return new Function('require', 'exports', 'here', `const { navigator, BroadcastChannel, fetch } = here;\n${code}`) as Run // prettier-ignore
}

const files = new Map<string, string>()
/** What a name in a file stands for. Each is asked once: an address is parsed in JavaScript here, letter by letter. */
const fileOf = (name: string, from: string): string => {
  const key = `${from} ${name}`
  const known = files.get(key) ?? new URL(name, `file://${from}`).pathname
  files.set(key, known)
  return known
}

/** The modules of one page, each with a state of its own. */
const modulesOf = (here: Here): typeof PageModules => {
  const own = new Map<string, object>()
  const load = (file: string): object => {
    const loaded = own.get(file)
    if (loaded) return loaded
    const exports = {}
    own.set(file, exports)
    const run = compiled.get(file) ?? compile(file)
    compiled.set(file, run)
    run(
      (name) => (name.startsWith('.') ? load(fileOf(name, file)) : name === 'idb' ? here.idb : SHARED[name]),
      exports,
      here,
    )
    return exports
  }
  return load(`${__dirname}/page.ts`) as typeof PageModules
}

/** A browser whose pages share store, locks and channel, as real ones do. */
export class Browser {
  private readonly locks = new Locks()
  private readonly channels = new Channels()
  private count = 0
  open(): Page {
    const name = `page ${++this.count}`
    let gone = false
    /** A page that is closed does nothing any more: what it began is never heard of again. */
    const alive = <T>(work: () => Promise<T>): Promise<T> =>
      gone ? new Promise(() => undefined) : work().then((value) => (gone ? new Promise(() => undefined) : value))
    const openDB = (async (...of: Parameters<typeof idb.openDB>) => {
      const db = await alive(() => idb.openDB(...of))
      return {
        get: (store: string, key: string) => alive(() => db.get(store, key)),
        getAll: (store: string) => alive(() => db.getAll(store)),
        getAllKeys: (store: string) => alive(() => db.getAllKeys(store)),
        getAllFromIndex: (store: string, index: string) => alive(() => db.getAllFromIndex(store, index)),
        put: (store: string, value: unknown) => alive(() => db.put(store, value)),
        delete: (store: string, key: string) => alive(() => db.delete(store, key)),
        clear: (store: string) => alive(() => db.clear(store)),
      }
    }) as unknown as typeof idb.openDB
    const modules = modulesOf({
      navigator: { locks: this.locks.of(name) },
      BroadcastChannel: this.channels.of(name),
      idb: { openDB },
      fetch: (...of) => alive(() => fetch(...of)),
    })
    const { client, commands, conflicts, openJob, outbox, records, send, session, stopSending, useJobStore } = modules
    return {
      commands,
      conflicts,
      openJob,
      outbox,
      records,
      send,
      job: () => useJobStore.getState(),
      sit: (personId) => {
        client.keepSessionToken(personId)
        session.useSession.setState({
          session: {
            state: 'signed-in',
            role: 'owner',
            personId,
            name: personId,
            email: 'someone@skerrow-bank.example',
            workshop: 'Garage',
            csrf: personId,
            demo: true,
            preferences: { units: {}, theme: null, english: null },
            secondFactor: { totp: false, passkeys: [], recoveryCodes: 0, wanting: false },
            settings: { idleHours: 12, secondFactor: false },
          },
        })
      },
      signOut: () => session.useSession.setState({ session: { state: 'signed-out', demo: true } }),
      signedIn: () => session.personNow() !== null,
      close: () => {
        gone = true
        stopSending()
        this.channels.drop(name)
        this.locks.drop(name)
      },
    }
  }
}
