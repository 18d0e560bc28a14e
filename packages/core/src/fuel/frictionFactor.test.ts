import fc from 'fast-check'
import { frictionFactor } from './frictionFactor.ts'

describe('friction factor', () => {
  // Turbulent rows: Colebrook-White by two hundred fixed-point steps f <- (-2 log10(...))^-2, outside this code.
  it.each([
    { name: 'laminar, Re 1000', re: 1000, k: 0, f: 0.064 },
    { name: 'end of laminar', re: 2000, k: 0.01, f: 0.032 },
    { name: 'smooth, Re 1e4', re: 1e4, k: 0, f: 0.030885 },
    { name: 'smooth, Re 1e5', re: 1e5, k: 0, f: 0.017991 },
    { name: 'k/d 0.01, Re 1e5', re: 1e5, k: 0.01, f: 0.038504 },
    { name: 'k/d 0.05, Re 1e6', re: 1e6, k: 0.05, f: 0.071574 },
  ])('is $f: $name', ({ re, k, f }) => expect(frictionFactor(re, k)).toBeCloseTo(f, 5))

  it('satisfies the Colebrook-White equation everywhere above Re 4000', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 4000, max: 1e8, noNaN: true }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        (re, k) => {
          const f = frictionFactor(re, k)
          const right = -2 * Math.log10(k / 3.7 + 2.51 / (re * Math.sqrt(f)))
          expect(1 / Math.sqrt(f) / right).toBeCloseTo(1, 9)
        },
      ),
      { seed: 3, numRuns: 500 },
    )
  })

  it('gives a loss (f Re²) that rises strictly with flow through the transition', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        fc.double({ min: 500, max: 9000, noNaN: true }),
        (k, re) => {
          const next = re * 1.001
          expect(frictionFactor(next, k) * next * next).toBeGreaterThan(frictionFactor(re, k) * re * re)
        },
      ),
      { seed: 4, numRuns: 2000 },
    )
  })

  it.each([2000, 4000])('has neither step nor kink at Re %d', (re) => {
    const h = 0.01
    const before = (frictionFactor(re, 0.01) - frictionFactor(re - h, 0.01)) / h
    const after = (frictionFactor(re + h, 0.01) - frictionFactor(re, 0.01)) / h
    expect(after / before).toBeCloseTo(1, 3)
  })
})
