import fc from 'fast-check'
import { WIRE_CLASSES } from '../../sections/index.ts'
import { besideRun, exposureOfRun, type NoiseRun } from './besideRun.ts'

/** Sum over ten thousand steps: slow, and obviously the same. */
const bySteps = ({ angleDeg = 0, endSpacingM, lengthM, spacingM }: NoiseRun): number => {
  const a = (angleDeg * Math.PI) / 180
  const steps = 20_000
  let sum = 0
  for (let k = 0; k < steps; k++) {
    const t = (k + 0.5) / steps
    const s = (t - 0.5) * lengthM
    const d =
      angleDeg > 0 ? Math.hypot(spacingM, s * Math.sin(a)) : spacingM + ((endSpacingM ?? spacingM) - spacingM) * t
    sum += ((angleDeg > 0 ? Math.cos(a) : 1) / d) * (lengthM / steps)
  }
  return sum
}
const f = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const run = fc.record({ lengthM: f(0.05, 3), spacingM: f(0.005, 0.3), angleDeg: f(0, 90) })

describe('a run beside a source', () => {
  it.each<[string, NoiseRun, number]>([
    ['half a metre side by side at 20 mm', { lengthM: 0.5, spacingM: 0.02 }, 25],
    ['drawing apart from 20 to 100 mm: ln 5 over 80 mm', { lengthM: 0.5, spacingM: 0.02, endSpacingM: 0.1 }, 10.059],
    ['squarely across', { lengthM: 2, spacingM: 0.01, angleDeg: 90 }, 0],
    ['at 45°: twice the inverse sine of 35.36', { lengthM: 2, spacingM: 0.02, angleDeg: 45 }, 8.5176],
  ])('%s', (_, r, is) => expect(besideRun(r)).toBeCloseTo(is, 3))

  it('is the sum of length over spacing, step by step', () => {
    fc.assert(
      fc.property(run, f(0.005, 0.3), (r, endSpacingM) => {
        const crossing = { ...r, angleDeg: Math.max(1, r.angleDeg) }
        expect(besideRun(crossing)).toBeCloseTo(bySteps(crossing), 2)
        const apart = { lengthM: r.lengthM, spacingM: r.spacingM, endSpacingM }
        expect(besideRun(apart) / bySteps(apart)).toBeCloseTo(1, 3)
      }),
      { seed: 4, numRuns: 60 },
    )
  })

  it('never falls when the source comes nearer, and never rises when it is led across more squarely', () => {
    fc.assert(
      fc.property(run, f(0.1, 0.999), fc.constantFrom(...WIRE_CLASSES), fc.boolean(), (r, nearer, kind, shielded) => {
        const at = (change: Partial<NoiseRun>) => exposureOfRun(kind, { ...r, ...change }, shielded)
        expect(at({ spacingM: r.spacingM * nearer })).toBeGreaterThanOrEqual(at({}))
        expect(at({ angleDeg: r.angleDeg * nearer })).toBeGreaterThanOrEqual(at({}) - 1e-12)
        expect(at({ lengthM: r.lengthM * nearer })).toBeLessThanOrEqual(at({}) + 1e-12)
        expect(exposureOfRun(kind, r, shielded, false)).toBeGreaterThanOrEqual(at({}))
      }),
      { seed: 5, numRuns: 400 },
    )
  })
})
