import fc from 'fast-check'
import { choiceOf, combinationCaseOf } from '../../stations/fuel/index.ts'
import { catalogue, soundJob } from '../../stations/fuel/test/jobs.ts'
import { checkCombinations } from './checkCombinations.ts'
import type { Combination, CombinationCase } from './combinationCase.ts'
import { rankCombinations } from './combinations.ts'

/** Designs of every kind, from easy to hopeless. */
const arbCase: fc.Arbitrary<CombinationCase> = fc
  .record({
    powerW: fc.double({ min: 30e3, max: 220e3, noNaN: true }),
    setPressurePa: fc.double({ min: 110e3, max: 590e3, noNaN: true }),
    lowV: fc.double({ min: 9, max: 13, noNaN: true }),
    lengthM: fc.double({ min: 0.5, max: 8, noNaN: true }),
  })
  .map(({ powerW, setPressurePa, lowV, lengthM }) => {
    const { feed, return: back } = soundJob().fuel
    const job = soundJob(
      { setPressurePa, lowV, feed: { ...feed, lengthM }, return: { ...back, lengthM } },
      { powerW, displacementM3: powerW / 37e6 },
    )
    return combinationCaseOf(job, choiceOf(job, catalogue))
  })

const keyOf = (c: Combination): string => [c.pumpId, c.feedId, c.returnId, c.filterId, c.regulatorId].join(' ')
const byKey = (c: CombinationCase) => new Map(rankCombinations(c).ranked.map((r) => [keyOf(r), r]))
const seen: Record<string, number> = {}

describe('combinations, laws on random designs', () => {
  it('each is there once, passing ones first, and every figure is a figure', () => {
    fc.assert(
      fc.property(arbCase, (c) => {
        expect(checkCombinations(c)).toEqual([])
        const { ranked, tried, passing } = rankCombinations(c)
        expect(new Set(ranked.map(keyOf)).size).toBe(tried)
        ranked.forEach((r, i) => {
          seen[r.fails ?? 'passes'] = (seen[r.fails ?? 'passes'] ?? 0) + 1
          expect(r.fails === null).toBe(i < passing)
          for (const n of [r.reserve, r.headroom, r.currentA, r.heatW, r.price]) expect(Number.isFinite(n)).toBe(true)
        })
      }),
      { seed: 51, numRuns: 60 },
    )
    // The sample holds every kind of outcome these parts can have, else it proves nothing.
    for (const outcome of ['passes', 'pressure not maintained', 'reserve below 15 %', 'rail pressure above set'])
      expect([outcome, seen[outcome] ?? 0]).toEqual([outcome, expect.any(Number)])
    expect(Object.keys(seen).length).toBeGreaterThanOrEqual(4)
  })

  it('less demand never lowers a reserve; a lower voltage never raises one', () => {
    fc.assert(
      fc.property(arbCase, (c) => {
        const before = byKey(c)
        const less = byKey({ ...c, points: c.points.map((p) => ({ ...p, demandM3S: 0.8 * p.demandM3S })) })
        const weaker = byKey({ ...c, points: c.points.map((p) => ({ ...p, voltageV: p.voltageV - 0.5 })) })
        for (const [key, r] of before) {
          expect(less.get(key)!.reserve).toBeGreaterThanOrEqual(r.reserve - 1e-6)
          expect(weaker.get(key)!.reserve).toBeLessThanOrEqual(r.reserve + 1e-6)
        }
      }),
      { seed: 52, numRuns: 30 },
    )
  })

  it('a wider return never leaves less free behind the regulator', () => {
    fc.assert(
      fc.property(arbCase, (c) => {
        const of = (id: string) =>
          rankCombinations({ ...c, returns: c.returns.filter((h) => h.id === id) }).ranked.map((r) => r.headroom)
        const [narrow, wide] = [of('5'), of('9')]
        const worst = (list: readonly number[]) => Math.min(...list)
        expect(worst(wide)).toBeGreaterThanOrEqual(worst(narrow) - 1e-9)
      }),
      { seed: 53, numRuns: 30 },
    )
  })
})

describe('what cannot be ranked', () => {
  const sound = combinationCaseOf(soundJob(), choiceOf(soundJob(), catalogue))
  const [pump] = sound.pumps
  it.each<[string, Partial<CombinationCase>, string]>([
    ['a pump twice', { pumps: [pump!, pump!] }, 'pumps.1.id'],
    ['a cruise that is no point', { cruiseId: 'moon' }, 'cruiseId'],
    ['vacuum beyond the set pressure', { points: [{ ...sound.points[0]!, id: 'cruise', referencePa: -4e5 }] }, 'points.0.referencePa'], // prettier-ignore
    ['two tables of one voltage', { pumps: [{ ...pump!, tables: [pump!.tables[0]!, pump!.tables[0]!] }] }, 'pumps.0.tables.1.voltageV'], // prettier-ignore
    ['a curve out of order', { pumps: [{ ...pump!, tables: [{ voltageV: 13, points: [...pump!.tables[0]!.points].reverse() }] }] }, 'pumps.0.tables.0.points.1.pressurePa'], // prettier-ignore
  ])('%s is refused by name', (_why, change, field) =>
    expect(checkCombinations({ ...sound, ...change }).map((e) => e.field)).toContain(field),
  )
})
