import 'fake-indexeddb/auto'
import { figureAt, leavesOf, JOB, measurementInForce, type JobDocument } from '@lochmoor/core'
import fc from 'fast-check'
import { IDBFactory } from 'fake-indexeddb'
import { openDB } from 'idb'
import { Browser, type Page } from '../test/browser.ts'
import type { OutboxEntry } from './outboxEntries.ts'
import { soundJob } from '../test/jobs.ts'
import { FakeServer } from '../test/server.ts'

const JOB_ID = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const PEOPLE = ['5d1b8f0a-2c64-4b1e-8a7f-0e9d3c5b1a41', '7e2c9a1b-3d75-4c2f-9b80-1fae4d6c2b52'] as const
/** Places that several people measure, each with another figure. */
const DISPUTED = ['vehicle.cruiseSpeedRpm', 'vehicle.idleSpeedRpm', 'fuel.feed.riseM'] as const
/** Places that any figure may stand at, each edited once in a history: nobody contradicts anybody. */
const PLACES = leavesOf(JOB).flatMap(([path, leaf]) =>
  leaf.is === 'figure' && leaf.empty === null && /^(vehicle|fuel)\.\w+$/.test(path) && !DISPUTED.some((d) => d === path)
    ? [path]
    : [],
)

/** A figure that may stand there, another for each turn. */
const allowedAt = (path: string, turn: number): number => {
  const { range, whole } = figureAt(path)!
  const value = range.min + ((turn + 1) / 100) * (range.max - range.min)
  return whole ? Math.min(range.max, range.min + turn) : value
}

type Step =
  | {
      readonly do: 'edit' | 'note' | 'send' | 'undo' | 'redo' | 'close' | 'reload' | 'open' | 'upgrade' | 'sign out'
      readonly page: number
    }
  | { readonly do: 'measure'; readonly page: number; readonly place: number }
  | { readonly do: 'choose'; readonly page: number; readonly side: 'mine' | 'theirs' }
  | { readonly do: 'sit' | 'take the seat'; readonly page: number; readonly person: number }
  | { readonly do: 'they measure'; readonly place: number }
  | { readonly do: 'cut' | 'join' | 'lose' | 'die' | 'elsewhere' | 'full' | 'room' }

const page = fc.constantFrom(0, 0, 1, 1, 2)
const step: fc.Arbitrary<Step> = fc.oneof(
  {
    weight: 6,
    arbitrary: fc.record({
      do: fc.constantFrom('edit', 'edit', 'note', 'send', 'send', 'send'),
      page,
    }),
  },
  { weight: 5, arbitrary: fc.record({ do: fc.constant('measure'), page, place: fc.nat(DISPUTED.length - 1) }) },
  { weight: 1, arbitrary: fc.record({ do: fc.constant('they measure'), place: fc.nat(DISPUTED.length - 1) }) },
  { weight: 2, arbitrary: fc.record({ do: fc.constant('choose'), page, side: fc.constantFrom('mine', 'theirs') }) },
  { weight: 4, arbitrary: fc.record({ do: fc.constantFrom('undo', 'undo', 'undo', 'redo'), page }) },
  {
    weight: 3,
    arbitrary: fc.record({ do: fc.constantFrom('close', 'reload', 'open', 'upgrade', 'sign out'), page }),
  },
  { weight: 2, arbitrary: fc.record({ do: fc.constantFrom('sit', 'take the seat'), page, person: fc.nat(1) }) },
  { weight: 4, arbitrary: fc.record({ do: fc.constantFrom('cut', 'cut', 'cut', 'join', 'lose', 'die', 'elsewhere', 'full', 'room') }) }, // prettier-ignore
)

/** One told by the environment, to be looked at again and again, or any. */
const told = process.env['LOCHMOOR_STEPS']
const histories = told
  ? fc.constant(JSON.parse(told) as Step[])
  : fc.array(step, { minLength: 8, maxLength: 48, size: 'max' })

const at = (job: Record<string, unknown> | JobDocument, path: string): unknown =>
  path.split('.').reduce<unknown>((v, key) => (v as Record<string, unknown>)[key], job)

/** What people did, to be held against what stands at the end. */
interface Done {
  /** Of places that one alone edits; undone on the page that made it, it is what stood there before. */
  readonly edits: { readonly path: string; value: number | null; readonly by: string; page: Page | null }[]
  readonly notes: { readonly text: string; readonly by: string }[]
  readonly measured: Measured[]
  /** Places where what stood before an edit was kept over what somebody else measured since. */
  readonly backTo: Set<string>
}
interface Measured {
  readonly path: string
  readonly value: number
  readonly by: string
  /** Whose undo takes it back; none where the page has been left or opened anew since. */
  page: Page | null
  /** Decided against, undone, or measured anew by somebody who saw it: it need not reach the server. */
  settled: boolean
}

const live = async (steps: readonly Step[]): Promise<{ server: FakeServer; done: Done }> => {
  globalThis.indexedDB = new IDBFactory()
  const server = new FakeServer(JOB_ID, soundJob())
  const browser = new Browser()
  const done: Done = { edits: [], notes: [], measured: [], backTo: new Set() }
  const free = [...PLACES]
  type Put = (this: IDBObjectStore, ...of: Parameters<IDBObjectStore['put']>) => IDBRequest<IDBValidKey>
  const put = Reflect.get(IDBObjectStore.prototype, 'put') as Put
  let full = false
  // Each question for the time is a moment later: what is earlier and later is told by it.
  const iso = Reflect.get<Date, 'toISOString'>(Date.prototype, 'toISOString')
  let nowMs = Date.parse('2026-03-02T09:00:00Z')
  Date.prototype.toISOString = () => iso.call(new Date((nowMs += 1)))
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
    await openHere(own)
  }
  // A page that cannot reach the server does not come to stand.
  const openHere = async (own: Page) => {
    for (const made of [...done.edits, ...done.measured]) if (made.page === own) made.page = null
    const was = server.down
    server.down = false
    await own.openJob(JOB_ID)
    server.down = was
  }
  /** Decides what contradicts on a page; what is decided against need not reach the server. */
  const settle = (own: Page, side: 'mine' | 'theirs') => {
    const { conflict: entry } = own.job()
    if (!entry?.conflict) return
    const { clashes } = entry.conflict
    for (const { mine, path } of clashes) {
      const measures = (e: OutboxEntry) =>
        e.kind === 'record' && !e.record.withdraws && e.of?.path === `${entry.section}.${path}` && e.of.value === mine
      if (side === 'mine' && !own.outbox.of(entry.personId).some(measures)) done.backTo.add(`${entry.section}.${path}`)
    }
    for (const c of clashes)
      for (const m of done.measured) {
        const [lost, kept] = side === 'mine' ? [c.theirs, c.mine] : [c.mine, c.theirs]
        if (m.path === `${entry.section}.${c.path}` && m.value === lost && m.value !== kept) m.settled = true
      }
    own.conflicts.settleConflict(Object.fromEntries(clashes.map((c) => [c.path, side])))
  }
  /** What waits as a page of before the versions were noted kept it. */
  const forgetVersions = async () => {
    const db = await openDB('lochmoor')
    const { store } = db.transaction('waiting', 'readwrite')
    for (const e of (await store.getAll()) as Record<string, unknown>[])
      if (e['section'] === 'vehicle') {
        const { schemaVersion: _none, ...old } = e
        await store.put(old)
      }
    db.close()
  }
  /** Nothing may be closed that the browser has not kept: the page says so, and people leave it open. */
  const mayClose = async (own: Page) => {
    await own.outbox.settled()
    return PEOPLE.every((person) => own.outbox.kept(person) === 'all')
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
          if (own.commands.run(own.commands.setAt(path, value, path)))
            done.edits.push({ path, value, by: sits[i]!, page: own })
          break
        }
        case 'measure': {
          if (!own) break
          const path = DISPUTED[s.place]!
          const value = allowedAt(path, 5 + done.measured.length)
          const seen = at(own.job().document!, path)
          // A label of its own: each is a step of undo.
          if (!own.commands.run(own.commands.setAt(path, value, `${path} ${done.measured.length}`))) break
          own.records.measuredAt(path, path)(value, String(value))
          for (const m of done.measured) if (m.value === seen && m.path === path) m.settled = true
          done.measured.push({ path, value, by: sits[i]!, page: own, settled: false })
          break
        }
        case 'they measure': {
          const path = DISPUTED[s.place]!
          const value = allowedAt(path, 5 + done.measured.length)
          server.measureElsewhere(path, value)
          done.measured.push({ path, value, by: 'elsewhere', page: null, settled: false })
          break
        }
        case 'choose':
          if (own) settle(own, s.side)
          break
        case 'undo':
        case 'redo':
          if (!own) break
          own.commands[s.do]()
          for (const edit of done.edits)
            if (edit.page === own) edit.value = at(own.job().document!, edit.path) as number | null
          for (const m of done.measured)
            if (m.page === own && at(own.job().document!, m.path) !== m.value) m.settled = true
          break
        case 'sign out':
          own?.signOut()
          break
        case 'upgrade':
          if (!own || !(await mayClose(own))) break
          own.close()
          pages[i] = undefined
          if (!full) await forgetVersions()
          break
        case 'take the seat':
          if (!own) break
          own.sit(PEOPLE[s.person]!)
          if (sits[i] !== PEOPLE[s.person]) await openHere(own)
          sits[i] = PEOPLE[s.person]!
          await own.send()
          break
        case 'note':
          if (!own) break
          own.records.enterRecord({ kind: 'note', text: `note ${done.notes.length}` })
          if (own.signedIn()) done.notes.push({ text: `note ${done.notes.length}`, by: sits[i]! })
          break
        case 'send':
          await own?.send()
          break
        case 'open':
          if (!own) await begin(i, PEOPLE[0])
          break
        case 'close':
        case 'reload':
          if (!own || !(await mayClose(own))) break
          own.close()
          pages[i] = undefined
          if (s.do === 'reload') await begin(i, sits[i]!)
          break
        case 'sit':
          if (!own || !(await mayClose(own))) break
          own.close()
          await begin(i, PEOPLE[s.person]!)
          break
        case 'cut':
          server.down = true
          break
        case 'join':
          server.down = false
          break
        case 'die':
          server.diesBeforeWriting = true
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
          done.edits.push({ path, value, by: 'elsewhere', page: null })
          break
        }
      }
    }
    // In the end there is room and a line, and each of them sits down once more.
    full = false
    server.down = false
    server.loseNextAnswer = false
    server.diesBeforeWriting = false
    for (const own of pages) {
      if (!own) continue
      // A run that began before there was room says so no more; the next one keeps what waits.
      for (let turn = 0; turn < 3 && (turn === 0 || !(await mayClose(own))); turn++) await own.send()
      expect(await mayClose(own)).toBe(true)
      own.close()
    }
    for (const person of PEOPLE) {
      await begin(9, person)
      for (let turn = 0; turn < 12; turn++) {
        await pages[9]!.send()
        settle(pages[9]!, turn % 2 === 0 ? 'theirs' : 'mine')
      }
      if (pages[9]!.outbox.of(person).length > 0)
        throw new Error(
          `something of ${person} still waits: ${JSON.stringify([pages[9]!.job().save, pages[9]!.job().saveNote, pages[9]!.outbox.of(person).map((e) => ({ ...e, value: 0, baseValue: 0, unanswered: 0 }))])}`,
        )
      pages[9]!.close()
    }
    return { server, done }
  } finally {
    IDBObjectStore.prototype.put = put
    Date.prototype.toISOString = iso
    for (const own of pages) own?.close()
  }
}

describe('what waits in a browser, whatever happens', () => {
  it('is in the end stored once, by its author: never gone, never doubled, never under another name', async () => {
    await fc.assert(
      fc.asyncProperty(histories, async (steps) => {
        const { server, done } = await live(steps)
        const stored = Object.fromEntries(Object.entries(server.sections).map(([s, v]) => [s, v.value]))
        for (const { path, value } of done.edits) expect([path, at(stored, path)]).toEqual([path, value])
        const notes = server.records.flatMap((r) => (r.body.kind === 'note' ? [[r.body.text, r.by]] : []))
        expect(notes.sort()).toEqual(done.notes.map((n) => [n.text, n.by]).sort())
        for (const { section, by, value, base } of server.writes)
          for (const { path, value: wanted, by: author } of [...done.edits, ...done.measured])
            if (path.startsWith(`${section}.`) && author !== 'elsewhere') {
              const [was, is] = [at({ [section]: base }, path), at({ [section]: value }, path)]
              if (was !== is && is === wanted) expect([path, by]).toEqual([path, author])
            }
        const sound = soundJob()
        for (const path of DISPUTED) {
          const wrote = server.writes.map(({ section, value }) => path.startsWith(`${section}.`) && at({ [section]: value }, path)) // prettier-ignore
          for (const m of done.measured)
            if (m.path === path && m.by !== 'elsewhere' && !m.settled) expect([path, wrote]).toEqual([path, expect.arrayContaining([m.value])]) // prettier-ignore
          const inForce = measurementInForce(server.records, path)?.body
          if (done.backTo.has(path)) continue
          // Log and job never contradict each other.
          expect([path, inForce?.kind === 'measurement' ? inForce.si : at(sound, path)]).toEqual([
            path,
            at(stored, path),
          ])
        }
      }),
      {
        timeout: 120_000,
        seed: Number(process.env['LOCHMOOR_SEED'] ?? 13),
        numRuns: Number(process.env['LOCHMOOR_HISTORIES'] ?? 2000),
      },
    )
  })
})
