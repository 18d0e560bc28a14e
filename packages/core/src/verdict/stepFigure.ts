import { formatNumber, formatQuantity, fromSi, unitOf, type Family, type Unit } from '../quantity/index.ts'
import type { UnitChoice } from './sentenceText.ts'

/** Shorter lengths are read on a caliper, longer ones on a tape, m. */
const CALIPER_M = 0.5
/** Digits that count, and the decimals that nobody reads past. */
const DIGITS = 3
const MOST_DECIMALS = 4
/** Nothing on a car is colder than this, K: what is less is a difference of two temperatures. */
const LEAST_TEMPERATURE_K = 200

const familyOf = (value: number, unit: string, symbol: string): Family | null => {
  switch (unit) {
    case 'Pa':
      return 'pressure'
    case 'm':
      return Math.abs(value) < CALIPER_M ? 'bore' : 'distance'
    case 'm³/s':
      return 'volumeFlow'
    case 'm³':
      return 'volume'
    case 'kg/s':
      return 'massFlow'
    case 'kg':
      return 'mass'
    case 'K':
      return /^T/.test(symbol) && value > LEAST_TEMPERATURE_K ? 'temperature' : null
    default:
      return null
  }
}

/** Decimals that show a figure in as many digits as count; null where that would be a row of zeros. */
const decimalsOf = (value: number, u: Unit): number | null => {
  const magnitude = Math.abs(fromSi(value, u))
  if (!(magnitude > 0)) return 0
  const decimals = Math.max(0, DIGITS - 1 - Math.floor(Math.log10(magnitude)))
  return decimals > MOST_DECIMALS ? null : decimals
}

/**
 * A figure of a working in the reader's units. What no unit of a family says well (a roughness, a conductivity, a
 * difference of temperatures) stays in SI. @param unit as the step has it: SI, and after a blank what more is said of it
 */
export const stepFigure = (value: number, unit: string, symbol: string, units: UnitChoice): string => {
  const [si = '', ...more] = unit.split(' ')
  const family = familyOf(value, si, symbol)
  const u = family && unitOf(family, units[family])
  const decimals = u && decimalsOf(value, u)
  const text = u && decimals !== null ? formatQuantity(value, u, decimals) : `${formatNumber(value)} ${si}`
  return [text.trim(), ...more].join(' ')
}
