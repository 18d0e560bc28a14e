import fc from 'fast-check'
import { lineVolumeM3, prime, type PrimeCase } from './prime.ts'
import { pumpFlowAt } from './pumpCurve.ts'

const LH = 1 / 3.6e6
const curve = [
  { pressurePa: 0, flowM3S: 120 * LH },
  { pressurePa: 600e3, flowM3S: 0 },
]
const base: PrimeCase = {
  curve,
  lineM3: 200e-6,
  filterM3: 200e-6,
  railM3: 100e-6,
  setPressurePa: 300e3,
  trappedShare: 0,
  primeS: 2,
}

/** The same by small steps in time: what the pump brings at the pressure that stands is pressed in. */
const byTimeStepsS = (c: PrimeCase, stepS: number): number => {
  const airPa = 101_325
  const volumeM3 = c.lineM3 + c.filterM3 + c.railM3
  const trappedM3 = c.trappedShare * c.railM3
  const givesM3Pa = (pa: number) => (volumeM3 * 0.002) / 300e3 + (trappedM3 * airPa) / (airPa + pa) ** 2
  let pa = 0
  let s = 0
  while (pa < c.setPressurePa) {
    const rate = pumpFlowAt(c.curve, pa) / givesM3Pa(pa)
    const half = pa + (rate * stepS) / 2
    pa += (pumpFlowAt(c.curve, half) / givesM3Pa(half)) * stepS
    s += stepS
  }
  return s
}

describe('prime', () => {
  // 0.5 L at 120 L/h is 15 s. Pressing, flow falling straight to nothing at 600 kPa: 2e-6 m³ x ln 2 over 33.3 cm³/s.
  it('half a litre at 120 L/h fills in 15 s: eight turns of the key', () => {
    const p = prime(base)
    expect(p.wetS).toBeCloseTo((2e-6 * Math.LN2) / (120 * LH), 8)
    expect(p.dryS).toBeCloseTo(15 + p.wetS, 9)
    expect([p.dryCycles, p.wetCycles]).toEqual([8, 1])
  })
  // Closed form by partial fractions, with the air's pressure a, the pump's shut-off P and the set pressure s.
  it('air in a dead-ended rail is pressed together by Boyle', () => {
    const p = prime({ ...base, trappedShare: 0.5 })
    const [a, P, s] = [101_325, 600e3, 300e3]
    const integral = (1 / a - 1 / (a + s)) / (P + a) + (Math.log((a + s) / a) + Math.log(P / (P - s))) / (P + a) ** 2
    const airS = ((50e-6 * a * P) / (120 * LH)) * integral
    expect(p.trappedM3 * 1e6).toBeCloseTo(50, 9)
    expect(p.wetS).toBeCloseTo((2e-6 * Math.LN2) / (120 * LH) + airS, 5)
  })
  it('a curve with a knee is pressed up piece by piece, as small steps in time find too', () => {
    const f = (min: number, max: number) => fc.double({ min, max, noNaN: true })
    fc.assert(
      fc.property(f(0.05, 0.9), f(0.3, 0.98), f(0, 0.6), f(100e3, 500e3), (at, left, trappedShare, setPressurePa) => {
        const shutPa = setPressurePa * 1.15
        const kneed = [
          { pressurePa: 0, flowM3S: 120 * LH },
          { pressurePa: at * shutPa, flowM3S: 120 * LH * (1 - (1 - left) * at) },
          { pressurePa: shutPa, flowM3S: 0 },
        ]
        const c = { ...base, curve: kneed, trappedShare, setPressurePa }
        const { wetS } = prime(c)
        expect(Math.abs(byTimeStepsS(c, wetS / 4000) / wetS - 1)).toBeLessThan(2e-3)
      }),
      { seed: 14, numRuns: 60 },
    )
  })
  it('a pump that brings nothing against the set pressure never gets there', () =>
    expect(prime({ ...base, setPressurePa: 650e3 })).toMatchObject({ wetS: Infinity, wetCycles: Infinity }))
  it('4 m of 8 mm hold 0.201 L', () => expect(lineVolumeM3(0.008, 4) * 1e3).toBeCloseTo(0.20106, 5))
})
