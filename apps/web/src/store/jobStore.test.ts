import { emptyJob, type JobDocument } from '@lochmoor/core'
import { afterCommit, afterRedo, afterUndo, initialJobState, type JobState } from './jobStore.ts'
import { differences, sameValue } from './sameValue.ts'

const start: JobState = { ...initialJobState, jobId: 'j', document: emptyJob('Car') }
const withVolts = (job: JobDocument, lowV: number): JobDocument => ({ ...job, fuel: { ...job.fuel, lowV } })
const commit = (state: JobState, lowV: number, merge = false) =>
  afterCommit(state, withVolts(state.document!, lowV), 'volts', merge)

describe('steps of work', () => {
  it('undo and redo walk the same way back and forth', () => {
    const two = commit(commit(start, 11), 12)
    const one = afterUndo(two)
    expect(one.document!.fuel.lowV).toBe(11)
    expect(afterUndo(one).document).toEqual(start.document)
    expect(afterRedo(afterRedo(afterUndo(one))).document).toEqual(two.document)
  })

  it('typing in one field is one step, another commit cuts the way forward', () => {
    const typed = commit(commit(start, 1), 12, true)
    expect(typed.past).toHaveLength(1)
    expect(afterUndo(typed).document!.fuel.lowV).toBeNull()
    expect(commit(afterUndo(typed), 13).future).toEqual([])
  })

  it('marks only the section that changed, on undo too', () => {
    expect([...commit(start, 11).dirty]).toEqual(['fuel'])
    const saved = { ...commit(start, 11), dirty: new Set<never>() }
    expect([...afterUndo(saved).dirty]).toEqual(['fuel'])
  })

  it('a change that changes nothing is no step', () => {
    expect(afterCommit(start, start.document!, 'nothing', false)).toBe(start)
    expect(afterUndo(start)).toBe(start)
  })

  it('keeps a conflict in sight while work goes on', () => {
    expect(commit({ ...start, save: 'conflict' }, 11).save).toBe('conflict')
  })
})

describe('comparing values', () => {
  it.each([
    [{ a: 1, b: { c: null } }, { b: { c: null }, a: 1 }, true],
    [{ a: [1, 2] }, { a: [2, 1] }, false],
    [{ a: 1 }, { a: 1, b: undefined }, false],
    [null, {}, false],
  ])('%j and %j: %s', (a, b, same) => expect(sameValue(a, b)).toBe(same))

  it('names each leaf that differs and takes a part as one leaf', () => {
    expect(
      differences(
        { lowV: 11, feed: { lengthM: 3, hose: { id: 'a', name: 'A' } } },
        { lowV: 12, feed: { lengthM: 3, hose: { id: 'b', name: 'B' } } },
      ),
    ).toEqual([
      { path: 'lowV', mine: 11, theirs: 12 },
      { path: 'feed.hose', mine: { id: 'a', name: 'A' }, theirs: { id: 'b', name: 'B' } },
    ])
  })
})
