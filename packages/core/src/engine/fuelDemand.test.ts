import { fuelProperties } from './fuelProperties.ts'
import { airFlowKgS, demandByAirKgS, demandByPowerKgS, fuelDemand } from './fuelDemand.ts'

const e0 = fuelProperties({ ethanolShare: 0, temperatureK: 293.15 })
const e85 = fuelProperties({ ethanolShare: 0.85, temperatureK: 293.15 })

describe('fuel by power', () => {
  // 100 hp x 0.50 lb/(hp h) = 50 lb/h = 22.6796 kg/h = 6.2999e-3 kg/s
  it.each([
    { name: '100 hp unblown, net', basis: 'flywheel-net', aspiration: 'natural', gS: 6.2999 },
    { name: '100 hp gross is 80 net', basis: 'flywheel-gross', aspiration: 'natural', gS: 5.0399 },
    { name: '100 hp at the wheels is 117.6 net', basis: 'wheels', aspiration: 'natural', gS: 7.4116 },
    { name: '100 hp turbocharged, 0.625', basis: 'flywheel-net', aspiration: 'turbocharged', gS: 7.8748 },
  ] as const)('$name: $gS g/s', ({ basis, aspiration, gS }) => {
    const band = demandByPowerKgS({ powerW: 74_569.987, basis, aspiration }, e0)
    expect(band.typical * 1e3).toBeCloseTo(gS, 3)
    expect(band.low).toBeLessThan(band.typical)
    expect(band.high).toBeGreaterThan(band.typical)
  })

  it('E85 takes 1.50 times the mass at equal lambda', () => {
    const route = { powerW: 1e5, basis: 'flywheel-net', aspiration: 'natural' } as const
    expect(demandByPowerKgS(route, e85).typical / demandByPowerKgS(route, e0).typical).toBeCloseTo(1.498, 3)
  })
})

describe('fuel by air', () => {
  const route = {
    displacementM3: 3e-3,
    speedRpm: 5000,
    manifoldPa: 101_325,
    chargeTemperatureK: 293.15,
    volumetricEfficiency: 0.8,
    lambda: 0.87,
  }
  // 0.8 x 101325/(287.05 x 293.15) = 0.96329 kg/m³; x 0.003 x 5000/120 = 0.120412 kg/s; /(0.87 x 14.7) = 9.4153e-3
  it('3 L at 5000 rpm draws 120.4 g/s and takes 9.415 g/s', () => {
    expect(airFlowKgS(route) * 1e3).toBeCloseTo(120.41, 1)
    expect(demandByAirKgS(route, e0).typical * 1e3).toBeCloseTo(9.415, 2)
  })
  it('grows in proportion to displacement, speed and pressure', () => {
    const base = airFlowKgS(route)
    expect(airFlowKgS({ ...route, displacementM3: 6e-3, speedRpm: 2500, manifoldPa: 202_650 }) / base).toBeCloseTo(2, 9)
  })
})

describe('both routes', () => {
  const air = {
    displacementM3: 3e-3,
    speedRpm: 5000,
    manifoldPa: 101_325,
    chargeTemperatureK: 303,
    volumetricEfficiency: 0.82,
    lambda: 0.87,
  }
  it('agree for a plausible engine and design for the larger', () => {
    const d = fuelDemand({ powerW: 110e3, basis: 'flywheel-net', aspiration: 'natural' }, air, e0)
    expect(d.bandsOverlap).toBe(true)
    expect(d.designKgS).toBe(Math.max(d.byAirKgS.typical, d.byPowerKgS.typical))
    expect(d.designM3S).toBeCloseTo(d.designKgS / 745, 12)
  })
  it('disagree when the power cannot come from the displacement', () => {
    const d = fuelDemand({ powerW: 220e3, basis: 'flywheel-net', aspiration: 'natural' }, air, e0)
    expect(d.bandsOverlap).toBe(false)
    expect(d.disagreement).toBeGreaterThan(0.8)
  })
})
