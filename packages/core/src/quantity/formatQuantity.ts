import { fromSi, type Unit } from './units.ts'

const THIN_SPACE = '\u2009'
const MINUS = '\u2212'

/** The figure alone, in the unit's usual decimals, with a true minus sign. */
export const formatFigure = (si: number, u: Unit, decimals = u.decimals): string => {
  const text = fromSi(si, u).toFixed(decimals)
  const unsigned = text.replace(/^-/, '')
  return text.startsWith('-') && Number(unsigned) !== 0 ? MINUS + unsigned : unsigned
}

/** The figure with its unit, for reading. */
export const formatQuantity = (si: number, u: Unit, decimals = u.decimals): string =>
  u.label === '' ? formatFigure(si, u, decimals) : `${formatFigure(si, u, decimals)}${THIN_SPACE}${u.label}`

/** The figure as it stands in an input: plain ASCII, trailing zeros dropped, enough decimals to lose nothing entered. */
export const formatForEntry = (si: number, u: Unit): string => String(Number(fromSi(si, u).toFixed(u.decimals + 2)))

/** As it was measured: every digit that was entered, no zeros behind them. */
export const formatMeasured = (si: number, u: Unit): string =>
  [formatForEntry(si, u).replace(/^-/, MINUS), u.label].filter(Boolean).join(THIN_SPACE)

const SUPERSCRIPTS: Readonly<Record<string, string>> = {
  '-': '⁻',
  '0': '⁰',
  '1': '¹',
  '2': '²',
  '3': '³',
  '4': '⁴',
  '5': '⁵',
  '6': '⁶',
  '7': '⁷',
  '8': '⁸',
  '9': '⁹',
}
const superscript = (n: number): string => [...String(n)].map((c) => SUPERSCRIPTS[c] ?? c).join('')

/** Significant-figure text of a bare number for workings. */
export const formatNumber = (value: number): string => {
  if (value === 0) return '0'
  const magnitude = Math.abs(value)
  if (magnitude >= 1e5 || magnitude < 1e-3) {
    const [mantissa, exponent] = value.toExponential(3).split('e')
    return `${mantissa!.replace(/\.?0+$/, '').replace('-', MINUS)}\u00b710${superscript(Number(exponent))}`
  }
  return String(Number(value.toPrecision(5))).replace('-', MINUS)
}
