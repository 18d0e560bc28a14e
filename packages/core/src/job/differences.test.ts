import fc from 'fast-check'
import { differences, mergeThree, sameValue } from './differences.ts'

const base = { a: 1, b: { c: 2, d: [1, 2] }, part: { id: 'p', name: 'P' } }

describe('differences of two values', () => {
  it.each([
    ['a leaf', { ...base, a: 5 }, ['a']],
    ['a deep leaf', { ...base, b: { ...base.b, c: 9 } }, ['b.c']],
    ['a list counts as one', { ...base, b: { ...base.b, d: [1, 2, 3] } }, ['b.d']],
    ['a part counts as one', { ...base, part: { id: 'q', name: 'Q' } }, ['part']],
    ['a leaf that appears', { ...base, e: 1 }, ['e']],
    ['nothing, keys in another order', { part: base.part, b: { d: [1, 2], c: 2 }, a: 1 }, []],
  ])('%s', (_name, other, paths) => expect(differences(base, other).map((d) => d.path)).toEqual(paths))

  it('null and missing are not the same', () => expect(sameValue({ a: null }, {})).toBe(false))
})

describe('merge of two edits of one value', () => {
  it('takes what only one side changed from it', () => {
    const mine = { ...base, a: 7 }
    const theirs = { ...base, b: { ...base.b, c: 8 } }
    expect(mergeThree(base, mine, theirs)).toEqual({ merged: { ...base, a: 7, b: { c: 8, d: [1, 2] } }, clashes: [] })
  })
  it('the same change on both sides is no clash', () =>
    expect(mergeThree(base, { ...base, a: 7 }, { ...base, a: 7 }).clashes).toEqual([]))
  it('two changes of one leaf clash, mine stands until decided', () =>
    expect(mergeThree(base, { ...base, a: 7 }, { ...base, a: 8 })).toEqual({
      merged: { ...base, a: 7 },
      clashes: [{ path: 'a', base: 1, mine: 7, theirs: 8 }],
    }))
  it('a part exchanged on both sides is one clash, never a mixture', () => {
    const clash = mergeThree(base, { ...base, part: { id: 'q', name: 'Q' } }, { ...base, part: { id: 'r', name: 'R' } })
    expect(clash.clashes.map((c) => c.path)).toEqual(['part'])
    expect(clash.merged.part).toEqual({ id: 'q', name: 'Q' })
  })
  it('a whole value that appears on one side is taken', () =>
    expect(mergeThree<unknown>({ x: null }, { x: null }, { x: { id: 'p' } }).merged).toEqual({ x: { id: 'p' } }))

  const tree = fc.record({
    a: fc.integer({ min: 0, max: 3 }),
    b: fc.record({ c: fc.integer({ min: 0, max: 3 }), d: fc.array(fc.integer({ min: 0, max: 2 }), { maxLength: 2 }) }),
  })
  it('laws: nothing of mine is lost, nothing of theirs is lost where it does not clash, order does not matter', () => {
    fc.assert(
      fc.property(tree, tree, tree, (b, m, t) => {
        const { merged, clashes } = mergeThree(b, m, t)
        const clashing = new Set(clashes.map((c) => c.path))
        for (const d of differences(b, m)) expect(differences(merged, m).map((x) => x.path)).not.toContain(d.path)
        for (const d of differences(b, t))
          if (!clashing.has(d.path)) expect(differences(merged, t).map((x) => x.path)).not.toContain(d.path)
        const other = mergeThree(b, t, m)
        expect(other.clashes.map((c) => c.path).sort()).toEqual([...clashing].sort())
        expect(mergeThree(b, m, b).merged).toEqual(m)
        expect(mergeThree(b, b, t).merged).toEqual(t)
      }),
      { seed: 31, numRuns: 500 },
    )
  })
})
