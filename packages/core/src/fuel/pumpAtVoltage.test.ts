import fc from 'fast-check'
import { pumpAtVoltage, stallVoltageV } from './pumpAtVoltage.ts'
import { checkPumpCurve } from './checkFuelCircuit.ts'
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
    const { curve, method, endsAtPa } = curveOf([at12, at14], 13)
    expect(method).toBe('two tables')
    expect(curve[0]!.flowM3S).toBeCloseTo(4.5e-5, 12)
    expect(curve[1]!.currentA).toBeCloseTo(6.2, 9)
    expect(endsAtPa).toBeCloseTo(900e3, 3)
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
      name: 'tables that cross',
      tables: [at12, { ...at14, points: [at14.points[0]!, { pressurePa: 400e3, flowM3S: 1.9e-5, currentA: 6 }] }],
      v: 13,
      code: 'tablesCross',
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

  it('a stiff pump is no stalled one: its flow falls at every voltage, where the rule alone would have it rise', () => {
    const stiff: PumpTable = {
      voltageV: 12,
      points: [
        { pressurePa: 0, flowM3S: 4e-5, currentA: 3 },
        { pressurePa: 300e3, flowM3S: 3.95e-5, currentA: 6 },
        { pressurePa: 500e3, flowM3S: 3.9e-5, currentA: 8 },
      ],
    }
    // At 14.8 V the rule says 5.12, 5.33 and 5.59e-5: rising.
    const { curve } = curveOf([stiff], 14.8)
    expect(curve.map((p) => p.flowM3S * 1e5)).toEqual([5.12, 5.095, 5.07].map((q) => expect.closeTo(q, 9)))
  })

  const f = (min: number, max: number) => fc.double({ min, max, noNaN: true })
  /** Falling tables from nearly level to steep, one or two; the higher voltage brings at least as much everywhere. */
  const arbTables: fc.Arbitrary<PumpTable[]> = fc
    .record({
      pressures: fc.uniqueArray(fc.integer({ min: 0, max: 900 }), { minLength: 2, maxLength: 6 }),
      falls: fc.array(f(1e-8, 2e-5), { minLength: 6, maxLength: 6 }),
      last: f(0, 3e-5),
      gain: f(0, 0.6),
      two: fc.boolean(),
    })
    .map(({ pressures, falls, last, gain, two }) => {
      const sorted = [...pressures].sort((a, b) => a - b).map((k) => k * 1e3)
      const flows = sorted.map((_, i) => last + falls.slice(i, sorted.length - 1).reduce((sum, q) => sum + q, 0))
      const table = (voltageV: number, scale: number): PumpTable => ({
        voltageV,
        points: sorted.map((pressurePa, i) => ({ pressurePa, flowM3S: flows[i]! * scale, currentA: 3 + i })),
      })
      return two ? [table(12, 1), table(13.5, 1 + gain)] : [table(12, 1)]
    })

  it('falls strictly by construction; a stall is said only where it brings nothing against no pressure', () => {
    const seen = { ok: 0, stalls: 0 }
    fc.assert(
      fc.property(arbTables, f(5, 18), (tables, v) => {
        const at = pumpAtVoltage(tables, v)
        if (at.ok) {
          seen.ok++
          expect(checkPumpCurve(at.value.curve, 'curve')).toEqual([])
          return
        }
        seen.stalls++
        expect(at.error.map((e) => e.code)).toEqual(['stalls'])
        // Independent of the curve: what the two rules give against no pressure, the tables prolonged to it.
        const [a, b] = tables.map((t) => {
          const [p, q] = t.points as [PumpTable['points'][0], PumpTable['points'][0]]
          return p.flowM3S + ((p.flowM3S - q.flowM3S) * p.pressurePa) / (q.pressurePa - p.pressurePa)
        })
        const free = b === undefined ? (a! * (v - 2)) / 10 : a! + ((v - 12) / 1.5) * (b - a!)
        expect(free).toBeLessThanOrEqual(1e-5 * a!)
      }),
      { seed: 32, numRuns: 2000 },
    )
    expect(Math.min(seen.ok, seen.stalls)).toBeGreaterThan(20)
  })

  it('more voltage never brings less, and above its tables never less than the table', () => {
    fc.assert(
      fc.property(arbTables, f(7, 18), f(0, 1), f(0, 900e3), (tables, v, less, pa) => {
        const low = pumpAtVoltage(tables, v - less)
        const high = pumpAtVoltage(tables, v)
        if (!low.ok || !high.ok) return
        const q = pumpFlowAt(high.value.curve, pa)
        expect(q).toBeGreaterThanOrEqual(pumpFlowAt(low.value.curve, pa) * (1 - 1e-9) - 1e-15)
        const top = tables.at(-1)!
        if (v >= top.voltageV && pa >= top.points[0]!.pressurePa && pa <= top.points.at(-1)!.pressurePa)
          expect(q).toBeGreaterThanOrEqual(pumpFlowAt(top.points, pa) * (1 - 1e-9) - 1e-15)
      }),
      { seed: 33, numRuns: 2000 },
    )
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
