import fc from 'fast-check'
import { elementDropPa } from './elementLoss.ts'
import { columnPa, lineDropPa, lineFlow } from './lineLoss.ts'

const petrol = { densityKgM3: 745, kinematicViscosityM2S: 0.6e-6 }
const line = { boreM: 0.008, lengthM: 4, roughnessM: 0, minorK: 0, riseM: 0.5 }

describe('loss of a line', () => {
  // By hand. 1e-5 m³/s in 8 mm: v = 0.198944, Re = 2652.6 (between the laws). 5e-6: Re 1326.3, f = 64/Re = 0.048254,
  // dp = 0.048254 x 4/0.008 x 745 x 0.099472²/2 = 88.93 Pa. 5e-5: Re 13262.9, f = 0.028678, dp = 5285.0 Pa.
  it.each([
    { name: 'laminar', flowM3S: 5e-6, K: 0, dropPa: 88.93 },
    { name: 'turbulent, smooth', flowM3S: 5e-5, K: 0, dropPa: 5285 },
    { name: 'a loss coefficient of 2 adds 2 rho v²/2', flowM3S: 5e-5, K: 2, dropPa: 5285 + 737.15 },
    { name: 'no flow', flowM3S: 0, K: 5, dropPa: 0 },
  ])('$name: $dropPa Pa', ({ flowM3S, K, dropPa }) => {
    const found = lineDropPa({ ...line, minorK: K }, flowM3S, petrol)
    expect(Math.abs(found - dropPa)).toBeLessThan(0.002 * dropPa + 1e-9)
  })

  it('old corroded tube of 150 micron about doubles the loss of a smooth one', () => {
    const ratio =
      lineDropPa({ ...line, boreM: 0.0065, roughnessM: 150e-6 }, 5e-5, petrol) /
      lineDropPa({ ...line, boreM: 0.0065 }, 5e-5, petrol)
    expect(ratio).toBeGreaterThan(1.7)
    expect(ratio).toBeLessThan(2.4)
  })

  it('the column is rho g h, whatever flows', () => {
    expect(columnPa(0.5, petrol)).toBeCloseTo(3652.98, 1)
    expect(columnPa(-0.5, petrol)).toBeCloseTo(-3652.98, 1)
  })

  it('velocity and Reynolds number', () => {
    const { velocityMS, reynolds } = lineFlow(5e-5, 0.008, petrol)
    expect(velocityMS).toBeCloseTo(0.99472, 5)
    expect(reynolds).toBeCloseTo(13_262.9, 1)
  })

  it('rises strictly with flow and falls strictly with bore', () => {
    const decades = (a: number, b: number) =>
      fc.double({ min: Math.log(a), max: Math.log(b), noNaN: true }).map(Math.exp)
    fc.assert(
      fc.property(
        decades(1e-7, 2e-4),
        decades(0.003, 0.02),
        fc.double({ min: 0.01, max: 20, noNaN: true }),
        (q, boreM, lengthM) => {
          const at = (flow: number, bore: number) => lineDropPa({ ...line, boreM: bore, lengthM }, flow, petrol)
          expect(at(q * 1.01, boreM)).toBeGreaterThan(at(q, boreM))
          expect(at(q, boreM * 1.01)).toBeLessThan(at(q, boreM))
        },
      ),
      { seed: 81, numRuns: 1000 },
    )
  })
})

describe('loss of an element', () => {
  const at = (linearShare: number | undefined, q: number) =>
    elementDropPa({ flowM3S: 2e-5, dropPa: 8000, linearShare }, q)
  it.each([
    { name: 'at its point', share: 0.3, q: 2e-5, dropPa: 8000 },
    { name: 'half flow, linear', share: 1, q: 1e-5, dropPa: 4000 },
    { name: 'half flow, quadratic', share: 0, q: 1e-5, dropPa: 2000 },
    { name: 'half flow, half and half', share: 0.5, q: 1e-5, dropPa: 3000 },
    { name: 'quadratic where nothing is said', share: undefined, q: 4e-5, dropPa: 32_000 },
    { name: 'no flow', share: 1, q: 0, dropPa: 0 },
  ])('$name: $dropPa Pa', ({ share, q, dropPa }) => expect(at(share, q)).toBeCloseTo(dropPa, 9))
  it('is nothing where there is none', () => expect(elementDropPa(null, 1e-5)).toBe(0))
})
