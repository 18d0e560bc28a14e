import { fallingRoot } from '../../numeric/bracketedRoot.ts'
import type { Trace } from '../../verdict/index.ts'

export interface VapourFuel {
  /** Reid vapour pressure of the fuel as it is bought, whatever its ethanol share, Pa. */
  readonly reidPa: number
  /** By volume, 0 to 1. */
  readonly ethanolShare: number
}

export interface VapourAnswer {
  /** Absolute. */
  readonly vapourPa: number
  readonly lowPa: number
  readonly highPa: number
  /** Beyond the temperatures the formula for petrol was made for (above 60 °C). */
  readonly extrapolated: boolean
}

const PA_PER_PSI = 6894.757293168361
/** Slope of the distillation curve of motor petrol, °F per % (AP-42 table 7.1-2). */
const DISTILLATION_SLOPE = 3
/** Temperature of the Reid test, K: 37.8 °C. */
const REID_K = 310.928
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

/**
 * True vapour pressure of a fuel, Pa absolute, with its band. At 37.8 °C it follows from the Reid pressure of the fuel as
 * bought, away from it with the slopes of petrol (AP-42) and of ethanol (Antoine), weighted by volume share in the
 * logarithm: one curve that is the refined-products formula at no ethanol and neat ethanol's at all of it. The band is
 * 10 % for petrol, 20 % where it is extrapolated, and goes over to 20 % with the share: an estimate of this house.
 * @param temperatureK 243 to 393 K
 */
export const vapourPressure = (fuel: VapourFuel, temperatureK: number, trace?: Trace): VapourAnswer => {
  const { ethanolShare: x, reidPa } = fuel
  const petrol = petrolPa(reidPa, temperatureK)
  const ethanol = (reidPa / ethanolVapourPa(REID_K)) * ethanolVapourPa(temperatureK)
  const vapourPa = petrol ** (1 - x) * ethanol ** x
  const extrapolated = temperatureK > EXTRAPOLATED_ABOVE_K
  const spread = extrapolated ? 0.2 : 0.1 + 0.1 * Math.min(1, x / 0.2)
  trace?.step({
    symbol: 'p_p',
    meaning: `true vapour pressure if it were petrol alone, absolute${extrapolated ? ' (extrapolated above 60 °C)' : ''}`,
    formula:
      '6894.757293168361 * exp((0.7553 - 413 / (1.8 * T - 0.07)) * 3^0.5 * log10(R / 6894.757293168361) - (1.854 - 1042 / (1.8 * T - 0.07)) * 3^0.5 + (2416 / (1.8 * T - 0.07) - 2.013) * log10(R / 6894.757293168361) - 8742 / (1.8 * T - 0.07) + 15.64)',
    inputs: { R: { value: reidPa, unit: 'Pa, Reid, as bought' }, T: { value: temperatureK, unit: 'K' } },
    result: petrol,
    unit: 'Pa absolute',
    source: 'EPA AP-42 chapter 7.1, refined petroleum stocks, slope 3',
  })
  if (x > 0)
    trace?.step({
      symbol: 'p_v',
      meaning: 'true vapour pressure of the blend, absolute',
      formula: 'p_p^(1 - x) * p_e^x',
      inputs: {
        p_p: { value: petrol, unit: 'Pa, as petrol' },
        p_e: { value: ethanol, unit: 'Pa, with ethanol’s slope from the Reid pressure (Antoine)' },
        x: { value: x, unit: 'ethanol by volume' },
      },
      result: vapourPa,
      unit: 'Pa absolute',
      source: 'estimate of this house: slopes of petrol and ethanol weighted by share',
    })
  return { vapourPa, lowPa: vapourPa * (1 - spread), highPa: vapourPa * (1 + spread), extrapolated }
}

/** Temperature at which the fuel boils under a pressure, K; the ends of 243 to 423 K where it lies beyond. */
export const boilingPointK = (fuel: VapourFuel, absolutePa: number): number =>
  fallingRoot((t) => absolutePa - vapourPressure(fuel, t).vapourPa, 243.15, 423.15)
