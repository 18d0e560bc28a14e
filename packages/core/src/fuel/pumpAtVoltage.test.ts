import fc from 'fast-check'
import { pumpAtVoltage, stallVoltageV } from './pumpAtVoltage.ts'
import type { PumpTable } from '../parts/index.ts'
import { pumpFlowAt, pumpRiseAt } from './pumpCurve.ts'

const at12: PumpTable = {
  voltageV: 12,
  points: [
    { pressurePa: 0, flowM3S: 4e-5, currentA: 3 },
    { pressurePa: 400e3, flowM3S: 2e-5, currentA: 6 },
  ],
}
const at14: PumpTable = {
  voltageV: 14,
  points: [
    { pressurePa: 0, flowM3S: 5e-5, currentA: 3.4 },
    { pressurePa: 400e3, flowM3S: 3e-5, currentA: 6.4 },
  ],
}
const curveOf = (tables: PumpTable[], v: number) => {
  const at = pumpAtVoltage(tables, v)
  if (!at.ok) throw new Error(JSON.stringify(at.error))
  return at.value
}

describe('pump at a voltage', () => {
  it('lies straight between two tables, in flow and current', () => {
    const { curve, method, shutOffPa } = curveOf([at12, at14], 13)
    expect(method).toBe('two tables')
    expect(curve[0]!.flowM3S).toBeCloseTo(4.5e-5, 12)
    expect(curve[1]!.currentA).toBeCloseTo(6.2, 9)
    expect(shutOffPa).toBeCloseTo(900e3, 3)
  })

  it('gives back each table at its own voltage, and goes on straight beyond', () => {
    expect(curveOf([at12, at14], 12).curve[1]!.flowM3S).toBeCloseTo(2e-5, 12)
    expect(curveOf([at12, at14], 10).curve[1]!.flowM3S).toBeCloseTo(1e-5, 12)
  })

  it('ends where the flow reaches nothing', () => {
    const { curve } = curveOf([at12, at14], 7)
    // At 400 kPa it would be -0.5e-5; from 1.5e-5 at 0 kPa it reaches nothing at 300 kPa.
    expect(curve.at(-1)).toMatchObject({ flowM3S: 0 })
    expect(curve.at(-1)!.pressurePa).toBeCloseTo(300e3, 3)
  })

  it('with one table uses the stall voltage of the rule of thumb', () => {
    expect([300e3, 550e3, 0].map(stallVoltageV)).toEqual([4, 6.5, 2])
    // At 400 kPa V0 = 5: 2e-5 x (9 - 5)/(12 - 5)
    const { curve, method } = curveOf([at12], 9)
    expect(method).toBe('threshold')
    expect(curve[1]!.flowM3S).toBeCloseTo((2e-5 * 4) / 7, 12)
  })

  it.each([
    { name: 'no table', tables: [], v: 12, code: 'noTable' },
    { name: 'two tables of one voltage', tables: [at12, at12], v: 12, code: 'sameVoltage' },
    {
      name: 'a voltage at which it stalls',
      tables: [
        at12,
        {
          ...at14,
          points: [
            { pressurePa: 0, flowM3S: 8e-5, currentA: 1 },
            { pressurePa: 1, flowM3S: 7e-5, currentA: 1 },
          ],
        },
      ],
      v: 6,
      code: 'stalls',
    },
    {
      name: 'a rising table',
      tables: [{ voltageV: 12, points: [...at12.points].reverse() }],
      v: 12,
      code: 'curveNotSorted',
    },
  ])('refuses $name', ({ tables, v, code }) => {
    const at = pumpAtVoltage(tables, v)
    expect(at.ok ? null : at.error[0]!.code).toBe(code)
  })

  it('reads the same curve both ways', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 9e5, noNaN: true }), (pa) => {
        const { curve } = curveOf([at12, at14], 12.7)
        const q = pumpFlowAt(curve, pa)
        if (q > 0) expect(pumpRiseAt(curve, q)).toBeCloseTo(pa, 3)
      }),
      { seed: 31 },
    )
  })
})
