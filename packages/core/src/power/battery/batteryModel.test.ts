import { agedFactor, batteryState, chargeAtRest, restAtCharge, type BatteryLabel } from './batteryModel.ts'

const YEAR_S = 365.25 * 86_400
const label: BatteryLabel = { standard: 'en', coldCrankA: 510, ageS: 0, charge: 1, temperatureK: 255.15 }

describe('a battery from its label', () => {
  it.each([
    // (12.6 - 7.5)/510 and (12 - 7.2)/480 at -18 °C.
    { name: 'EN, cold', b: label, ohm: 0.01 },
    { name: 'SAE, cold', b: { ...label, standard: 'sae', coldCrankA: 480 } as BatteryLabel, ohm: 0.01 },
    { name: 'half at 25 °C', b: { ...label, temperatureK: 298.15 }, ohm: 0.005 },
    { name: 'six years old: twice', b: { ...label, ageS: 6 * YEAR_S }, ohm: 0.02 },
    { name: 'half charged: a quarter more', b: { ...label, charge: 0.5 }, ohm: 0.0125 },
  ])('$name: $ohm ohm', ({ b, ohm }) => expect(batteryState(b).resistanceOhm).toBeCloseTo(ohm, 9))

  it.each([
    [12.7, 1], [12.45, 0.75], [12.2, 0.5], [12, 0.25], [11.8, 0], [13.2, 1], [10, 0], [12.325, 0.625],
  ])('%f V at rest: %f of its charge', (volts, charge) => expect(chargeAtRest(volts)).toBeCloseTo(charge, 9)) // prettier-ignore

  it('charge and voltage at rest are the same thing, either way', () => {
    for (let c = 0; c <= 1.0001; c += 0.01) expect(chargeAtRest(restAtCharge(c))).toBeCloseTo(Math.min(1, c), 9)
  })
  it('colder, older, emptier, smaller: never less resistance', () => {
    const ohm = (b: Partial<BatteryLabel>) => batteryState({ ...label, ...b }).resistanceOhm
    for (let i = 0; i < 20; i++) {
      expect(ohm({ temperatureK: 240 + i })).toBeGreaterThan(ohm({ temperatureK: 241 + i }))
      expect(agedFactor((i + 1) * YEAR_S)).toBeGreaterThanOrEqual(agedFactor(i * YEAR_S))
      expect(ohm({ charge: i / 20 })).toBeGreaterThan(ohm({ charge: (i + 1) / 20 }))
      expect(ohm({ coldCrankA: 300 + i })).toBeGreaterThan(ohm({ coldCrankA: 301 + i }))
    }
  })
  it('on charge it has another resistance, never below that of discharge', () => {
    for (const charge of [0, 0.3, 0.7, 1]) {
      const { resistanceOhm, chargeOhm } = batteryState({ ...label, charge })
      expect(chargeOhm).toBeGreaterThanOrEqual(resistanceOhm)
    }
    // Full, at 14.2 V: some ampere or two.
    expect((14.2 - 12.7) / batteryState({ ...label, temperatureK: 298.15 }).chargeOhm).toBeCloseTo(2.5, 1)
  })
})
