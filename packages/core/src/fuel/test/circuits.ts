import fc from 'fast-check'
import type { FuelCircuit, Line, Loss } from '../circuitTypes.ts'

/** A plain return system that is in control: figures round, nothing special. */
export const plainCircuit = (change: Partial<FuelCircuit> = {}): FuelCircuit => ({
  fluid: { densityKgM3: 745, kinematicViscosityM2S: 0.6e-6 },
  strainer: { flowM3S: 5e-5, dropPa: 1500 },
  pump: {
    curve: [
      { pressurePa: 0, flowM3S: 6e-5 },
      { pressurePa: 300e3, flowM3S: 5e-5 },
      { pressurePa: 500e3, flowM3S: 3.5e-5 },
    ],
  },
  filter: { flowM3S: 5e-5, dropPa: 8000, linearShare: 0.8 },
  feed: { boreM: 0.0079, lengthM: 4, roughnessM: 1.5e-6, minorK: 4, riseM: 0.4 },
  return: { boreM: 0.0079, lengthM: 4, roughnessM: 1.5e-6, minorK: 4, riseM: -0.4 },
  demandM3S: 1e-5,
  regulator: { type: 'return', setPressurePa: 300e3, fullOpen: { flowM3S: 5e-5, dropPa: 20e3 } },
  ...change,
})

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true })
/** Spread over decades, as sizes are. */
const decades = (min: number, max: number) => number(Math.log(min), Math.log(max)).map((x) => Math.exp(x))

const arbLoss: fc.Arbitrary<Loss> = fc.record({
  flowM3S: decades(1e-6, 1e-3),
  dropPa: number(0, 1e5),
  linearShare: number(0, 1),
})

const arbLine: fc.Arbitrary<Line> = fc
  .record({
    boreM: decades(0.001, 0.03),
    lengthM: number(0, 20),
    share: number(0, 0.3),
    minorK: number(0, 60),
    riseM: number(-3, 3),
  })
  .map(({ share, ...line }) => ({ ...line, roughnessM: share * line.boreM }))

const arbCurve = fc
  .record({
    steps: fc.array(fc.record({ dp: decades(1e3, 3e5), dq: decades(1e-8, 5e-5) }), { minLength: 1, maxLength: 8 }),
    lowestPa: fc.oneof(fc.constant(0), number(0, 2e5)),
    last: fc.oneof(fc.constant(0), decades(1e-7, 5e-5)),
  })
  .map(({ steps, lowestPa, last }) => {
    let pressurePa = lowestPa
    let flowM3S = last + steps.reduce((sum, s) => sum + s.dq, 0)
    const curve = [{ pressurePa, flowM3S }]
    for (const s of steps) curve.push({ pressurePa: (pressurePa += s.dp), flowM3S: (flowM3S -= s.dq) })
    curve[curve.length - 1]!.flowM3S = last
    return curve
  })
  .filter((curve) =>
    curve.every((p, i) => i === 0 || (p.flowM3S < curve[i - 1]!.flowM3S && p.pressurePa > curve[i - 1]!.pressurePa)),
  )

/** Any circuit the solver must answer, sound or hopeless, up to flows far beyond any car's. */
export const arbCircuit: fc.Arbitrary<FuelCircuit> = fc
  .record({
    density: number(680, 850),
    viscosity: decades(2e-7, 3e-6),
    tankPressurePa: fc.oneof(fc.constant(0), number(-5e3, 2e4)),
    strainer: fc.option(arbLoss),
    curve: arbCurve,
    filter: fc.option(arbLoss),
    after: fc.boolean(),
    feed: arbLine,
    then: fc.array(arbLine, { maxLength: 3 }),
    suction: fc.option(arbLine, { freq: 2 }),
    back: fc.option(arbLine, { freq: 4 }),
    demandM3S: fc.oneof(fc.constant(0), decades(1e-8, 1.5e-4)),
    type: fc.constantFrom('return' as const, 'single-line' as const),
    setPressurePa: number(60e3, 6e5),
    referenceShare: number(-0.5, 0.5),
    fullOpen: fc.option(arbLoss),
    slopePaPerM3S: fc.oneof(fc.constant(0), decades(1e6, 1e9)),
  })
  .map((r) => ({
    fluid: { densityKgM3: r.density, kinematicViscosityM2S: r.viscosity },
    tankPressurePa: r.tankPressurePa,
    strainer: r.strainer,
    pump: { curve: r.curve },
    filter: r.filter && {
      ...r.filter,
      position: r.after && r.type === 'single-line' ? ('after-regulator' as const) : ('before-regulator' as const),
    },
    ...(r.suction && { suction: { ...r.suction, riseM: 0 } }),
    feed: { ...r.feed, ...(r.then.length > 0 && { then: r.then.map(({ riseM: _, ...piece }) => piece) }) },
    return: r.back && (r.type === 'single-line' ? { ...r.back, riseM: 0 } : r.back),
    demandM3S: r.demandM3S,
    regulator: {
      type: r.type,
      setPressurePa: r.setPressurePa,
      referencePa: r.referenceShare * r.setPressurePa,
      fullOpen: r.fullOpen && { flowM3S: r.fullOpen.flowM3S, dropPa: r.fullOpen.dropPa },
      slopePaPerM3S: r.slopePaPerM3S,
    },
  }))
