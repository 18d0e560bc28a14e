import 'fake-indexeddb/auto'
import { emptyLeg, withValueAt, type FuelSection, type JobDocument, type LineLeg } from '@lochmoor/core'
import fc from 'fast-check'
import { soundJob } from '../test/jobs.ts'
import { FakeServer } from '../test/server.ts'
import { sitHere } from '../test/session.ts'
import { run, setLeg, setLegs, undo } from './commands.ts'
import { settleConflict } from './conflicts.ts'
import { useJobStore } from './jobStore.ts'
import { openJob } from './openJob.ts'
import { outbox } from './outbox.ts'
import { send, stopSending } from './sending.ts'

const JOB = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const leg = (id: string): LineLeg => ({ ...emptyLeg(id, `Leg ${id}`), lengthM: 1 })
const START = ['leg-a', 'leg-b', 'leg-c'].map(leg)

/** One change of a list of legs; `at` picks the leg it is about. */
type Act =
  | { readonly kind: 'measure'; readonly at: number; readonly lengthM: number }
  | { readonly kind: 'bend'; readonly at: number; readonly bends90: number }
  | { readonly kind: 'add'; readonly id: string }
  | { readonly kind: 'take out'; readonly at: number }
  | { readonly kind: 'move up'; readonly at: number }

const carryOut = (legs: readonly LineLeg[], act: Act): readonly LineLeg[] => {
  if (act.kind === 'add') return legs.some((l) => l.id === act.id) ? legs : [...legs, leg(act.id)]
  const one = legs[act.at % Math.max(1, legs.length)]
  if (!one) return legs
  const with_ = (change: Partial<LineLeg>) => legs.map((l) => (l === one ? { ...l, ...change } : l))
  switch (act.kind) {
    case 'measure':
      return with_({ lengthM: act.lengthM })
    case 'bend':
      return with_({ bends90: act.bends90 })
    case 'take out':
      return legs.filter((l) => l !== one)
    case 'move up': {
      const rest = legs.filter((l) => l !== one)
      const place = Math.max(0, legs.indexOf(one) - 1)
      return [...rest.slice(0, place), one, ...rest.slice(place)]
    }
  }
}

const at = fc.nat({ max: 5 })
/** Ids of new legs are made where they are made: no two people make the same. */
const arbAct = (side: 'm' | 't'): fc.Arbitrary<Act> =>
  fc.oneof(
    fc.record({ kind: fc.constant('measure' as const), at, lengthM: fc.integer({ min: 1, max: 9 }) }),
    fc.record({ kind: fc.constant('bend' as const), at, bends90: fc.integer({ min: 1, max: 9 }) }),
    fc.record({ kind: fc.constant('add' as const), id: fc.constantFrom(`leg-${side}1`, `leg-${side}2`) }),
    fc.record({ kind: fc.constant('take out' as const), at }),
    fc.record({ kind: fc.constant('move up' as const), at }),
  )

const here = () => useJobStore.getState().document!.fuel.feed.legs
const ids = (legs: readonly LineLeg[]) => legs.map((l) => l.id).sort()
let server: FakeServer
const there = () => (server.sections.fuel.value as FuelSection).feed.legs

const begin = async (): Promise<void> => {
  sitHere()
  await outbox.load()
  for (const e of outbox.ofJob(JOB)) outbox.remove(e.key)
  server = new FakeServer(JOB, withValueAt<JobDocument>(soundJob(), 'fuel.feed.legs', START))
  await openJob(JOB)
  await send()
}
const byTheirs = (acts: readonly Act[]) =>
  server.changeElsewhere('fuel', (v: FuelSection) => ({
    ...v,
    feed: { ...v.feed, legs: acts.reduce(carryOut, v.feed.legs) },
  }))

afterEach(stopSending)

describe('two people at the legs of one line', () => {
  it('whatever both do, nothing that one added or alone changed is lost, and both end with the same', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(arbAct('m'), { minLength: 1, maxLength: 5 }),
        fc.array(arbAct('t'), { minLength: 1, maxLength: 5 }),
        fc.constantFrom('mine' as const, 'theirs' as const),
        async (mine, theirs, choice) => {
          await begin()
          const [ours, others] = [mine.reduce(carryOut, START), theirs.reduce(carryOut, START)]
          byTheirs(theirs)
          for (const act of mine) run(setLegs('feed', carryOut(here(), act), act.kind))
          await send()
          const { conflict } = useJobStore.getState()
          const clashes = conflict?.conflict?.clashes ?? []
          if (conflict) settleConflict(Object.fromEntries(clashes.map((c) => [c.path, choice])))
          await send()
          expect([useJobStore.getState().save, outbox.ofJob(JOB)]).toEqual(['saved', []])
          expect(here()).toEqual(there())
          // Added by one and kept by that one: there. Taken out by one and left alone by the other: gone.
          for (const l of [...ours, ...others].filter((x) => !START.some((s) => s.id === x.id)))
            expect(ids(here())).toContain(l.id)
          for (const s of START) {
            const [m, t] = [ours.find((l) => l.id === s.id), others.find((l) => l.id === s.id)]
            const now = here().find((l) => l.id === s.id)
            if (m && t) {
              const asked = clashes.some((c) => c.path === `feed.legs.${s.id}.lengthM`)
              const wanted = asked ? (choice === 'mine' ? m : t) : m.lengthM === s.lengthM ? t : m
              expect([s.id, now?.lengthM]).toEqual([s.id, wanted.lengthM])
            } else if (!clashes.some((c) => c.path === `feed.legs.${s.id}`)) expect(now).toBeUndefined()
            else expect(now !== undefined).toBe((choice === 'mine' ? m : t) !== undefined)
          }
        },
      ),
      { seed: 31, numRuns: 80 },
    )
  })
  it('undoing one’s own step takes nothing from the other', async () => {
    await begin()
    run(setLeg('feed', 'leg-a', { lengthM: 5 }, 'length'))
    byTheirs([{ kind: 'add', id: 'leg-t1' }])
    await send()
    undo()
    await send()
    expect(here().map((l) => [l.id, l.lengthM])).toEqual([
      ['leg-a', 1],
      ['leg-b', 1],
      ['leg-c', 1],
      ['leg-t1', 1],
    ])
    expect(there()).toEqual(here())
  })
})
