import { ambientAtPa } from '../../engine/ambient.ts'
import fc from 'fast-check'
import { fuelProperties } from '../../engine/fuelProperties.ts'
import { suction } from './suction.ts'
import { FUEL_HEAT_J_KG_K, MOST_LIQUID_K, tankHeat } from './tankHeat.ts'
import { typicalReidPa } from '../../figures/typicalReid.ts'
import { boilingPointK, ethanolVapourPa, vapourPressure } from './vapourPressure.ts'

const summer = { reidPa: 60e3, ethanolShare: 0 }

describe('vapour pressure', () => {
  // EPA AP-42 chapter 7.1, refined petroleum stocks, slope 3, worked by hand.
  it.each([
    [20, 35.8],
    [40, 68.3],
    [60, 120.6],
    [90, 251.7],
  ])('Reid 60 kPa at %d °C: %d kPa absolute', (celsius, kPa) =>
    expect(vapourPressure(summer, celsius + 273.15).vapourPa / 1e3).toBeCloseTo(kPa, 1),
  )
  it('90 kPa winter petrol at 75 °C: 252 kPa, marked as extrapolated', () => {
    const at = vapourPressure({ reidPa: 90e3, ethanolShare: 0 }, 348.15)
    expect(at.vapourPa / 1e3).toBeCloseTo(252, 0)
    expect(at.extrapolated).toBe(true)
  })
  it('neat ethanol at 90 °C: 158 kPa', () => expect(ethanolVapourPa(363.15) / 1e3).toBeCloseTo(158, 0))
  // Published shape of splash blends of a petrol of 60 kPa Reid, 2 kPa either way.
  it.each([
    [0, 60],
    [0.05, 66.5],
    [0.1, 67],
    [0.15, 66.5],
    [0.2, 66],
    [0.3, 64],
    [0.5, 57],
    [0.7, 46],
    [0.85, 37],
    [1, 16],
  ])('a usual blend of %d ethanol has %d kPa Reid', (share, kPa) =>
    expect(Math.abs(typicalReidPa(share) - kPa * 1e3)).toBeLessThanOrEqual(2e3),
  )
  it('is one curve in the share: no jump anywhere, of the pressure and of what a usual blend has', () => {
    for (const t of [293.15, 310.93, 333.15, 363.15])
      for (let share = 0; share < 1; share += 0.0005) {
        const at = (x: number) => vapourPressure({ reidPa: 60e3, ethanolShare: x }, t).vapourPa
        expect(Math.abs(at(share + 0.0005) / at(share) - 1)).toBeLessThan(1e-3)
        expect(Math.abs(typicalReidPa(share + 0.0005) - typicalReidPa(share))).toBeLessThan(100)
      }
  })
  it('at the temperature of the Reid test the figure as bought decides, whatever the share', () => {
    for (const ethanolShare of [0, 0.2, 0.201, 0.5, 0.85, 1]) {
      const { vapourPa } = vapourPressure({ reidPa: 37e3, ethanolShare }, 310.928)
      // True pressure lies up to 8 % above Reid's, whose bomb holds four parts of air.
      expect(vapourPa / 37e3).toBeGreaterThan(0.98)
      expect(vapourPa / 37e3).toBeLessThan(1.08)
    }
  })
  it('neat ethanol of 16 kPa Reid is neat ethanol by Antoine, at any temperature', () => {
    for (const t of [283, 310.928, 330, 363.15])
      expect(vapourPressure({ reidPa: 16e3, ethanolShare: 1 }, t).vapourPa / ethanolVapourPa(t)).toBeCloseTo(1, 1)
  })
  it('ethanol boils away faster with heat: a blend of the same Reid figure lies above petrol when hotter, below when colder', () => {
    const at = (ethanolShare: number, t: number) => vapourPressure({ reidPa: 60e3, ethanolShare }, t).vapourPa
    expect(at(0.5, 343)).toBeGreaterThan(at(0, 343))
    expect(at(0.5, 283)).toBeLessThan(at(0, 283))
  })
  it('rises with temperature and Reid pressure, and the boiling point is its inverse', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 45e3, max: 103e3, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 255, max: 380, noNaN: true }),
        (reidPa, ethanolShare, t) => {
          const fuel = { reidPa, ethanolShare }
          const { vapourPa } = vapourPressure(fuel, t)
          expect(vapourPressure(fuel, t + 1).vapourPa).toBeGreaterThan(vapourPa)
          expect(vapourPressure({ ...fuel, reidPa: reidPa + 1e3 }, t).vapourPa).toBeGreaterThan(vapourPa)
          expect(boilingPointK(fuel, vapourPa)).toBeCloseTo(t, 5)
        },
      ),
      { seed: 3, numRuns: 300 },
    )
  })
  // ISO 2533: 1000 m 89.875 kPa, 1500 m 84.556, 2500 m 74.683.
  it.each([
    [0, 101.325],
    [1000, 89.875],
    [1500, 84.556],
    [2500, 74.683],
  ])('%d m: %d kPa of air', (m, kPa) => expect(ambientAtPa(m) / 1e3).toBeCloseTo(kPa, 2))
})

describe('suction', () => {
  const fluid = fuelProperties({ ethanolShare: 0, temperatureK: 293.15 })
  const base = {
    fluid,
    fuel: { reidPa: 60e3, ethanolShare: 0 },
    temperatureK: 313.15,
    altitudeM: 0,
    headM: -0.3,
    pumpFlowM3S: 4e-5,
    strainer: { flowM3S: 4e-5, dropPa: 2000, linearShare: 1 },
    line: null,
  }
  // 101325 - 745 x 9.80665 x 0.3 - 2000 = 97133 Pa; less 68.3 kPa leaves 28.8 kPa.
  it('lifting 0.3 m through a strainer of 2 kPa leaves 97.1 kPa at the inlet', () => {
    const at = suction(base)
    expect(at.inletPa).toBeCloseTo(97_133, 0)
    expect(at.marginPa / 1e3).toBeCloseTo(28.8, 1)
  })
  it('winter petrol at 40 °C behind a 2 kPa sock is at its limit at sea level', () => {
    const at = suction({ ...base, headM: 0, fuel: { reidPa: 90e3, ethanolShare: 0 } })
    expect(at.marginPa).toBeGreaterThan(-5e3)
    expect(at.marginPa).toBeLessThan(10e3)
  })
  it('losses that take more than there is leave nothing, and it says that no such flow gets there', () => {
    const tight = { ...base, line: { boreM: 0.002, lengthM: 3, roughnessM: 1e-6, minorK: 2, riseM: 0 } }
    const at = suction({ ...tight, pumpFlowM3S: 8e-5 })
    expect([at.inletPa, at.flows]).toEqual([0, false])
    expect(at.lossPa).toBeGreaterThan(at.ambientPa)
    expect(suction(base)).toMatchObject({ flows: true })
  })
  it('more flow, height, heat or lift never helps', () => {
    fc.assert(
      fc.property(
        fc.record({
          flow: fc.double({ min: 0, max: 1e-4, noNaN: true }),
          altitude: fc.double({ min: 0, max: 3000, noNaN: true }),
          head: fc.double({ min: -1, max: 1, noNaN: true }),
          t: fc.double({ min: 270, max: 340, noNaN: true }),
        }),
        ({ altitude, flow, head, t }) => {
          const c = { ...base, pumpFlowM3S: flow, altitudeM: altitude, headM: head, temperatureK: t }
          const { marginPa } = suction(c)
          for (const worse of [
            { pumpFlowM3S: flow * 1.1 },
            { altitudeM: altitude + 10 },
            { headM: head - 0.01 },
            { temperatureK: t + 1 },
          ])
            expect(suction({ ...c, ...worse }).marginPa).toBeLessThanOrEqual(marginPa)
        },
      ),
      { seed: 5, numRuns: 200 },
    )
  })
})

describe('tank heat', () => {
  const still = {
    fuelKg: 10,
    startK: 300,
    ambientK: 300,
    pumpW: 100,
    returnKgS: 0.031,
    returnWarmerK: 3,
    lossWK: 10,
    drawKgS: 0,
  }
  // 150 L/h of 745 kg/m³ is 0.031 kg/s: x 2100 x 3 = 195 W, more than the pump's 100.
  it('the warm return brings more than the pump', () => expect(tankHeat(still, 3600).heatW).toBeCloseTo(295.3, 1))
  // T_inf = 300 + 29.53; after one hour 29.53 (1 - exp(-10 x 3600/21000)) = 24.2
  it('warms to its end along an exponential', () => {
    const at = tankHeat(still, 3600)
    expect(at.settlesK).toBeCloseTo(329.53, 2)
    expect(at.endK - 300).toBeCloseTo(29.53 * (1 - Math.exp(-36_000 / 21_000)), 6)
  })
  it('with falling fuel follows a fine stepwise march of the same balance', () => {
    const c = { ...still, drawKgS: 0.002 }
    let [t, m] = [c.startK, c.fuelKg]
    const dt = 0.5
    for (let s = 0; s < 3600; s += dt) {
      const mid = m - (c.drawKgS * dt) / 2
      t += (dt * (295.3 - c.lossWK * (t - c.ambientK))) / (mid * FUEL_HEAT_J_KG_K)
      m -= c.drawKgS * dt
    }
    expect(tankHeat(c, 3600).endK).toBeCloseTo(t, 1)
  })
  it('never leaves the band between start and settling, and less fuel warms faster', () => {
    fc.assert(
      fc.property(
        fc.record({
          fuelKg: fc.double({ min: 2, max: 60, noNaN: true }),
          drawKgS: fc.double({ min: 0, max: 0.01, noNaN: true }),
          lossWK: fc.double({ min: 0.5, max: 40, noNaN: true }),
          pumpW: fc.double({ min: 0, max: 200, noNaN: true }),
        }),
        (v) => {
          const at = tankHeat({ ...still, ...v }, 3600)
          for (const p of at.curve) {
            expect(p.temperatureK).toBeGreaterThanOrEqual(still.startK - 1e-9)
            expect(p.temperatureK).toBeLessThanOrEqual((at.settlesK ?? Infinity) + 1e-9)
          }
          expect(tankHeat({ ...still, ...v, fuelKg: v.fuelKg / 2 }, 3600).endK).toBeGreaterThanOrEqual(at.endK - 1e-9)
        },
      ),
      { seed: 9, numRuns: 200 },
    )
  })
  it('a tank that passes no heat on never settles, and is not told hotter than fuel can be', () => {
    const at = tankHeat({ ...still, lossWK: 0 }, 3600)
    expect([at.settlesK, at.boilsAway]).toEqual([null, false])
    // 295.3 W into 10 kg for an hour: 50.6 K, whatever the heat passed on.
    expect(at.endK - 300).toBeCloseTo((295.3 * 3600) / (10 * FUEL_HEAT_J_KG_K), 1)
    const boils = tankHeat({ ...still, lossWK: 0, fuelKg: 1, pumpW: 2000 }, 86_400)
    expect(boils).toMatchObject({ settlesK: null, endK: MOST_LIQUID_K, boilsAway: true })
    expect(Math.max(...boils.curve.map((p) => p.temperatureK))).toBe(MOST_LIQUID_K)
  })
})
