/** Specific gas constant of burnt petrol and air, J/(kg K): molar mass 28.8 g/mol. */
export const EXHAUST_J_KG_K = 288.7

/**
 * Specific heat of stoichiometric exhaust at constant pressure, J/(kg K), gas 250 to 1400 K: a straight line through the
 * mixture's values at 300 K (1070) and 1000 K (1270), from the tables of its components (Moran and Shapiro, A-20).
 */
export const exhaustCpJKgK = (gasK: number): number => 1070 + (200 / 700) * (gasK - 300)

/** Dynamic viscosity, Pa s: Sutherland's law with the constants of air, within 3 % of exhaust. */
export const exhaustViscosityPaS = (gasK: number): number => (1.458e-6 * gasK * Math.sqrt(gasK)) / (gasK + 110.4)

/** Thermal conductivity, W/(m K), by a Prandtl number of 0.72. */
export const exhaustConductivityWMK = (gasK: number): number => (exhaustViscosityPaS(gasK) * exhaustCpJKgK(gasK)) / 0.72

/** Density, kg/m³: ideal gas. */
export const exhaustDensityKgM3 = (gasK: number, pressurePa = 101_325): number => pressurePa / (EXHAUST_J_KG_K * gasK)

/** Nitrogen and argon that come with a mole of oxygen. */
const INERT_PER_OXYGEN = 3.77
/** Mole fraction of water in the air drawn, an ordinary day. */
const AIR_WATER_SHARE = 0.01

export interface ExhaustWater {
  /** Mole fraction of water in the exhaust. */
  readonly waterShare: number
  readonly dewPointK: number
}

/**
 * Water in the exhaust and the wall temperature below which it condenses. Complete combustion of CH1.85 (petrol) and
 * C2H6O (ethanol) at lambda 1 or leaner; richer mixtures are taken as lambda 1. Saturation by Antoine's equation for
 * water, 1 to 100 °C.
 * @param ethanolShare by volume, 0 to 1
 * @param ambientPa absolute
 */
export const exhaustWater = (ethanolShare: number, lambda: number, ambientPa = 101_325): ExhaustWater => {
  // Moles of carbon atoms in a volume: petrol 745 kg/m³ at 13.87 g/mol C, ethanol 789 at 23.03.
  const petrol = ((1 - ethanolShare) * 745) / 13.87
  const ethanol = (ethanolShare * 789) / 23.03
  const carbon = petrol + ethanol
  const hydrogenWater = petrol * 0.925 + ethanol * 1.5
  const oxygen = petrol * 1.4625 + ethanol * 1.5
  const lean = Math.max(1, lambda)
  const airMoles = lean * oxygen * (1 + INERT_PER_OXYGEN)
  const intakeWater = (AIR_WATER_SHARE / (1 - AIR_WATER_SHARE)) * airMoles
  const water = hydrogenWater + intakeWater
  const total = carbon + water + lean * oxygen * INERT_PER_OXYGEN + (lean - 1) * oxygen
  const waterShare = water / total
  const mmHg = (waterShare * ambientPa) / 133.322
  return { waterShare, dewPointK: 1730.63 / (8.07131 - Math.log10(mmHg)) - 233.426 + 273.15 }
}
