import * as contract from '@lochmoor/contract'
import * as core from '@lochmoor/core'
import type * as Client from '../api/client.ts'
import type * as Commands from '../store/commands.ts'
import type * as JobStore from '../store/jobStore.ts'
import type * as OpenJob from '../store/openJob.ts'
import type * as Outbox from '../store/outbox.ts'
import type * as Sending from '../store/sending.ts'
import type * as SessionStore from '../store/sessionStore.ts'

/** Locks of one browser: a page's are let go of when it is closed. */
class Locks {
  owner = ''
  private readonly held = new Map<string, string>()
  private readonly queue = new Map<string, (() => void)[]>()
  request<T>(name: string, work: () => Promise<T>): Promise<T> {
    const { owner } = this
    return new Promise<T>((resolve, reject) => {
      const begin = () => {
        this.held.set(name, owner)
        void work()
          .then(resolve, reject)
          .finally(() => this.release(name))
      }
      if (this.held.has(name)) this.queue.set(name, [...(this.queue.get(name) ?? []), begin])
      else begin()
    })
  }
  query = () => Promise.resolve({ held: [...this.held.keys()].map((name) => ({ name })) })
  drop(owner: string): void {
    for (const [name, by] of [...this.held]) if (by === owner) this.release(name)
  }
  private release(name: string): void {
    this.held.delete(name)
    const [next, ...rest] = this.queue.get(name) ?? []
    this.queue.set(name, rest)
    next?.()
  }
}

/** What one page says, the others of the browser hear, a little later. */
class Channel {
  static readonly all = new Set<Channel>()
  onmessage: ((e: { data: unknown }) => void) | null = null
  constructor() {
    Channel.all.add(this)
  }
  postMessage(data: unknown): void {
    for (const other of Channel.all)
      if (other !== this) setTimeout(() => Channel.all.has(other) && other.onmessage?.({ data }))
  }
}

/** One page: its own modules and memory, on the browser's shared store. */
export interface Page {
  readonly commands: typeof Commands
  readonly outbox: typeof Outbox.outbox
  readonly send: typeof Sending.send
  readonly openJob: typeof OpenJob.openJob
  readonly job: () => JobStore.JobState
  sit(personId: string): void
  close(): void
}

/** A browser whose pages share store, locks and channel, as real ones do. */
export class Browser {
  private readonly locks = new Locks()
  private count = 0
  constructor() {
    Channel.all.clear()
    Object.defineProperty(navigator, 'locks', { value: this.locks, configurable: true })
    globalThis.BroadcastChannel = Channel as never
  }
  open(): Page {
    const name = `page ${++this.count}`
    this.locks.owner = name
    const before = new Set(Channel.all)
    let page!: Page
    jest.isolateModules(() => {
      jest.doMock('@lochmoor/core', () => core)
      jest.doMock('@lochmoor/contract', () => contract)
      /* eslint-disable @typescript-eslint/no-require-imports */
      const session = require('../store/sessionStore.ts') as typeof SessionStore
      const client = require('../api/client.ts') as typeof Client
      const commands = require('../store/commands.ts') as typeof Commands
      const sending = require('../store/sending.ts') as typeof Sending
      const { outbox } = require('../store/outbox.ts') as typeof Outbox
      const { openJob } = require('../store/openJob.ts') as typeof OpenJob
      const { useJobStore } = require('../store/jobStore.ts') as typeof JobStore
      /* eslint-enable @typescript-eslint/no-require-imports */
      const own = [...Channel.all].filter((c) => !before.has(c))
      page = {
        commands,
        outbox,
        send: sending.send,
        openJob,
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
              preferences: { units: {}, theme: null },
            },
          })
        },
        close: () => {
          sending.stopSending()
          for (const c of own) Channel.all.delete(c)
          this.locks.drop(name)
        },
      }
    })
    return page
  }
}
