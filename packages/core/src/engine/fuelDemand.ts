import { PETROL, type FuelProperties } from './fuelProperties.ts'
import type { Trace } from '../verdict/index.ts'

export interface Band {
  readonly low: number
  readonly typical: number
  readonly high: number
}

export type Aspiration = 'natural' | 'supercharged' | 'turbocharged'
/** Which power is meant. Gross: bare engine on an old-standard bench; wheels: after gearbox and axle. */
export type PowerBasis = 'flywheel-net' | 'flywheel-gross' | 'wheels'

const LB_PER_HP_H_TO_KG_PER_J = 0.45359237 / (745.6998715822702 * 3600)

/** Full-load specific consumption on petrol, lb/(hp h): trade rule of thumb. */
const BSFC_LB_HP_H: Readonly<Record<Aspiration, Band>> = {
  natural: { low: 0.45, typical: 0.5, high: 0.55 },
  supercharged: { low: 0.55, typical: 0.6, high: 0.65 },
  turbocharged: { low: 0.55, typical: 0.625, high: 0.7 },
}

/** Net flywheel power per stated power: rule of thumb. */
const NET_SHARE: Readonly<Record<PowerBasis, Band>> = {
  'flywheel-net': { low: 1, typical: 1, high: 1 },
  'flywheel-gross': { low: 0.75, typical: 0.8, high: 0.87 },
  wheels: { low: 1 / 0.88, typical: 1 / 0.85, high: 1 / 0.8 },
}

const perCase = (f: (key: 'low' | 'typical' | 'high') => number): Band => ({
  low: f('low'),
  typical: f('typical'),
  high: f('high'),
})

export interface PowerRoute {
  readonly powerW: number
  readonly basis: PowerBasis
  readonly aspiration: Aspiration
}

/**
 * Fuel mass flow by power, kg/s: m = P_net x BSFC, with BSFC for petrol scaled by the ratio of stoichiometric ratios
 * for other fuels (equal lambda). Bands are the trade's rule-of-thumb spread. powerW > 0.
 */
export const demandByPowerKgS = (route: PowerRoute, fuel: FuelProperties, trace?: Trace): Band => {
  const fuelFactor = PETROL.stoichiometricAfr / fuel.stoichiometricAfr
  const bsfc = BSFC_LB_HP_H[route.aspiration]
  const net = NET_SHARE[route.basis]
  const massFlow = perCase((k) => route.powerW * net[k] * bsfc[k] * LB_PER_HP_H_TO_KG_PER_J * fuelFactor)
  trace?.step({
    symbol: 'm_P',
    meaning: 'fuel by power, typical',
    formula: 'P * n * b * 1.68966e-7 * 14.7 / A',
    inputs: {
      P: { value: route.powerW, unit: 'W' },
      n: { value: net.typical, unit: 'net per stated power' },
      b: { value: bsfc.typical, unit: 'lb/(hp h)' },
      A: { value: fuel.stoichiometricAfr, unit: 'kg/kg' },
    },
    result: massFlow.typical,
    unit: 'kg/s',
    source: 'specific consumption: rule of thumb',
  })
  return massFlow
}

export interface AirRoute {
  readonly displacementM3: number
  /** rev/min of a four-stroke. */
  readonly speedRpm: number
  /** Absolute. */
  readonly manifoldPa: number
  readonly chargeTemperatureK: number
  /** Referred to manifold density, 0.2 to 1.3. */
  readonly volumetricEfficiency: number
  /** Relative half width of the band from filling, default 0.08. */
  readonly fillingSpread?: number
  readonly lambda: number
}

/** Specific gas constant of dry air, J/(kg K). */
export const AIR_J_KG_K = 287.05

/** Air drawn by a four-stroke, kg/s: VE p/(R T) V_d n/120. */
export const airFlowKgS = (route: Omit<AirRoute, 'lambda' | 'fillingSpread'>, trace?: Trace): number => {
  const { displacementM3, speedRpm, manifoldPa, chargeTemperatureK, volumetricEfficiency } = route
  const air =
    ((volumetricEfficiency * manifoldPa) / (AIR_J_KG_K * chargeTemperatureK)) * displacementM3 * (speedRpm / 120)
  trace?.step({
    symbol: 'm_air',
    meaning: 'air drawn by the engine',
    formula: 'VE * p / (287.05 * T) * V * n / 120',
    inputs: {
      VE: { value: volumetricEfficiency, unit: '' },
      p: { value: manifoldPa, unit: 'Pa absolute' },
      T: { value: chargeTemperatureK, unit: 'K' },
      V: { value: displacementM3, unit: 'm³' },
      n: { value: speedRpm, unit: 'rpm' },
    },
    result: air,
    unit: 'kg/s',
    source: 'ideal gas, four-stroke',
  })
  return air
}

/** Fuel mass flow by air, kg/s: m = m_air/(lambda AFR_st); band from the spread of filling. */
export const demandByAirKgS = (route: AirRoute, fuel: FuelProperties, trace?: Trace): Band => {
  const air = airFlowKgS(route, trace)
  const typical = air / (route.lambda * fuel.stoichiometricAfr)
  const spread = route.fillingSpread ?? 0.08
  trace?.step({
    symbol: 'm_f',
    meaning: 'fuel by air, typical',
    formula: 'm_air / (L * A)',
    inputs: {
      m_air: { value: air, unit: 'kg/s' },
      L: { value: route.lambda, unit: 'lambda' },
      A: { value: fuel.stoichiometricAfr, unit: 'kg/kg' },
    },
    result: typical,
    unit: 'kg/s',
    source: 'definition of lambda',
  })
  return { low: typical * (1 - spread), typical, high: typical * (1 + spread) }
}

export interface FuelDemand {
  readonly byPowerKgS: Band
  readonly byAirKgS: Band
  /** Whether the bands share a figure. Where they do not, one input is wrong. */
  readonly bandsOverlap: boolean
  /** Typical by power over typical by air, minus one. */
  readonly disagreement: number
  /** The larger of the two typical figures: what the system is sized for. */
  readonly designKgS: number
  readonly designM3S: number
}

/** Both routes side by side and the figure to design for. */
export const fuelDemand = (power: PowerRoute, air: AirRoute, fuel: FuelProperties): FuelDemand => {
  const byPowerKgS = demandByPowerKgS(power, fuel)
  const byAirKgS = demandByAirKgS(air, fuel)
  const designKgS = Math.max(byPowerKgS.typical, byAirKgS.typical)
  return {
    byPowerKgS,
    byAirKgS,
    bandsOverlap: byPowerKgS.low <= byAirKgS.high && byAirKgS.low <= byPowerKgS.high,
    disagreement: byPowerKgS.typical / byAirKgS.typical - 1,
    designKgS,
    designM3S: designKgS / fuel.densityKgM3,
  }
}
