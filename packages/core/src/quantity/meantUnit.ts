import { toSi, UNITS, type Family, type Unit } from './units.ts'
import type { ParsedQuantity } from './parseQuantity.ts'

export interface Span {
  readonly min: number
  readonly max: number
}

/** Fractions are written of inches: a rule in millimetres has none. */
const isInches = (u: Unit): boolean => u.id === 'in' || u.id === 'ft'
const LENGTHS: readonly Family[] = ['bore', 'distance']
/** Nobody counts more than this in thousandths of an inch. */
const MOST_IN_THOU_M = 0.005

/**
 * Other units in which a figure without one may have been meant, the likeliest first; none where the unit shown is the
 * plausible one. A fraction where a metric length is shown is one of an inch; a figure far outside what is usual is
 * looked for in every unit of its family.
 * @param usual what such a figure usually is, SI; nought is always usual
 */
export const meantUnits = (read: ParsedQuantity, family: Family, usual: Span): Unit[] => {
  const { bare, si, unit: shown } = read
  if (bare === undefined || shown.label === '') return []
  const fits = (value: number) => value === 0 || (value >= usual.min && value <= usual.max)
  const figure = (si - (shown.offset ?? 0)) / shown.factor
  const others = UNITS[family].filter((u) => u.id !== shown.id)
  if (LENGTHS.includes(family) && bare.includes('/') && !isInches(shown)) return others.filter((u) => u.id === 'in')
  if (fits(si)) return []
  return others.filter((u) => {
    const value = toSi(figure, u)
    return fits(value) && !(u.id === 'thou' && value > MOST_IN_THOU_M)
  })
}
