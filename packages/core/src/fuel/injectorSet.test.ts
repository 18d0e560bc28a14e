import fc from 'fast-check'
import { deadTimeAt, pressureForMixturePa, rankInjectorSets } from './injectorSet.ts'

const ms = (v: number) => v * 1e-3
const ccMin = (v: number) => v * (1e-6 / 60)

describe('dead time against voltage', () => {
  const table = [
    { voltageV: 14, deadTimeS: ms(0.8) },
    { voltageV: 8, deadTimeS: ms(2) },
    { voltageV: 12, deadTimeS: ms(1.1) },
  ]
  it.each([
    [8, 2],
    [10, 1.55],
    [13, 0.95],
    [15, 0.65],
    [6, 2.45],
  ])('at %d V %d ms, straight between the points of the sheet', (v, expected) =>
    expect(deadTimeAt(table, v) * 1e3).toBeCloseTo(expected, 9),
  )
  it('one figure: 0.12 ms more for each volt less, never below nothing', () => {
    expect(deadTimeAt([{ voltageV: 13.5, deadTimeS: ms(0.9) }], 11)).toBeCloseTo(ms(1.2), 9)
    expect(deadTimeAt([{ voltageV: 13.5, deadTimeS: ms(0.1) }], 16)).toBe(0)
  })
})

describe('injector sets', () => {
  const point = { railPa: 300e3, tipPa: 0, fuelDensityKgM3: 745, openingsPerCycle: 2 }
  const c = {
    idle: { ...point, demandKgS: 0.4e-3, speedRpm: 800 },
    full: { ...point, demandKgS: 16e-3, speedRpm: 5200 },
    idleVoltageV: 13.5,
    fullVoltageV: 13.5,
    candidates: [150, 250, 330, 450, 900].map((cc) => ({
      id: String(cc),
      count: 6,
      ratedFlowM3S: ccMin(cc),
      ratedPressurePa: 300e3,
      deadTimes: [{ voltageV: 13.5, deadTimeS: ms(0.9) }],
      mostPressurePa: cc === 450 ? 250e3 : null,
    })),
  }
  it('puts those that fit first and says why the others do not', () => {
    const ranked = rankInjectorSets(c)
    expect(ranked.map((r) => r.fits)).toEqual([true, false, false, false, false])
    expect(ranked[0]!.id).toBe('330')
    expect(ranked.find((r) => r.id === '150')!.why).toMatch(/too small/)
    expect(ranked.find((r) => r.id === '450')!.why).toMatch(/cannot open/)
    expect(ranked.find((r) => r.id === '900')!.why).toMatch(/too large/)
  })
  it('an engine that asks for more than the dynamic range has no set that fits', () => {
    for (const r of rankInjectorSets(c)) expect(r.fits && r.dynamicRange < r.neededRange).toBe(false)
    const wide = { ...c, idle: { ...c.idle, demandKgS: 0.1e-3 } }
    expect(rankInjectorSets(wide).map((r) => [r.fits, r.dynamicRange < r.neededRange])).toEqual(
      Array.from({ length: 5 }, () => [false, true]),
    )
  })
  it('73.5 % of duty stands before 75.8: nearest to 75 from below, what passes it behind', () => {
    // Duty is (dead time + effective)/time per opening: two rates chosen for just these.
    const dutyOf = (cc: number) =>
      rankInjectorSets({ ...c, candidates: [{ ...c.candidates[0]!, id: 'x', ratedFlowM3S: ccMin(cc) }] })[0]!.duty
    const rateFor = (duty: number) => {
      let [low, high] = [150, 900]
      for (let i = 0; i < 60; i++) {
        const mid = (low + high) / 2
        if (dutyOf(mid) > duty) low = mid
        else high = mid
      }
      return low
    }
    const set = (duty: number) => ({ ...c.candidates[0]!, id: String(duty), ratedFlowM3S: ccMin(rateFor(duty)) })
    const ranked = rankInjectorSets({
      ...c,
      idle: { ...c.idle, demandKgS: 1e-3 },
      candidates: [set(0.758), set(0.6), set(0.735), set(0.79)],
    })
    expect(ranked.map((r) => [r.id, r.fits])).toEqual([
      ['0.735', true],
      ['0.6', true],
      ['0.758', true],
      ['0.79', true],
    ])
  })
  it('no set stands before one that the words would put ahead of it, compared with every other', () => {
    const f = (min: number, max: number) => fc.double({ min, max, noNaN: true })
    fc.assert(
      fc.property(
        fc.array(f(150, 900), { minLength: 2, maxLength: 8 }),
        f(5e-3, 16e-3),
        f(0.3e-3, 1e-3),
        (rates, full, idle) => {
          const ranked = rankInjectorSets({
            ...c,
            idle: { ...c.idle, demandKgS: idle },
            full: { ...c.full, demandKgS: full },
            candidates: rates.map((cc, i) => ({ ...c.candidates[0]!, id: `s${i}`, ratedFlowM3S: ccMin(cc) })),
          })
          const ahead = (a: (typeof ranked)[0], b: (typeof ranked)[0]): boolean => {
            if (a.fits !== b.fits) return a.fits
            const [pa, pb] = [a.duty > 0.75, b.duty > 0.75]
            if (pa !== pb) return pb
            return pa ? a.duty < b.duty : a.duty > b.duty
          }
          ranked.forEach((a, i) => ranked.slice(i + 1).forEach((b) => expect(ahead(b, a)).toBe(false)))
        },
      ),
      { seed: 22, numRuns: 300 },
    )
  })
  it('a larger injector never has more duty nor a longer idle pulse', () => {
    const [small, , large] = [250, 330, 450].map(
      (cc) => rankInjectorSets({ ...c, candidates: c.candidates.filter((x) => x.id === String(cc)) })[0]!,
    )
    expect(large!.duty).toBeLessThan(small!.duty)
    expect(large!.idlePulseS).toBeLessThan(small!.idlePulseS)
  })
})

describe('base pressure as a lever', () => {
  // lambda 1.05 to 1.00: dp x 1.1025
  it('5 % richer takes 10.25 % more across the injector', () =>
    expect(pressureForMixturePa(300e3, 1.05, 1)).toBeCloseTo(330_750, 6))
  it('there and back again is nothing', () => {
    const f = fc.double({ min: 0.7, max: 1.3, noNaN: true })
    fc.assert(
      fc.property(f, f, (a, b) => {
        expect(pressureForMixturePa(pressureForMixturePa(1e5, a, b), b, a)).toBeCloseTo(1e5, 4)
      }),
      { seed: 21 },
    )
  })
})
