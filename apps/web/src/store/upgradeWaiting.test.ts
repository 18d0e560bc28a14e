import 'fake-indexeddb/auto'
import { emptyJob, emptyLeg, withValueAt, type FuelSection, type JobDocument, type LineLeg } from '@lochmoor/core'
import { openDB } from 'idb'
import { FakeServer } from '../test/server.ts'
import { sitHere } from '../test/session.ts'
import { useJobStore } from './jobStore.ts'
import { openJob } from './openJob.ts'
import { outbox } from './outbox.ts'
import { send } from './sending.ts'
import { personNow } from './sessionStore.ts'

const JOB = '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11'
const RECORD = 'b2e4d3c5-6f7c-4819-8b2c-000000000001'
const OLD_FIELD = 'fuel.feed.legs.1.lengthM'

/** A leg as it stood before legs had ids. */
const old = (name: string, lengthM: number): Omit<LineLeg, 'id'> => {
  const { id: _id, ...rest } = { ...emptyLeg('leg-x', name), lengthM }
  return rest
}
const oldFuel = (...legs: object[]) => {
  const { fuel } = emptyJob('Car')
  return { ...fuel, feed: { ...fuel.feed, legs } }
}
/** What the server has after its own upgrade. */
const upgradedJob = (...legs: [name: string, lengthM: number][]): JobDocument =>
  withValueAt(
    emptyJob('Car'),
    'fuel.feed.legs',
    legs.map(([name, lengthM], i) => ({ ...emptyLeg(`feed-leg-${i}`, name), lengthM })),
  )

/** What a page of before version 5 left in this browser. */
const leave = async (value: object, baseValue: object, field = OLD_FIELD) => {
  const database = await openDB('lochmoor', 2)
  const common = { personId: personNow(), jobId: JOB }
  await database.put('waiting', {
    ...common,
    key: `${JOB}/section/fuel`,
    kind: 'section',
    seq: 1,
    section: 'fuel',
    baseVersion: 1,
    baseValue,
    value,
    unanswered: [],
    conflict: null,
  })
  const body = {
    kind: 'measurement',
    quantity: 'q',
    si: 0.7,
    family: 'distance',
    text: '0.7 m',
    field,
    place: '',
    condition: '',
    instrument: '',
  }
  await database.put('waiting', {
    ...common,
    key: `${JOB}/record/${RECORD}`,
    kind: 'record',
    seq: 2,
    record: { id: RECORD, at: '2026-05-01T08:00:00.000Z', body, corrects: null, withdraws: false },
  })
  database.close()
  await outbox.forgetPage()
}

let server: FakeServer
const feedThere = () => (server.sections.fuel.value as FuelSection).feed.legs
const fieldSent = () => (server.records[0] as unknown as { body: { field: string } }).body.field
const open = async (job: JobDocument) => {
  server = new FakeServer(JOB, job)
  await openJob(JOB)
  await send()
}
beforeEach(async () => {
  sitHere()
  await outbox.load()
  for (const e of outbox.ofJob(JOB)) outbox.remove(e.key)
  await outbox.settled()
})

describe('edits that a page of an older version left waiting', () => {
  it('are sent in today’s shape, with the ids the server gave, and their measurement follows its leg', async () => {
    const [a, b] = [old('Tank to body', 0.6), old('Body to rail', 3.4)]
    await leave(oldFuel(a, { ...b, lengthM: 3.5 }), oldFuel(a, b))
    await open(upgradedJob(['Tank to body', 0.6], ['Body to rail', 3.4]))
    expect(feedThere().map((l) => [l.id, l.lengthM])).toEqual([
      ['feed-leg-0', 0.6],
      ['feed-leg-1', 3.5],
    ])
    expect(fieldSent()).toBe('fuel.feed.legs.feed-leg-1.lengthM')
    expect([useJobStore.getState().save, outbox.ofJob(JOB)]).toEqual(['saved', []])
  })
  it('are joined with what somebody else wrote since, leaf by leaf', async () => {
    const a = old('Tank to body', 0.6)
    await leave(oldFuel({ ...a, lengthM: 0.7 }), oldFuel(a))
    const theirs = withValueAt(upgradedJob(['Tank to body', 0.6]), 'fuel.feed.legs.feed-leg-0.bends90', 2)
    server = new FakeServer(JOB, theirs)
    server.sections.fuel = { version: 2, value: theirs.fuel }
    await openJob(JOB)
    await send()
    expect(feedThere()).toMatchObject([{ lengthM: 0.7, bends90: 2 }])
  })
  it('keep a measurement’s old place where a leg was moved meanwhile: it is entered, and only read', async () => {
    const [a, b] = [old('Tank to body', 0.6), old('Body to rail', 3.4)]
    await leave(oldFuel(b, a), oldFuel(a, b))
    await open(upgradedJob(['Tank to body', 0.6], ['Body to rail', 3.4]))
    expect(fieldSent()).toBe(OLD_FIELD)
    expect(
      feedThere()
        .map((l) => l.name)
        .sort(),
    ).toEqual(['Body to rail', 'Tank to body'])
  })
  it('that fit no version are kept with the reason and never sent', async () => {
    await leave({ nothing: 'like it' }, oldFuel())
    await open(upgradedJob())
    const [left] = outbox.ofJob(JOB)
    expect(left).toMatchObject({
      kind: 'section',
      value: { nothing: 'like it' },
      refused: expect.stringMatching(/another version/),
    })
    expect(server.log.filter((l) => l.startsWith('fuel'))).toEqual([])
    expect(useJobStore.getState().save).toBe('refused')
  })
})
