import 'fake-indexeddb/auto'
import { figureAt, leavesOf, JOB, type JobDocument } from '@lochmoor/core'
import fc from 'fast-check'
import { IDBFactory } from 'fake-indexeddb'
import { Browser, type Page } from '../test/browser.ts'
import { soundJob } from '../test/jobs.ts'
import { FakeServer } from '../test/server.ts'

const JOB_ID = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const PEOPLE = ['5d1b8f0a-2c64-4b1e-8a7f-0e9d3c5b1a41', '7e2c9a1b-3d75-4c2f-9b80-1fae4d6c2b52'] as const
/** Places that any figure may stand at, each edited once in a history: nobody contradicts anybody. */
const PLACES = leavesOf(JOB).flatMap(([path, leaf]) =>
  leaf.is === 'figure' && leaf.empty === null && /^(vehicle|fuel)\.\w+$/.test(path) ? [path] : [],
)

/** A figure that may stand there, another for each turn. */
const allowedAt = (path: string, turn: number): number => {
  const { range, whole } = figureAt(path)!
  const value = range.min + ((turn + 1) / 100) * (range.max - range.min)
  return whole ? Math.min(range.max, range.min + turn) : value
}

type Step =
  | { readonly do: 'edit' | 'note' | 'send' | 'close' | 'reload' | 'open'; readonly page: number }
  | { readonly do: 'sit'; readonly page: number; readonly person: number }
  | { readonly do: 'cut' | 'join' | 'lose' | 'elsewhere' | 'full' | 'room' }

const page = fc.constantFrom(0, 0, 1, 1, 2)
const step: fc.Arbitrary<Step> = fc.oneof(
  {
    weight: 6,
    arbitrary: fc.record({
      do: fc.constantFrom('edit', 'edit', 'edit', 'note', 'send', 'send'),
      page,
    }),
  },
  { weight: 3, arbitrary: fc.record({ do: fc.constantFrom('close', 'reload', 'open'), page }) },
  { weight: 1, arbitrary: fc.record({ do: fc.constant('sit'), page, person: fc.nat(1) }) },
  { weight: 4, arbitrary: fc.record({ do: fc.constantFrom('cut', 'cut', 'cut', 'join', 'lose', 'elsewhere', 'full', 'room') }) }, // prettier-ignore
)

const at = (job: Record<string, unknown> | JobDocument, path: string): unknown =>
  path.split('.').reduce<unknown>((v, key) => (v as Record<string, unknown>)[key], job)

/** What people did, to be held against what stands at the end. */
interface Done {
  readonly edits: { readonly path: string; readonly value: number; readonly by: string }[]
  readonly notes: { readonly text: string; readonly by: string }[]
}

const live = async (steps: readonly Step[]): Promise<{ server: FakeServer; done: Done }> => {
  globalThis.indexedDB = new IDBFactory()
  const server = new FakeServer(JOB_ID, soundJob())
  const browser = new Browser()
  const done: Done = { edits: [], notes: [] }
  const free = [...PLACES]
  type Put = (this: IDBObjectStore, ...of: Parameters<IDBObjectStore['put']>) => IDBRequest<IDBValidKey>
  const put = Reflect.get(IDBObjectStore.prototype, 'put') as Put
  let full = false
  IDBObjectStore.prototype.put = function (this: IDBObjectStore, ...of: Parameters<IDBObjectStore['put']>) {
    if (full) throw new DOMException('The disk is full.', 'QuotaExceededError')
    return put.apply(this, of)
  }
  const pages: (Page | undefined)[] = []
  const sits: string[] = []
  const begin = async (i: number, person: string) => {
    const own = browser.open()
    own.sit(person)
    pages[i] = own
    sits[i] = person
    // A page that cannot reach the server does not come to stand.
    const was = server.down
    server.down = false
    await own.openJob(JOB_ID)
    server.down = was
  }
  /** Nothing may be closed that the browser has not kept: the page says so, and people leave it open. */
  const mayClose = async (own: Page, person: string) => {
    await own.outbox.settled()
    return own.outbox.kept(person) === 'all'
  }
  try {
    await begin(0, PEOPLE[0])
    await begin(1, PEOPLE[0])
    for (const s of steps) {
      const i = 'page' in s ? s.page : 0
      const own = pages[i]
      switch (s.do) {
        case 'edit': {
          const path = free.pop()
          if (!own || path === undefined) break
          const value = allowedAt(path, done.edits.length)
          if (own.commands.run(own.commands.setAt(path, value, path))) done.edits.push({ path, value, by: sits[i]! })
          break
        }
        case 'note':
          if (!own) break
          own.commands.enterRecord({ kind: 'note', text: `note ${done.notes.length}` })
          done.notes.push({ text: `note ${done.notes.length}`, by: sits[i]! })
          break
        case 'send':
          await own?.send()
          break
        case 'open':
          if (!own) await begin(i, PEOPLE[0])
          break
        case 'close':
        case 'reload':
          if (!own || !(await mayClose(own, sits[i]!))) break
          own.close()
          pages[i] = undefined
          if (s.do === 'reload') await begin(i, sits[i]!)
          break
        case 'sit':
          if (!own || !(await mayClose(own, sits[i]!))) break
          own.close()
          await begin(i, PEOPLE[s.person]!)
          break
        case 'cut':
          server.down = true
          break
        case 'join':
          server.down = false
          break
        case 'lose':
          server.loseNextAnswer = true
          break
        case 'full':
          full = true
          break
        case 'room':
          full = false
          break
        case 'elsewhere': {
          const path = free.pop()
          if (path === undefined) break
          const [section, name] = path.split('.') as ['vehicle' | 'fuel', string]
          const value = allowedAt(path, done.edits.length + 40)
          server.changeElsewhere(section, (v) => ({ ...(v as object), [name]: value }))
          done.edits.push({ path, value, by: 'elsewhere' })
          break
        }
      }
    }
    // In the end there is room and a line, and each of them sits down once more.
    full = false
    server.down = false
    server.loseNextAnswer = false
    for (const [i, own] of pages.entries()) {
      if (!own) continue
      await own.send()
      await mayClose(own, sits[i]!)
      own.close()
    }
    for (const person of PEOPLE) {
      await begin(9, person)
      await pages[9]!.send()
      await pages[9]!.send()
      if (pages[9]!.outbox.of(person).length > 0)
        throw new Error(
          `something of ${person} still waits: ${JSON.stringify([pages[9]!.job().save, pages[9]!.job().saveNote, pages[9]!.outbox.of(person).map((e) => ({ ...e, value: 0, baseValue: 0, unanswered: 0 }))])}`,
        )
      pages[9]!.close()
    }
    return { server, done }
  } finally {
    IDBObjectStore.prototype.put = put
    for (const own of pages) own?.close()
  }
}

describe('what waits in a browser, whatever happens', () => {
  it('is in the end stored once, by its author: never gone, never doubled, never under another name', async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(step, { minLength: 3, maxLength: 24 }), async (steps) => {
        const { server, done } = await live(steps)
        const stored = Object.fromEntries(Object.entries(server.sections).map(([s, v]) => [s, v.value]))
        for (const { path, value } of done.edits) expect([path, at(stored, path)]).toEqual([path, value])
        const notes = server.records.map((r) => [r.body.text, r.by])
        expect(notes.sort()).toEqual(done.notes.map((n) => [n.text, n.by]).sort())
        for (const { section, by, value, base } of server.writes)
          for (const { path, value: wanted, by: author } of done.edits)
            if (path.startsWith(`${section}.`) && author !== 'elsewhere') {
              const name = path.split('.')[1]!
              const [was, is] = [(base as Record<string, unknown>)[name], (value as Record<string, unknown>)[name]]
              if (was !== is && is === wanted) expect([path, by]).toEqual([path, author])
            }
      }),
      { seed: Number(process.env['LOCHMOOR_SEED'] ?? 13), numRuns: Number(process.env['LOCHMOOR_HISTORIES'] ?? 120) },
    )
  })
})
