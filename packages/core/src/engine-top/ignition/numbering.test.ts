import { parseIntervals } from './firingOrder.ts'
import { banksOf, cylinderPlace, fromOtherEnd, type Numbering } from './numbering.ts'

describe('how cylinders are numbered', () => {
  it.each<[Numbering, number, number[][]]>([
    ['one-row', 4, [[1, 2, 3, 4]]],
    ['banks-in-turn', 6, [[1, 2, 3], [4, 5, 6]]],
    ['alternating', 8, [[1, 3, 5, 7], [2, 4, 6, 8]]],
    ['banks-in-turn', 5, [[1, 2, 3], [4, 5]]],
  ])('%s, %i', (numbering, n, banks) => expect(banksOf(n, numbering)).toEqual(banks)) // prettier-ignore
  it.each<[Numbering, number, number[]]>([
    ['one-row', 6, [6, 5, 4, 3, 2, 1]],
    ['banks-in-turn', 6, [3, 2, 1, 6, 5, 4]],
    ['alternating', 8, [7, 8, 5, 6, 3, 4, 1, 2]],
  ])('%s counted from the other end', (numbering, n, others) => {
    const all = others.map((_, i) => i + 1)
    expect(all.map((c) => fromOtherEnd(c, n, numbering))).toEqual(others)
    // Counted from the other end twice it is the same again.
    expect(all.map((c) => fromOtherEnd(fromOtherEnd(c, n, numbering), n, numbering))).toEqual(all)
  })
  it('says where a cylinder sits', () => {
    expect(cylinderPlace(4, 6, 'one-row', 'front', null)).toBe('fourth from the front')
    expect(cylinderPlace(5, 8, 'alternating', 'front', 'left')).toBe('third from the front, left bank')
    expect(cylinderPlace(6, 8, 'alternating', 'bulkhead', 'left')).toBe('third from the bulkhead, right bank')
    expect(cylinderPlace(4, 6, 'banks-in-turn', 'front', null)).toBe('first from the front, other bank')
  })
  it('reads intervals that go round, and no others', () => {
    expect(parseIntervals('90-150-90-150-90-150', 6)).toEqual([90, 150, 90, 150, 90, 150])
    for (const text of ['90-150', '120-120-120-120-120-121', '-120 240 120 120 120 240', 'even', ''])
      expect(parseIntervals(text, 6)).toBeNull()
  })
})
