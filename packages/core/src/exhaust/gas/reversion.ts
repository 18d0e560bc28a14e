import type { Trace } from '../../verdict/index.ts'
import { EXHAUST_J_KG_K } from './exhaustGas.ts'

/** A stretch of tail with the bore area of all its pipes. */
export interface TailPiece {
  readonly lengthM: number
  readonly areaM2: number
}

/** How far a volume fills a tail from its open end upstream, m; beyond the last piece on as in it. */
export const filledM = (tail: readonly TailPiece[], volumeM3: number): number => {
  let [filled, left] = [0, volumeM3]
  for (const { lengthM, areaM2 } of tail) {
    const holdsM3 = lengthM * areaM2
    if (left <= holdsM3) return filled + left / areaM2
    filled += lengthM
    left -= holdsM3
  }
  const last = tail.at(-1)
  if (!last) throw new Error('a tail has at least one piece')
  return filled + left / last.areaM2
}

export interface ReversionCase {
  /** Whole gas through this tail. */
  readonly gasKgS: number
  readonly speedRpm: number
  readonly cylinders: number
  readonly tailK: number
  /** From the open end upstream. */
  readonly tail: readonly TailPiece[]
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
 * How far air from outside comes back into the tail between two pulses: volume of one cylinder's pulse, filled into the
 * tail as it is, piece by piece from the open end. Ideal gas; resonance of the pipe is not covered. gasKgS, speedRpm, cylinders > 0.
 */
export const reversion = (c: ReversionCase, trace?: Trace): ReversionAnswer => {
  const eventKg = (c.gasKgS * 120) / (c.speedRpm * c.cylinders)
  const pulseM3 = (eventKg * EXHAUST_J_KG_K * c.tailK) / 101_325
  const displacementM = filledM(c.tail, pulseM3)
  trace?.step({
    symbol: 'x_p',
    meaning: 'length of tail filled by one pulse',
    formula: 'm * 120 / (n * z) * 288.7 * T / 101325 / A',
    inputs: {
      m: { value: c.gasKgS, unit: 'kg/s' },
      n: { value: c.speedRpm, unit: 'rpm' },
      z: { value: c.cylinders, unit: 'cylinders' },
      T: { value: c.tailK, unit: 'K' },
      A: { value: pulseM3 / displacementM, unit: 'm², mean bore of the tail that it fills' },
    },
    result: displacementM,
    unit: 'm',
    source: 'ideal gas; resonance not covered',
  })
  return { pulseM3, displacementM, marginM: c.tailAfterM - displacementM }
}
