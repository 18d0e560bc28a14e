import { fuelProperties } from './fuelProperties.ts'

describe('fuel properties', () => {
  // E10: mass share 0.1 x 789/749.4 = 0.10528; 14.7 - 0.10528 x 5.7 = 14.10. E85: 0.85 x 789/782.4 = 0.85717; 9.81.
  // Viscosity E10: exp(0.9 ln 0.6 + 0.1 ln 1.52) = 0.6585e-6; at 40 °C petrol alone: 0.6 exp(950 (1/313.15 - 1/293.15)) = 0.4880e-6.
  it.each([
    { name: 'E0 at 20 °C', x: 0, tC: 20, rho: 745, nu: 0.6, afr: 14.7, lhv: 43.0 },
    { name: 'E10 at 20 °C', x: 0.1, tC: 20, rho: 749.4, nu: 0.6585, afr: 14.1, lhv: 41.294 },
    { name: 'E85 at 20 °C', x: 0.85, tC: 20, rho: 782.4, nu: 1.3222, afr: 9.814, lhv: 29.114 },
    { name: 'ethanol at 20 °C', x: 1, tC: 20, rho: 789, nu: 1.52, afr: 9.0, lhv: 26.8 },
    { name: 'E0 at 40 °C', x: 0, tC: 40, rho: 727.12, nu: 0.488, afr: 14.7, lhv: 43.0 },
  ])('$name', ({ x, tC, rho, nu, afr, lhv }) => {
    const f = fuelProperties({ ethanolShare: x, temperatureK: tC + 273.15 })
    expect(f.densityKgM3).toBeCloseTo(rho, 2)
    expect(f.kinematicViscosityM2S * 1e6).toBeCloseTo(nu, 3)
    expect(f.stoichiometricAfr).toBeCloseTo(afr, 2)
    expect(f.lowerHeatingValueJKg / 1e6).toBeCloseTo(lhv, 2)
  })

  it('takes the density of the petrol at hand', () =>
    expect(fuelProperties({ ethanolShare: 0, temperatureK: 293.15, petrolDensityKgM3: 725 }).densityKgM3).toBe(725))
})
