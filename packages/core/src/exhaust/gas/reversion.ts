import type { Trace } from '../../verdict/index.ts'
import { EXHAUST_J_KG_K } from './exhaustGas.ts'

export interface ReversionCase {
  /** Whole gas through this tail. */
  readonly gasKgS: number
  readonly speedRpm: number
  readonly cylinders: number
  readonly tailK: number
  readonly tailBoreM: number
  /** From the sensor to the open end. */
  readonly tailAfterM: number
}

export interface ReversionAnswer {
  readonly pulseM3: number
  /** Length of tail that one pulse fills: outside air can come back in about as far. */
  readonly displacementM: number
  readonly marginM: number
}

/** Least pipe after the sensor: rule of thumb of the trade, 18 inches. */
export const LEAST_TAIL_M = 0.45
/** What the careful ones want, 24 inches. */
export const GOOD_TAIL_M = 0.6

/**
 * How far air from outside comes back into the tail between two pulses: volume of one cylinder's pulse over the area of
 * the pipe. Ideal gas; resonance of the pipe is not covered. gasKgS, speedRpm, cylinders > 0.
 */
export const reversion = (c: ReversionCase, trace?: Trace): ReversionAnswer => {
  const eventKg = (c.gasKgS * 120) / (c.speedRpm * c.cylinders)
  const pulseM3 = (eventKg * EXHAUST_J_KG_K * c.tailK) / 101_325
  const displacementM = pulseM3 / ((Math.PI / 4) * c.tailBoreM ** 2)
  trace?.step({
    symbol: 'x_p',
    meaning: 'length of tail filled by one pulse',
    formula: 'm * 120 / (n * z) * 288.7 * T / 101325 / (0.7853981633974483 * D^2)',
    inputs: {
      m: { value: c.gasKgS, unit: 'kg/s' },
      n: { value: c.speedRpm, unit: 'rev/min' },
      z: { value: c.cylinders, unit: 'cylinders' },
      T: { value: c.tailK, unit: 'K' },
      D: { value: c.tailBoreM, unit: 'm' },
    },
    result: displacementM,
    unit: 'm',
    source: 'ideal gas; resonance not covered',
  })
  return { pulseM3, displacementM, marginM: c.tailAfterM - displacementM }
}
