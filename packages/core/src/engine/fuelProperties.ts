import type { Trace } from '../verdict/index.ts'

/** Petrol and ethanol at 20 °C; textbook values, petrol within 720 to 775 kg/m³. */
export const PETROL = {
  densityKgM3: 745,
  kinematicViscosityM2S: 0.6e-6,
  viscosityTemperatureK: 950,
  stoichiometricAfr: 14.7,
  lowerHeatingValueJKg: 43.0e6,
} as const
export const ETHANOL = {
  densityKgM3: 789,
  kinematicViscosityM2S: 1.52e-6,
  viscosityTemperatureK: 1700,
  stoichiometricAfr: 9.0,
  lowerHeatingValueJKg: 26.8e6,
} as const

const REFERENCE_K = 293.15
const DENSITY_FALL_PER_K = 0.0012

export interface Fluid {
  readonly densityKgM3: number
  readonly kinematicViscosityM2S: number
}

export interface FuelBlend {
  /** Volume share of ethanol, 0 to 1, as measured (a pump's "E85" holds 0.51 to 0.83). */
  readonly ethanolShare: number
  readonly temperatureK: number
  /** Density of the petrol part at 20 °C where known, kg/m³. */
  readonly petrolDensityKgM3?: number
}

export interface FuelProperties extends Fluid {
  readonly ethanolMassShare: number
  readonly stoichiometricAfr: number
  readonly lowerHeatingValueJKg: number
}

/**
 * Properties of a petrol-ethanol blend. Densities mix by volume, stoichiometric ratio and heating value by mass,
 * viscosity logarithmically by volume (Arrhenius mixing, an estimate). Density falls 0.12 %/K, viscosity as
 * v20 exp(B (1/T - 1/293.15)). Sources: textbook values for E0 and ethanol; check: E10 14.1, E85 9.8.
 */
export const fuelProperties = (blend: FuelBlend, trace?: Trace): FuelProperties => {
  const x = blend.ethanolShare
  const petrolDensity = blend.petrolDensityKgM3 ?? PETROL.densityKgM3
  const density20 = (1 - x) * petrolDensity + x * ETHANOL.densityKgM3
  const densityKgM3 = density20 * (1 - DENSITY_FALL_PER_K * (blend.temperatureK - REFERENCE_K))
  const ethanolMassShare = (x * ETHANOL.densityKgM3) / density20
  const byMass = (petrol: number, ethanol: number) => petrol + ethanolMassShare * (ethanol - petrol)
  const viscosityAt = (v20: number, b: number) => v20 * Math.exp(b * (1 / blend.temperatureK - 1 / REFERENCE_K))
  const petrolViscosity = viscosityAt(PETROL.kinematicViscosityM2S, PETROL.viscosityTemperatureK)
  const ethanolViscosity = viscosityAt(ETHANOL.kinematicViscosityM2S, ETHANOL.viscosityTemperatureK)
  const kinematicViscosityM2S = Math.exp((1 - x) * Math.log(petrolViscosity) + x * Math.log(ethanolViscosity))
  trace?.step({
    symbol: 'rho',
    meaning: 'density of the blend at its temperature',
    formula: '((1 - x) * rho_p + x * rho_e) * (1 - 0.0012 * (T - 293.15))',
    inputs: {
      x: { value: x, unit: 'ethanol by volume' },
      rho_p: { value: petrolDensity, unit: 'kg/m³' },
      rho_e: { value: ETHANOL.densityKgM3, unit: 'kg/m³' },
      T: { value: blend.temperatureK, unit: 'K' },
    },
    result: densityKgM3,
    unit: 'kg/m³',
    source: 'mixing by volume; 0.12 %/K, textbook',
  })
  return {
    densityKgM3,
    kinematicViscosityM2S,
    ethanolMassShare,
    stoichiometricAfr: byMass(PETROL.stoichiometricAfr, ETHANOL.stoichiometricAfr),
    lowerHeatingValueJKg: byMass(PETROL.lowerHeatingValueJKg, ETHANOL.lowerHeatingValueJKg),
  }
}
