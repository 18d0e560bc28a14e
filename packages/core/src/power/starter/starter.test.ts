import { batteryState } from '../battery/batteryModel.ts'
import { crankSag, type CrankSagCase } from './crankSag.ts'
import { starterNm, starterShare, STARTER_BACK_V } from './crankTrace.ts'
import {
  frictionNm,
  gasTorqueNm,
  inertiaOf,
  meanGasNm,
  oilFactor,
  TYPICAL_STARTER,
  type CrankedEngine,
} from './starterModel.ts'

const engine: CrankedEngine = {
  displacementM3: 2e-3,
  cylinders: 4,
  boreM: 0.086,
  strokeM: 0.086,
  compressionRatio: 8.5,
  inertiaKgM2: inertiaOf(2e-3),
  oilFactor: 1,
}
const start: CrankSagCase = {
  battery: { standard: 'en', coldCrankA: 510, ageS: 0, restingV: 12.7 },
  temperatureK: 263.15,
  starterPowerW: 1400,
  engine,
  starterCableOhm: 0.002,
  earthOhm: 0.002,
  ecu: { powerW: 12, feedFrom: 'battery', feedOhm: 0.01, earthAt: 'battery', earthOhm: 0.01, leastV: 6.5, rideThroughS: 0.005 },
  durationS: 1,
} // prettier-ignore

describe('starter and engine', () => {
  it('200 A give 57.6 N m at the crank; at 207 rpm it takes back 7.8 V', () => {
    expect(starterNm(TYPICAL_STARTER, 200)).toBeCloseTo(57.6, 9)
    expect(starterShare(TYPICAL_STARTER, (207 * Math.PI) / 30) * STARTER_BACK_V).toBeCloseTo(7.804, 3)
  })
  it('friction of 2 L at 200 rpm: 1.002 bar over 4 pi, two to three times that at -10 °C', () => {
    expect(frictionNm(engine, 200)).toBeCloseTo((1.002e5 * 2e-3) / (4 * Math.PI), 6)
    expect(oilFactor(363.15)).toBe(1)
    expect(oilFactor(263.15)).toBeGreaterThan(2)
    expect(oilFactor(263.15)).toBeLessThan(3)
  })
  it('gas: each compression is felt, what it takes nearly comes back, and it repeats with the cylinders', () => {
    const torque = gasTorqueNm(engine)
    expect(torque).toHaveLength(720)
    for (let d = 0; d < 540; d++) expect(torque[d]).toBeCloseTo(torque[d + 180]!, 9)
    expect(Math.min(...torque)).toBeLessThan(-20)
    const mean = meanGasNm(engine)
    expect(mean).toBeLessThan(0)
    expect(Math.abs(mean)).toBeLessThan(0.2 * Math.abs(Math.min(...torque)))
  })
  it('a healthy engine of 8.5 : 1 gives some 10 bar on a gauge, as a compression test does', () => {
    // At the top torque vanishes: pressure from the work of one compression against a hand-made polytrope.
    const [vd, vc] = [0.5e-3, 0.5e-3 / 7.5]
    const shut = vc + vd * 0.83
    expect((1.01325 * (shut / vc) ** 1.22 - 1.01325)).toBeGreaterThan(9)
    expect((1.01325 * (shut / vc) ** 1.22 - 1.01325)).toBeLessThan(12)
  }) // prettier-ignore
})

describe('the first moments of a start', () => {
  it('at the very first instants the current rises with the winding: U/L', () => {
    // 12.7 V over 0.1 mH: 127 A in a millisecond, less what the resistances take.
    const { trace } = crankSag({ ...start, stepS: 1e-4, durationS: 0.05 })
    expect(trace.starterA[9]!).toBeGreaterThan(95)
    expect(trace.starterA[9]!).toBeLessThan(127)
  })
  it('over whole turns the starter gives what friction and compression take', () => {
    const { trace } = crankSag({ ...start, durationS: 4, stepS: 5e-4 })
    const cold = { ...engine, oilFactor: oilFactor(263.15) }
    const gas = meanGasNm(engine)
    // Work by angle: each instant counts by how fast the crank turns.
    const from = trace.rpm.length - 4000
    let [given, taken] = [0, 0]
    for (let i = from; i < trace.rpm.length; i++) {
      const rpm = trace.rpm[i]!
      given += starterNm(TYPICAL_STARTER, trace.starterA[i]!) * rpm
      taken += (frictionNm(cold, rpm) - gas) * rpm
    }
    expect(given / taken).toBeCloseTo(1, 1)
    expect(Math.abs(given / taken - 1)).toBeLessThan(0.03)
  })
  it('volts at the battery are its own less what its resistances take, in the mean', () => {
    const { trace } = crankSag({ ...start, durationS: 5 })
    const { openCircuitV, resistanceOhm } = batteryState({ ...start.battery, charge: 1, temperatureK: 263.15 })
    const tail = trace.batteryV.slice(-1000)
    const mean = tail.reduce((a, b) => a + b, 0) / tail.length
    const amps = trace.starterA.slice(-1000).reduce((a, b) => a + b, 0) / 1000 + 12 / mean
    // After five seconds of 2 s polarisation nine tenths of it are there.
    expect(openCircuitV - mean).toBeGreaterThan(0.88 * amps * resistanceOhm)
    expect(openCircuitV - mean).toBeLessThan(1.0 * amps * resistanceOhm)
  })
  it('a finer step tells the same, to a tenth of a volt and a few rpm', () => {
    const [coarse, fine] = [1e-3, 2e-4].map((stepS) => crankSag({ ...start, stepS }).trace)
    expect(coarse!.least['ecu']!.volts).toBeCloseTo(fine!.least['ecu']!.volts, 0.5)
    expect(Math.abs(coarse!.meanRpm - fine!.meanRpm)).toBeLessThan(4)
  })
  it.each([
    { name: 'right at the battery', change: {}, resets: false },
    { name: 'from the stud, earthed on the block, 16 mm² far away', change: { starterCableOhm: 0.009, earthOhm: 0.006, ecu: { ...start.ecu, feedFrom: 'starter-stud', earthAt: 'block' } }, resets: true },
    { name: 'the same, but at the battery', change: { starterCableOhm: 0.009, earthOhm: 0.006 }, resets: false },
    { name: 'a dip shorter than it rides through', change: { starterCableOhm: 0.009, earthOhm: 0.006, ecu: { ...start.ecu, feedFrom: 'starter-stud', earthAt: 'block', rideThroughS: 1 } }, resets: false },
    { name: 'a battery of twelve years', change: { battery: { ...start.battery, coldCrankA: 300, ageS: 12 * 31_557_600 } }, resets: true },
  ])('ECU $name: resets $resets', ({ change, resets }) => {
    const { trace } = crankSag({ ...start, ...change } as CrankSagCase)
    expect(trace.resets.length > 0).toBe(resets)
  }) // prettier-ignore
  it('an ECU at the battery never sees less than one that hangs on the stud and the block', () => {
    for (const ohm of [0.001, 0.003, 0.006, 0.012]) {
      const at = (feedFrom: 'battery' | 'starter-stud', earthAt: 'battery' | 'block') =>
        crankSag({ ...start, starterCableOhm: ohm, earthOhm: ohm, ecu: { ...start.ecu, leastV: 2, feedFrom, earthAt } })
          .trace.least['ecu']!.volts
      expect(at('battery', 'battery')).toBeGreaterThan(at('starter-stud', 'battery'))
      expect(at('starter-stud', 'battery')).toBeGreaterThan(at('starter-stud', 'block'))
    }
  })
})
