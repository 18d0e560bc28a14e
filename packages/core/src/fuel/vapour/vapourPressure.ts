import { fallingRoot } from '../../numeric/bracketedRoot.ts'
import type { Trace } from '../../verdict/index.ts'
import { ETHANOL, PETROL } from '../../engine/fuelProperties.ts'

export interface VapourFuel {
  /**
   * Reid vapour pressure, Pa: of the fuel as it is sold up to 20 % ethanol, of its petrol part above that, where the
   * seller states none for the blend.
   */
  readonly reidPa: number
  /** By volume, 0 to 1. */
  readonly ethanolShare: number
}

export interface VapourAnswer {
  /** Absolute. */
  readonly vapourPa: number
  readonly lowPa: number
  readonly highPa: number
  readonly method: 'refined-products' | 'mixture'
  /** Beyond the temperatures the formula was made for (above 60 °C). */
  readonly extrapolated: boolean
}

const PA_PER_PSI = 6894.757293168361
/** Slope of the distillation curve of motor petrol, °F per % (AP-42 table 7.1-2). */
const DISTILLATION_SLOPE = 3
/** Highest ethanol share for which the refined-products formula is used. */
export const MOST_ETHANOL_BY_REID = 0.2
const ETHANOL_MOLAR_KG = 46.07e-3
/** Effective molar mass of the petrol part: middle of textbook ranges for whole petrol (95 to 110 g/mol). */
const PETROL_MOLAR_KG = 100e-3
/**
 * Van Laar constants of ethanol in petrol and petrol in ethanol. Estimate of this house, chosen so that 5 to 20 %
 * ethanol lie some 5 to 8 kPa above the neat petrol and E85 well below it.
 */
const VAN_LAAR = { ethanol: 2.4, petrol: 1.9 } as const
const EXTRAPOLATED_ABOVE_K = 333.15

/**
 * True vapour pressure of petrol, Pa absolute, from its Reid pressure. EPA AP-42 chapter 7.1, equation for refined
 * petroleum stocks, slope 3, with its rounded zero of 459.6 °F. Checked: Reid 60 kPa gives 35.8 / 68.3 / 120.6 / 251.7 kPa at 20 / 40 / 60 / 90 °C.
 */
const petrolPa = (reidPa: number, temperatureK: number): number => {
  const rankine = temperatureK * 1.8 - 0.07
  const slope = Math.sqrt(DISTILLATION_SLOPE)
  const reid = Math.log10(reidPa / PA_PER_PSI)
  const exponent =
    (0.7553 - 413 / rankine) * slope * reid -
    (1.854 - 1042 / rankine) * slope +
    (2416 / rankine - 2.013) * reid -
    8742 / rankine +
    15.64
  return PA_PER_PSI * Math.exp(exponent)
}

/** Vapour pressure of neat ethanol, Pa absolute: Antoine, log10 p[mmHg] = 8.20417 - 1642.89/(t + 230.300). */
export const ethanolVapourPa = (temperatureK: number): number =>
  133.322368 * 10 ** (8.20417 - 1642.89 / (temperatureK - 273.15 + 230.3))

/** Ethanol in petrol by van Laar's activity coefficients over both pure vapour pressures. */
const mixture = ({ reidPa, ethanolShare: x }: VapourFuel, temperatureK: number) => {
  const ethanolMol = (x * ETHANOL.densityKgM3) / ETHANOL_MOLAR_KG
  const petrolMol = ((1 - x) * PETROL.densityKgM3) / PETROL_MOLAR_KG
  const e = ethanolMol / (ethanolMol + petrolMol)
  const p = 1 - e
  const { ethanol: a, petrol: b } = VAN_LAAR
  const activityE = e === 0 ? 0 : Math.exp(a / (1 + (a * e) / (b * Math.max(p, 1e-12))) ** 2)
  const activityP = p === 0 ? 0 : Math.exp(b / (1 + (b * p) / (a * Math.max(e, 1e-12))) ** 2)
  const [ethanolPa, neatPa] = [ethanolVapourPa(temperatureK), petrolPa(reidPa, temperatureK)]
  return { e, p, activityE, activityP, ethanolPa, neatPa, pa: e * activityE * ethanolPa + p * activityP * neatPa }
}

/**
 * True vapour pressure of a fuel, Pa absolute, with its band (10 % by the refined-products formula, 20 % by the mixture
 * model and wherever it is extrapolated).
 * @param temperatureK 243 to 393 K
 */
export const vapourPressure = (fuel: VapourFuel, temperatureK: number, trace?: Trace): VapourAnswer => {
  const byReid = fuel.ethanolShare <= MOST_ETHANOL_BY_REID
  const mixed = byReid ? null : mixture(fuel, temperatureK)
  const vapourPa = mixed?.pa ?? petrolPa(fuel.reidPa, temperatureK)
  const extrapolated = temperatureK > EXTRAPOLATED_ABOVE_K
  const spread = byReid && !extrapolated ? 0.1 : 0.2
  if (!mixed)
    trace?.step({
      symbol: 'p_v',
      meaning: `true vapour pressure, absolute${extrapolated ? ' (extrapolated above 60 °C)' : ''}`,
      formula:
        '6894.757293168361 * exp((0.7553 - 413 / (1.8 * T - 0.07)) * 3^0.5 * log10(R / 6894.757293168361) - (1.854 - 1042 / (1.8 * T - 0.07)) * 3^0.5 + (2416 / (1.8 * T - 0.07) - 2.013) * log10(R / 6894.757293168361) - 8742 / (1.8 * T - 0.07) + 15.64)',
      inputs: { R: { value: fuel.reidPa, unit: 'Pa, Reid' }, T: { value: temperatureK, unit: 'K' } },
      result: vapourPa,
      unit: 'Pa absolute',
      source: 'EPA AP-42 chapter 7.1, refined petroleum stocks, slope 3',
    })
  else
    trace?.step({
      symbol: 'p_v',
      meaning: 'true vapour pressure of the blend, absolute',
      formula: 'x_e * g_e * p_e + x_p * g_p * p_p',
      inputs: {
        x_e: { value: mixed.e, unit: 'mole share of ethanol' },
        g_e: { value: mixed.activityE, unit: 'its activity (van Laar)' },
        p_e: { value: mixed.ethanolPa, unit: 'Pa, neat ethanol (Antoine)' },
        x_p: { value: mixed.p, unit: 'mole share of petrol' },
        g_p: { value: mixed.activityP, unit: 'its activity (van Laar)' },
        p_p: { value: mixed.neatPa, unit: 'Pa, neat petrol (AP-42)' },
      },
      result: vapourPa,
      unit: 'Pa absolute',
      source: 'van Laar activity over AP-42 petrol and Antoine ethanol: an estimate, 20 % either way',
    })
  return {
    vapourPa,
    lowPa: vapourPa * (1 - spread),
    highPa: vapourPa * (1 + spread),
    method: byReid ? 'refined-products' : 'mixture',
    extrapolated,
  }
}

/** Temperature at which the fuel boils under a pressure, K; the ends of 243 to 423 K where it lies beyond. */
export const boilingPointK = (fuel: VapourFuel, absolutePa: number): number =>
  fallingRoot((t) => absolutePa - vapourPressure(fuel, t).vapourPa, 243.15, 423.15)
