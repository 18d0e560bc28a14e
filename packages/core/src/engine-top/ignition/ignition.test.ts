import fc from 'fast-check'
import { checkFiring, firingGroups } from './firingGroups.ts'
import { rotorPhasing } from './rotorPhasing.ts'

const even = (order: readonly number[], rails: readonly (readonly number[])[] = []) => firingGroups({ order, intervalsDeg: null, rails }) // prettier-ignore
const pairs = (p: readonly (readonly [number, number])[] | null) => p?.map((x) => [...x].sort((a, b) => a - b).join('-')).sort() // prettier-ignore

describe('firing groups, by hand', () => {
  it.each([
    ['inline four', [1, 3, 4, 2], ['1-4', '2-3']],
    ['flat four', [1, 4, 3, 2], ['1-3', '2-4']],
    ['inline six', [1, 5, 3, 6, 2, 4], ['1-6', '2-5', '3-4']],
    ['vee six', [1, 2, 3, 4, 5, 6], ['1-4', '2-5', '3-6']],
    ['vee eight', [1, 8, 4, 3, 6, 5, 7, 2], ['1-6', '2-3', '4-7', '5-8']],
    ['another vee eight', [1, 5, 4, 2, 6, 3, 7, 8], ['1-6', '2-8', '3-5', '4-7']],
  ])('%s: companions', (_name, order, wants) => expect(pairs(even(order).companions)).toEqual(wants))
  it('an inline five, and a vee six that fires unevenly, have no companions', () => {
    expect(even([1, 2, 4, 5, 3]).companions).toBeNull()
    expect(firingGroups({ order: [1, 6, 5, 4, 3, 2], intervalsDeg: [90, 150, 90, 150, 90, 150], rails: [] }).companions).toBeNull() // prettier-ignore
  })
  it('two groups alternate, and take as many from each rail where the order lets them', () => {
    const a = even([1, 8, 4, 3, 6, 5, 7, 2], [[1, 3, 5, 7], [2, 4, 6, 8]]) // prettier-ignore
    expect(a.groups).toEqual([[1, 4, 6, 7], [8, 3, 5, 2]]) // prettier-ignore
    expect([a.onRail, a.railsEven]).toEqual([[[2, 2], [2, 2]], true]) // prettier-ignore
    // Odd and even bank in turn: one group has one rail to itself.
    expect(even([1, 2, 3, 4, 5, 6], [[1, 3, 5], [2, 4, 6]])).toMatchObject({ onRail: [[3, 0], [0, 3]], railsEven: false }) // prettier-ignore
    expect(a.outputs.slice(0, 3)).toEqual([{ output: 1, cylinder: 1 }, { output: 2, cylinder: 8 }, { output: 3, cylinder: 4 }]) // prettier-ignore
  })
  it('what is no order is named', () => {
    expect(checkFiring({ order: [1, 3, 3, 2], intervalsDeg: null, rails: [] })).toMatchObject({ field: 'order' })
    expect(checkFiring({ order: [1, 2], intervalsDeg: [300, 400], rails: [] })).toMatchObject({ field: 'intervalsDeg', value: 700 }) // prettier-ignore
    expect(checkFiring({ order: [1, 2], intervalsDeg: null, rails: [[1]] })).toMatchObject({ field: 'rails' })
    expect(checkFiring({ order: [1, 2], intervalsDeg: null, rails: [[1], [2]] })).toBeNull()
  })
  it('companions stand 360° apart in any even order, and everyone has one', () => {
    fc.assert(
      fc.property(fc.constantFrom(2, 4, 6, 8, 10, 12).chain((n) => fc.shuffledSubarray(Array.from({ length: n }, (_, i) => i + 1), { minLength: n })), (order) => {
        const a = even(order)
        expect(a.companions!.flat().sort((x, y) => x - y)).toEqual([...order].sort((x, y) => x - y))
        for (const [x, y] of a.companions!) expect(Math.abs(a.atDeg[order.indexOf(x)]! - a.atDeg[order.indexOf(y)]!)).toBeCloseTo(360, 9)
      }),
      { seed: 254, numRuns: 80 },
    ) // prettier-ignore
  })
})

describe('the rotor under its terminal', () => {
  const c = { leastAdvanceDeg: 10, mostAdvanceDeg: 34, tipDeg: 12, terminalDeg: 6, seen: { pastDeg: 0, atAdvanceDeg: 10 }, pickUp: 'in-housing', referenceFixed: false } as const // prettier-ignore
  it('by hand: set at the least advance it stands twelve degrees before it at the most', () => {
    const a = rotorPhasing(c)
    // 24 crank degrees are 12 of the distributor; half of 12 + 6 is 9: three short.
    expect(a.ends[2]).toMatchObject({ pastDeg: -12, overlapDeg: -3 })
    expect(a).toMatchObject({ overlapDeg: -3, turnDeg: -6, referenceDeg: -12, how: 'housing', centredOverlapDeg: 3 })
    expect(rotorPhasing({ ...c, referenceFixed: true }).how).toBe('rotor-or-reluctor')
    expect(rotorPhasing({ ...c, pickUp: 'on-crank' }).referenceDeg).toBe(0)
  })
  it('turned as it says, both ends have the same overlap, and no other turn has more at its worse end', () => {
    const deg = (min: number, max: number) => fc.double({ min, max, noNaN: true })
    fc.assert(
      fc.property(deg(0, 20), deg(5, 40), deg(-20, 20), deg(-10, 10), (least, range, pastDeg, other) => {
        const x = { ...c, leastAdvanceDeg: least, mostAdvanceDeg: least + range, seen: { pastDeg, atAdvanceDeg: 12 } }
        // Terminals that go with the rotor's turning are further on: the rotor stands less far past them.
        const turnedBy = (t: number) => rotorPhasing({ ...x, seen: { ...x.seen, pastDeg: pastDeg - t } })
        const { turnDeg, centredOverlapDeg } = rotorPhasing(x)
        const [a, , b] = turnedBy(turnDeg).ends
        expect(a.overlapDeg).toBeCloseTo(b.overlapDeg, 9)
        expect(turnedBy(turnDeg).overlapDeg).toBeCloseTo(centredOverlapDeg, 9)
        expect(turnedBy(turnDeg + other).overlapDeg).toBeLessThanOrEqual(centredOverlapDeg + 1e-9)
      }),
      { seed: 255, numRuns: 100 },
    )
  })
})
