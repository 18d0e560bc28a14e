import { COMBINATION_FAILURES, type Combination, type CombinationAnswer } from '@lochmoor/core'
import fc from 'fast-check'
import { MOST_LISTED, MOST_SHOWN_RESERVE, rankingView, type Wish } from './rankingView.ts'

const arbCombination = (id: number): fc.Arbitrary<Combination> =>
  fc.record({
    pumpId: fc.constantFrom('p1', 'p2', 'p3'),
    feedId: fc.constant(`f${id}`),
    returnId: fc.constant(null),
    filterId: fc.constant('x'),
    regulatorId: fc.constant('r'),
    fails: fc.oneof(fc.constant(null), fc.constantFrom(...COMBINATION_FAILURES)),
    reserve: fc.double({ min: -1, max: 5, noNaN: true }),
    tightestId: fc.constant('full'),
    headroom: fc.double({ min: 0, max: 1, noNaN: true }),
    currentA: fc.constant(5),
    heatW: fc.constant(80),
    noiseClass: fc.integer({ min: 1, max: 5 }),
    price: fc.integer({ min: 4, max: 20 }),
    best: fc.boolean(),
  })
const answerOf = (ranked: readonly Combination[]): CombinationAnswer => ({
  tried: ranked.length,
  passing: ranked.filter((c) => c.fails === null).length,
  solved: 1,
  ranked,
})
const arbAnswer = fc
  .integer({ min: 0, max: 40 })
  .chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => arbCombination(i))))
  .map((all) => answerOf(all.map((c) => (c.fails === null ? c : { ...c, best: false }))))

const WISHES: readonly Wish[] = ['price', 'noise', 'reserve']
const figureOf = (c: Combination, wish: Wish): number =>
  wish === 'price' ? c.price : wish === 'noise' ? c.noiseClass : -c.reserve

describe('what a page shows of a ranking', () => {
  it('short lists are whole, what passes stands before what fails, each in the order that was wished', () => {
    fc.assert(
      fc.property(arbAnswer, (answer) => {
        const view = rankingView(answer)
        for (const wish of WISHES) {
          const { all, best, passing } = view.lists
          expect(new Set(all[wish])).toEqual(new Set(answer.ranked))
          expect(new Set(passing[wish])).toEqual(new Set(answer.ranked.filter((c) => c.fails === null)))
          expect(new Set(best[wish])).toEqual(new Set(answer.ranked.filter((c) => c.best)))
          for (let i = 1; i < all[wish].length; i++) {
            const [a, b] = [all[wish][i - 1]!, all[wish][i]!]
            expect(Number(a.fails !== null)).toBeLessThanOrEqual(Number(b.fails !== null))
            if ((a.fails === null) === (b.fails === null))
              expect(figureOf(a, wish)).toBeLessThanOrEqual(figureOf(b, wish))
          }
        }
        expect(view.counts).toMatchObject({ all: answer.tried, passing: answer.passing })
      }),
      { seed: 41, numRuns: 80 },
    )
  })

  it('each pump by the one of its combinations that gets furthest', () => {
    fc.assert(
      fc.property(arbAnswer, (answer) => {
        const view = rankingView(answer)
        expect(view.perPump).toHaveLength(new Set(answer.ranked.map((c) => c.pumpId)).size)
        for (const one of view.perPump)
          for (const other of answer.ranked.filter((c) => c.pumpId === one.pumpId))
            if (one.fails !== null) {
              expect(other.fails).not.toBeNull()
              expect(COMBINATION_FAILURES.indexOf(other.fails!)).toBeLessThanOrEqual(
                COMBINATION_FAILURES.indexOf(one.fails),
              )
            }
      }),
      { seed: 42, numRuns: 80 },
    )
  })

  it('a mark lies within a percent of reserve of everything that passes, a best one before others', () => {
    fc.assert(
      fc.property(arbAnswer, (answer) => {
        const { marks } = rankingView(answer)
        for (const c of answer.ranked.filter((x) => x.fails === null)) {
          const reserve = Math.min(c.reserve, MOST_SHOWN_RESERVE)
          const near = marks.filter(
            (m) => m.price === c.price && Math.abs(Math.min(m.reserve, MOST_SHOWN_RESERVE) - reserve) <= 0.0101,
          )
          expect(near.some((m) => m.best || !c.best)).toBe(true)
        }
      }),
      { seed: 43, numRuns: 80 },
    )
  })

  it('of a quarter of a million only the heads travel, with the count of all', () => {
    const one = fc.sample(arbCombination(0), { seed: 1, numRuns: 1 })[0]!
    const many = Array.from({ length: 250_000 }, (_, i) => ({
      ...one,
      fails: i % 2 === 0 ? null : COMBINATION_FAILURES[0],
      price: (i * 7919) % 1009,
    }))
    const view = rankingView(answerOf(many))
    expect(view.counts).toMatchObject({ all: 250_000, passing: 125_000 })
    expect(view.lists.all.price).toHaveLength(MOST_LISTED)
    expect(view.lists.passing.price[0]!.price).toBe(0)
    expect(view.marks.length).toBeLessThanOrEqual(1009)
  })
})
