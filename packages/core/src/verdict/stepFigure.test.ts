import fc from 'fast-check'
import { fromSi, UNITS, unitOf } from '../quantity/index.ts'
import { stepFigure } from './stepFigure.ts'

describe('figures of a working in the reader’s units', () => {
  it.each<[number, string, string, Record<string, string>, string]>([
    [86_900, 'Pa', 'dp', {}, '86.9\u2009kPa'],
    [86_900, 'Pa', 'dp', { pressure: 'psi' }, '12.6\u2009psi'],
    [101_325, 'Pa absolute', 'p', {}, '101\u2009kPa absolute'],
    [0.008, 'm', 'D', {}, '8.00\u2009mm'],
    [0.008, 'm', 'D', { bore: 'in' }, '0.315\u2009in'],
    [4.1, 'm', 'L', {}, '4.10\u2009m'],
    [298.15, 'K', 'T', {}, '25.0\u2009°C'],
    [12, 'K', 'dT', {}, '12 K'],
    [298.15, 'K', 'dT', {}, '298.15 K'],
    [1.5e-6, 'm', 'e', {}, '1.5·10⁻⁶ m'],
    [0.85, '', 'x', {}, '0.85'],
  ])('%d %s of %s', (value, unit, symbol, units, said) => expect(stepFigure(value, unit, symbol, units)).toBe(said))

  it('is the figure to half a part in a hundred, in whatever unit it is said', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 1e-9, max: 1e7, noNaN: true }),
        fc.constantFrom(...UNITS.pressure.map((u) => u.id)),
        (value, id) => {
          const said = stepFigure(value, 'Pa', 'p', { pressure: id })
          const u = unitOf('pressure', id)
          const own = said.endsWith(`\u2009${u.label}`) ? Number(said.split('\u2009')[0]) : null
          if (own !== null) expect(Math.abs(own - fromSi(value, u))).toBeLessThanOrEqual(0.0051 * fromSi(value, u))
          else expect(said).toMatch(/ Pa$/)
        },
      ),
      { seed: 22, numRuns: 300 },
    ))
})
