import type { FuelCircuit, FuelCircuitAnswer } from './circuitTypes.ts'
import { solveFuelCircuit } from './solveFuelCircuit.ts'
import { plainCircuit } from './test/circuits.ts'

const solved = (change: Partial<FuelCircuit> = {}): FuelCircuitAnswer => {
  const answer = solveFuelCircuit(plainCircuit(change))
  if (!answer.ok) throw new Error(JSON.stringify(answer.error))
  return answer.value
}
const bare = { boreM: 0.008, lengthM: 0, roughnessM: 0, minorK: 0, riseM: 0 }
const regulator = plainCircuit().regulator

describe('fuel circuit, hand-checked', () => {
  it('in control: without losses the pump works at the set pressure, 300 kPa -> 5e-5 m³/s', () => {
    const a = solved({ strainer: null, filter: null, feed: bare, return: null })
    expect(a).toMatchObject({
      state: 'in-control',
      cause: null,
      railPa: 300e3,
      returnDropPa: 0,
      regulatorBackPa: 0,
      return: null,
    })
    expect(a.pumpFlowM3S).toBeCloseTo(5e-5, 12)
    expect(a.returnFlowM3S).toBeCloseTo(4e-5, 12)
    // v = 4 x 5e-5/(pi x 0.008²) = 0.99472 m/s, Re = 0.99472 x 0.008/0.6e-6
    expect(a.feed.velocityMS).toBeCloseTo(0.99472, 5)
    expect(a.feed.reynolds).toBeCloseTo(13262.9, 1)
  })

  it('the regulator slope adds to the set figure: 300 kPa + 1e9 Pa/(m³/s) x return flow', () => {
    const a = solved({
      strainer: null,
      filter: null,
      feed: bare,
      return: null,
      regulator: { ...regulator, slopePaPerM3S: 1e9 },
    })
    // q = 5e-5 - (p - 300e3) x 7.5e-11 above 300 kPa, p = 300e3 + 1e9 (q - 1e-5): p = 337209.3, q = 4.72093e-5
    expect(a.railPa).toBeCloseTo(337_209.3, 0)
    expect(a.pumpFlowM3S).toBeCloseTo(4.72093e-5, 9)
  })

  it('not maintained by the pump: 4e-5 m³/s demand gives 300 + 200 x 10/15 kPa, below 500 kPa', () => {
    const a = solved({
      strainer: null,
      filter: null,
      feed: bare,
      return: null,
      demandM3S: 4e-5,
      regulator: { ...regulator, setPressurePa: 500e3 },
    })
    expect(a).toMatchObject({ state: 'not-held', cause: 'pump', returnFlowM3S: 0 })
    expect(a.railPa).toBeCloseTo(433_333.3, 0)
  })

  it('not maintained by the line: the pump could, a thin feed takes it', () => {
    const a = solved({ demandM3S: 4.9e-5, feed: { ...bare, boreM: 0.004, lengthM: 4 } })
    expect(a).toMatchObject({ state: 'not-held', cause: 'line' })
    expect(a.railPa!).toBeLessThan(300e3)
  })

  it('lifted by the return: K alone, 40 rho v²/2 against a 20 kPa regulator', () => {
    const a = solved({
      strainer: null,
      filter: null,
      feed: bare,
      demandM3S: 0,
      pump: {
        curve: [
          { pressurePa: 0, flowM3S: 5.0001e-5 },
          { pressurePa: 1e6, flowM3S: 5e-5 },
        ],
      },
      return: { ...bare, boreM: 0.005, minorK: 40 },
      regulator: { type: 'return', setPressurePa: 100e3, fullOpen: { flowM3S: 5e-5, dropPa: 20e3 } },
    })
    // v = 4 x 5e-5/(pi x 0.005²) = 2.54648 m/s; 40 x 745 x 2.54648²/2 = 96.62 kPa; + 20 kPa
    expect(a).toMatchObject({ state: 'lifted', cause: 'return' })
    expect(a.railPa! / 1e3).toBeCloseTo(116.62, 1)
    expect(a.regulatorBackPa! / 1e3).toBeCloseTo(96.62, 1)
  })

  it('lifted by the regulator: its own wide-open loss exceeds the set figure even into a lossless return', () => {
    const a = solved({
      regulator: { type: 'return', setPressurePa: 80e3, fullOpen: { flowM3S: 3e-5, dropPa: 60e3 } },
      demandM3S: 0,
    })
    expect(a).toMatchObject({ state: 'lifted', cause: 'regulator' })
  })

  it('starved: pressures are null, the flow is that of a rail at zero', () => {
    const a = solved({ strainer: null, filter: null, feed: bare, return: null, demandM3S: 8e-5 })
    expect(a).toMatchObject({
      state: 'starved',
      cause: 'pump',
      railPa: null,
      pumpInletPa: null,
      returnFlowM3S: 0,
      effectiveSetPa: 300e3,
    })
    expect(a.pumpFlowM3S).toBeCloseTo(6e-5, 12)
  })

  it('single line: the rail lies below the held point by the loss of the demand alone', () => {
    const a = solved({
      filter: { flowM3S: 1e-5, dropPa: 3000, linearShare: 1, position: 'after-regulator' },
      feed: { ...bare, riseM: 0.5, minorK: 10 },
      return: null,
      regulator: { ...regulator, type: 'single-line' },
    })
    // 10 x 745 x 0.19894²/2 = 147.4 Pa; column 745 x 9.80665 x 0.5 = 3653.0 Pa; filter 3000 Pa
    expect(a).toMatchObject({ state: 'in-control', regulatedPa: 300e3, filterDropPa: 3000, feedFlowM3S: 1e-5 })
    expect(a.railPa).toBeCloseTo(300e3 - 147.4 - 3653.0 - 3000, 0)
  })

  it('single line whose feed eats the whole pressure is starved by the line, flows those of a rail at zero', () => {
    const a = solved({
      strainer: null,
      filter: null,
      return: null,
      demandM3S: 4e-5,
      feed: { ...bare, boreM: 0.001, minorK: 30 },
      regulator: { ...regulator, type: 'single-line' },
    })
    // 30 rho v²/2 = 300 kPa at v = 5.1813 m/s -> 4.0694e-6 m³/s through 1 mm
    expect(a).toMatchObject({ state: 'starved', cause: 'line' })
    expect(a.feedFlowM3S * 1e6).toBeCloseTo(4.0694, 3)
    expect(a.pumpFlowM3S).toBeCloseTo(5e-5, 10)
  })

  it('the static column counts in both lines, in the back pressure, and not in the drops', () => {
    const a = solved({ demandM3S: 0 })
    const column = 745 * 9.80665 * 0.4
    expect(a.pumpOutletPa! - a.filterDropPa! - a.feedDropPa! - column).toBeCloseTo(a.railPa!, 3)
    expect(a.regulatorBackPa).toBeCloseTo(a.returnDropPa! - column, 6)
  })

  it('tank pressure stands at both ends', () => {
    const a = solved({ tankPressurePa: 5e3, return: null, strainer: null })
    expect(a.pumpInletPa).toBe(5e3)
    expect(a.regulatorBackPa).toBe(5e3)
  })
})

describe('fuel circuit, breaking cases', () => {
  it('a regulator against a column higher than its set figure opens, passes nothing and says lifted', () => {
    const a = solved({
      return: { ...bare, riseM: 20 },
      demandM3S: 4e-5,
      pump: {
        curve: [
          { pressurePa: 0, flowM3S: 5e-5 },
          { pressurePa: 650e3, flowM3S: 0 },
        ],
      },
      regulator: { type: 'return', setPressurePa: 100e3, fullOpen: null },
    })
    expect(a).toMatchObject({ state: 'lifted', cause: 'return', returnFlowM3S: 0 })
  })

  it('a demand of nothing against a pump that cannot reach the set figure rests at shut-off', () => {
    const a = solved({ demandM3S: 0, feed: bare, regulator: { ...regulator, setPressurePa: 2e6 } })
    // 500 kPa + 200/1.5e-5 x 3.5e-5 = 966.7 kPa
    expect(a).toMatchObject({ state: 'not-held', cause: 'pump', pumpFlowM3S: 0 })
    expect(a.railPa! / 1e3).toBeCloseTo(966.67, 2)
  })

  it('reports the inlet margin and warns of vapour', () => {
    const a = solved({ vapourPressurePa: 120e3 })
    expect(a.inletMarginPa).toBeCloseTo(101_325 - a.strainerDropPa! - 120e3, 6)
    expect(a.warnings.join()).toMatch(/vapour/)
    expect(solved().inletMarginPa).toBeNull()
  })

  it('warns of an inlet below absolute zero', () => {
    expect(solved({ strainer: { flowM3S: 5e-5, dropPa: 150e3 } }).warnings.join()).toMatch(/absolute zero/)
  })

  it.each([
    {
      name: 'one point',
      change: { pump: { curve: [{ pressurePa: 0, flowM3S: 1 }] } },
      code: 'curveTooShort',
      field: 'pump.curve',
    },
    {
      name: 'unsorted',
      change: {
        pump: {
          curve: [
            { pressurePa: 5, flowM3S: 2 },
            { pressurePa: 5, flowM3S: 1 },
          ],
        },
      },
      code: 'curveNotSorted',
      field: 'pump.curve.1.pressurePa',
    },
    {
      name: 'flat',
      change: {
        pump: {
          curve: [
            { pressurePa: 5, flowM3S: 1 },
            { pressurePa: 6, flowM3S: 1 },
          ],
        },
      },
      code: 'curveNotFalling',
      field: 'pump.curve.1.flowM3S',
    },
    {
      name: 'vacuum larger than set',
      change: { regulator: { ...regulator, referencePa: -300e3 } },
      code: 'effectiveSetNotPositive',
      field: 'regulator.referencePa',
    },
    {
      name: 'filter after a return regulator',
      change: { filter: { flowM3S: 1, dropPa: 1, position: 'after-regulator' as const } },
      code: 'filterAfterReturnRegulator',
      field: 'filter.position',
    },
  ])('refuses $name, naming the field', ({ change, code, field }) => {
    const answer = solveFuelCircuit(plainCircuit(change))
    expect(answer.ok || answer.error[0]).toMatchObject({ code, field })
  })
})
