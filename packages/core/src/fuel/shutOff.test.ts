import fc from 'fast-check'
import type { PumpPart, PumpTable } from '../parts/index.ts'
import { pumpAtVoltage } from './pumpAtVoltage.ts'
import { shutOffAt } from './shutOff.ts'

/** Falling straight to nothing at a pressure. */
const table = (voltageV: number, shutOffPa: number): PumpTable => ({
  voltageV,
  points: [
    { pressurePa: 0, flowM3S: 4e-5, currentA: 3 },
    { pressurePa: shutOffPa, flowM3S: 0, currentA: 7 },
  ],
})
type Sheet = Pick<PumpPart, 'works' | 'reliefPa' | 'tables'>
const one: Sheet = { works: 'turbine', reliefPa: null, tables: [table(12, 700e3)] }
const two: Sheet = { ...one, tables: [table(12, 700e3), { ...table(13.5, 800e3), points: table(13.5, 800e3).points.map((p) => ({ ...p, flowM3S: 1.2 * p.flowM3S })) }] } // prettier-ignore

describe('what a pump reaches with its outlet closed', () => {
  it.each<[string, Sheet, number, number | null, string]>([
    // 700 x (14.8/12)² = 1064.8
    ['one table, beyond it: the square of the voltage', one, 14.8, 1064.78e3, 'voltage-squared'],
    ['one table, at it', one, 12, 700e3, 'sheet'],
    // Straight between 700 and 800 is 750; the curve itself, -0.57 and 0.6e-5 m³/s mixed at 700 and 800, ends at 751.2.
    ['two tables, between them, not below their own curve', two, 12.75, 751.22e3, 'sheet'],
    // 800 x (14.8/13.5)² = 961.5
    ['two tables, beyond: from the nearer one', two, 14.8, 961.49e3, 'voltage-squared'],
    ['a relief valve bounds it', { ...one, reliefPa: 900e3 }, 14.8, 900e3, 'relief-valve'],
    ['a relief valve that never opens does not', { ...one, reliefPa: 1.2e6 }, 14.8, 1064.78e3, 'voltage-squared'],
    [
      'a roller pump: its relief valve',
      { ...one, works: 'positive-displacement', reliefPa: 850e3 },
      14.8,
      850e3,
      'relief-valve',
    ],
    [
      'a roller pump without one on its sheet: not known',
      { ...one, works: 'positive-displacement' },
      14.8,
      null,
      'not-known',
    ],
  ])('%s', (_what, sheet, v, pa, by) => {
    const at = shutOffAt(sheet, v)
    expect(at.mostPa === null ? null : at.mostPa / 1e3).toEqual(pa === null ? null : expect.closeTo(pa / 1e3, 1))
    expect(at).toMatchObject({ by, kindKnown: true })
  })
  it('a pump whose sheet does not say how it works is taken as a turbine pump, and that is said', () =>
    expect(shutOffAt({ ...one, works: null }, 14.8)).toMatchObject({ by: 'voltage-squared', kindKnown: false }))
  it('a sheet that cannot be computed with tells nothing', () =>
    expect(shutOffAt({ ...one, tables: [table(12, 700e3), table(12, 800e3)] }, 13)).toMatchObject({ mostPa: null }))

  const f = (min: number, max: number) => fc.double({ min, max, noNaN: true })
  it('never falls with voltage, and is never less than where the curve used at that voltage ends', () => {
    fc.assert(
      fc.property(f(200e3, 1e6), f(1, 1.4), fc.boolean(), f(6, 17), f(0, 1), (p0, gain, both, v, more) => {
        const high = table(13.5, gain * p0)
        const tables = both
          ? [table(12, p0), { ...high, points: high.points.map((p) => ({ ...p, flowM3S: 1.3 * p.flowM3S })) }]
          : [table(12, p0)]
        const sheet: Sheet = { works: 'turbine', reliefPa: null, tables }
        const [low, hi] = [shutOffAt(sheet, v).mostPa!, shutOffAt(sheet, v + more).mostPa!]
        expect(hi).toBeGreaterThanOrEqual(low * (1 - 1e-9))
        const at = pumpAtVoltage(tables, v)
        if (at.ok) expect(low).toBeGreaterThanOrEqual(at.value.endsAtPa * (1 - 1e-9))
      }),
      { seed: 41, numRuns: 1000 },
    )
  })
})
