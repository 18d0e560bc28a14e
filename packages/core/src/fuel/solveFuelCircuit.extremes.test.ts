import fc from 'fast-check'
import { checkPumpCurve } from './checkFuelCircuit.ts'
import type { FuelCircuit } from './circuitTypes.ts'
import { solveFuelCircuit } from './solveFuelCircuit.ts'

/** A figure anywhere in its range, its ends and the smallest ones as likely as the middle. */
const anywhere = (min: number, max: number): fc.Arbitrary<number> =>
  fc.oneof(
    fc.constantFrom(min, max),
    fc.double({ min, max, noNaN: true }),
    fc.double({ min: -14, max: 0, noNaN: true }).map((e) => Math.min(max, Math.max(min, min + (max - min) * 10 ** e))),
  )

const arbLoss = fc.record({ flowM3S: anywhere(1e-9, 0.05), dropPa: anywhere(0, 5e6), linearShare: anywhere(0, 1) })
const arbLine = fc
  .record({
    boreM: anywhere(0.0005, 0.1),
    lengthM: anywhere(0, 100),
    roughnessM: anywhere(0, 1e-3),
    minorK: anywhere(0, 10_000),
    riseM: anywhere(-20, 20),
  })
  .map((l) => ({ ...l, roughnessM: Math.min(l.roughnessM, 0.5 * l.boreM) }))
const arbCurve = fc
  .tuple(
    fc.uniqueArray(anywhere(0, 5e6), { minLength: 2, maxLength: 12 }),
    fc.uniqueArray(anywhere(0, 0.05), { minLength: 2, maxLength: 12 }),
  )
  .map(([pressures, flows]) => {
    const count = Math.min(pressures.length, flows.length)
    const p = pressures.slice(0, count).sort((a, b) => a - b)
    const q = flows.slice(0, count).sort((a, b) => b - a)
    return p.map((pressurePa, i) => ({ pressurePa, flowM3S: q[i]! }))
  })
  .filter((curve) => checkPumpCurve(curve, 'curve').length === 0)

/** Every circuit that the calculator's schema lets in, however absurd. Ranges as in the contract. */
const arbExtreme: fc.Arbitrary<FuelCircuit> = fc
  .record({
    fluid: fc.record({ densityKgM3: anywhere(500, 1200), kinematicViscosityM2S: anywhere(1e-8, 1e-4) }),
    tankPressurePa: anywhere(-50e3, 100e3),
    strainer: fc.option(arbLoss),
    pump: fc.record({ curve: arbCurve }),
    filter: fc.option(arbLoss),
    feed: arbLine,
    return: fc.option(arbLine),
    demandM3S: anywhere(0, 0.05),
    type: fc.constantFrom('return' as const, 'single-line' as const),
    after: fc.boolean(),
    setPressurePa: anywhere(1e3, 2e6),
    referencePa: anywhere(-101_325, 1e6),
    fullOpen: fc.option(fc.record({ flowM3S: anywhere(1e-9, 0.05), dropPa: anywhere(0, 5e6) })),
    slopePaPerM3S: anywhere(0, 1e12),
  })
  .map(({ type, after, setPressurePa, referencePa, fullOpen, slopePaPerM3S, ...rest }) => ({
    ...rest,
    filter: rest.filter && {
      ...rest.filter,
      position: type === 'single-line' && after ? ('after-regulator' as const) : ('before-regulator' as const),
    },
    regulator: { type, setPressurePa, referencePa, fullOpen, slopePaPerM3S },
  }))
  .filter((c) => c.regulator.setPressurePa + c.regulator.referencePa > 0)

describe('fuel circuit at the ends of its ranges', () => {
  it('answers every circuit the schema lets in, without NaN, hang or imbalance', () => {
    let answered = 0
    fc.assert(
      fc.property(arbExtreme, (c) => {
        const answer = solveFuelCircuit(c)
        if (!answer.ok) throw new Error(JSON.stringify(answer.error))
        for (const [name, value] of Object.entries({ ...answer.value, ...answer.value.feed }))
          if (typeof value === 'number' && !Number.isFinite(value)) throw new Error(`${name} is ${value}`)
        answered++
      }),
      { seed: 71, numRuns: 8000 },
    )
    expect(answered).toBeGreaterThanOrEqual(8000)
  })
})
