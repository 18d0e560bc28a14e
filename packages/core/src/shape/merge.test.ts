import fc from 'fast-check'
import { JOB } from '../job/index.ts'
import { emptyLeg, emptyLine, type LineDesign, type LineLeg } from '../sections/index.ts'
import { LINE } from '../sections/fuelLines.ts'
import { differences, mergeThree, sameValue, valueAt, withChoice } from './index.ts'
import { arbValue } from './test/arbitraries.ts'

const leg = (id: string, change: Partial<LineLeg> = {}): LineLeg => ({ ...emptyLeg(id, id), ...change })
const line = (...legs: LineLeg[]): LineDesign => ({ ...emptyLine, legs })
const merge = (base: LineDesign, mine: LineDesign, theirs: LineDesign) => mergeThree(LINE, base, mine, theirs)
const ids = (l: LineDesign) => l.legs.map((x) => x.id)
const [a, b, c] = [leg('leg-a'), leg('leg-b'), leg('leg-c')]

describe('two people at one line', () => {
  it('each adds a leg: both are kept, where they were put', () => {
    const { merged, clashes } = merge(line(a, b), line(a, leg('leg-m'), b), line(a, b, leg('leg-t')))
    expect([ids(merged), clashes]).toEqual([['leg-a', 'leg-m', 'leg-b', 'leg-t'], []])
  })
  it('one measures the length, the other the bends of the same leg: both stand', () => {
    const { merged, clashes } = merge(line(a, b), line({ ...a, lengthM: 0.7 }, b), line({ ...a, bends90: 2 }, b))
    expect([merged.legs[0], clashes]).toEqual([{ ...a, lengthM: 0.7, bends90: 2 }, []])
  })
  it('one moves a leg, the other measures it: it is the same leg', () => {
    const { merged, clashes } = merge(line(a, b), line(b, a), line({ ...a, lengthM: 3 }, b))
    expect([merged, clashes]).toEqual([line(b, { ...a, lengthM: 3 }), []])
  })
  it('one takes a leg out that the other left alone: it is out', () => {
    expect(merge(line(a, b), line(b), line(a, { ...b, panels: 1 }))).toEqual({
      merged: line({ ...b, panels: 1 }),
      clashes: [],
    })
  })
  it.each([
    ['I', line(b), line({ ...a, lengthM: 2 }, b), undefined, { ...a, lengthM: 2 }],
    ['they', line({ ...a, lengthM: 2 }, b), line(b), { ...a, lengthM: 2 }, undefined],
  ] as const)(
    '%s took it out and the other measured it: that is asked, and either answer can be taken',
    (_w, mine, theirs, m, t) => {
      const { merged, clashes } = merge(line(a, b), mine, theirs)
      expect(clashes).toEqual([{ path: 'legs.leg-a', base: a, mine: m, theirs: t }])
      expect(merged).toEqual(mine)
      expect(new Set(ids(withChoice(merged, 'legs.leg-a', t)))).toEqual(new Set(ids(theirs)))
      expect(withChoice(merged, 'legs.leg-a', m)).toEqual(mine)
    },
  )
  it('both put the same legs into different orders: that is asked', () => {
    const { merged, clashes } = merge(line(a, b, c), line(b, a, c), line(a, c, b))
    expect(clashes).toEqual([
      { path: 'legs.order', base: ids(line(a, b, c)), mine: ids(line(b, a, c)), theirs: ids(line(a, c, b)) },
    ])
    expect(ids(merged)).toEqual(['leg-b', 'leg-a', 'leg-c'])
    expect(ids(withChoice(merged, 'legs.order', clashes[0]!.theirs))).toEqual(['leg-a', 'leg-c', 'leg-b'])
  })
  it('both measure the same length: asked for that leaf alone', () => {
    const { clashes } = merge(line(a), line({ ...a, lengthM: 1 }), line({ ...a, lengthM: 2, panels: 1 }))
    expect(clashes).toEqual([{ path: 'legs.leg-a.lengthM', base: null, mine: 1, theirs: 2 }])
  })
  it('history tells a move as a move, and a change as a change of that leg', () => {
    expect(differences(LINE, line(a, b), line(b, { ...a, lengthM: 2 }))).toEqual([
      { path: 'legs.leg-a.lengthM', before: null, after: 2 },
      { path: 'legs.order', before: ['leg-a', 'leg-b'], after: ['leg-b', 'leg-a'] },
    ])
  })
  it('a list as an older version stored it counts as one leaf', () => {
    const old = { ...emptyLine, legs: [{ name: 'A' }] }
    expect(differences(LINE, old, line(a)).map((d) => d.path)).toEqual(['legs'])
    expect(merge(old as never, line(a), line(b)).clashes.map((x) => x.path)).toEqual(['legs'])
  })
})

const SECTIONS = ['vehicle', 'walkAround', 'system', 'fuel', 'exhaust', 'work'] as const

describe.each(SECTIONS)('laws of the merge of %s', (section) => {
  const shape = JOB.fields[section]
  const three = fc.tuple(arbValue(shape), arbValue(shape), arbValue(shape))
  const runs = { seed: 12, numRuns: 60 }
  it('nothing of one side is lost: whoever alone changed something, gets it', () =>
    fc.assert(
      fc.property(three, ([base, mine]) => {
        expect(mergeThree(shape, base, mine, base)).toEqual({ merged: mine, clashes: [] })
        expect(mergeThree(shape, base, base, mine)).toEqual({ merged: mine, clashes: [] })
        expect(mergeThree(shape, base, mine, mine)).toEqual({ merged: mine, clashes: [] })
      }),
      runs,
    ))
  it('both sides clash at the same places, whoever asks, and nowhere that only one has changed', () =>
    fc.assert(
      fc.property(three, ([base, mine, theirs]) => {
        const one = mergeThree(shape, base, mine, theirs)
        const other = mergeThree(shape, base, theirs, mine)
        expect(one.clashes.map((x) => x.path).sort()).toEqual(other.clashes.map((x) => x.path).sort())
        for (const x of one.clashes) {
          expect(sameValue(x.mine, x.theirs)).toBe(false)
          expect(sameValue(x.base, x.mine) || sameValue(x.base, x.theirs)).toBe(false)
        }
      }),
      runs,
    ))
  it('every leaf of the merge is of one side or the other', () =>
    fc.assert(
      fc.property(three, ([base, mine, theirs]) => {
        const { merged } = mergeThree<unknown>(shape, base, mine, theirs)
        const from = (other: unknown) => new Map(differences(shape, merged, other).map((d) => [d.path, d]))
        const [fromMine, fromTheirs] = [from(mine), from(theirs)]
        for (const [path, { before }] of fromMine)
          if (fromTheirs.has(path) && !path.endsWith('.order') && valueAt(merged, path) !== undefined)
            expect([path, before]).toEqual([path, undefined])
      }),
      runs,
    ))
  it('a difference is none exactly where the values are the same', () =>
    fc.assert(
      fc.property(three, ([x, y]) => {
        expect(differences(shape, x, x)).toEqual([])
        expect(differences(shape, x, y).length === 0).toBe(sameValue(x, y))
      }),
      runs,
    ))
})
