import { fromSi, type Unit } from './units.ts'

const THIN_SPACE = '\u2009'
const MINUS = '\u2212'

/** More digits than this nobody trusts of a figure that was worked out. */
const TRUSTED_DIGITS = 3

/** Decimals of a figure that was worked out: its unit's, less where that would be more than three digits. */
export const trustedDecimals = (si: number, u: Unit): number => {
  const magnitude = Math.abs(fromSi(si, u))
  if (!(magnitude > 0)) return u.decimals
  const ahead = Math.floor(Math.log10(magnitude)) + 1
  return Math.max(0, Math.min(u.decimals, TRUSTED_DIGITS - Math.max(1, ahead)))
}

/** The figure alone, in as many digits as can be trusted, with a true minus sign. */
export const formatFigure = (si: number, u: Unit, decimals = trustedDecimals(si, u)): string => {
  const text = fromSi(si, u).toFixed(decimals)
  const unsigned = text.replace(/^-/, '')
  return text.startsWith('-') && Number(unsigned) !== 0 ? MINUS + unsigned : unsigned
}

/** Degrees of an angle stand at their figure, every other unit apart from it. */
const gapBefore = (u: Unit): string => (u.label === '' || u.label === '°' ? '' : THIN_SPACE)

/** The figure with its unit, for reading. */
export const formatQuantity = (si: number, u: Unit, decimals = trustedDecimals(si, u)): string =>
  `${formatFigure(si, u, decimals)}${gapBefore(u)}${u.label}`

/** The figure as it stands in an input: plain ASCII, trailing zeros dropped, enough decimals to lose nothing entered. */
export const formatForEntry = (si: number, u: Unit): string => String(Number(fromSi(si, u).toFixed(u.decimals + 2)))

const SIXTEENTHS = 16
/** A whole number of sixteenths as it stands on a rule: "23 5/16". */
const asFraction = (sixteenths: number): string => {
  const [whole, part] = [Math.floor(sixteenths / SIXTEENTHS), sixteenths % SIXTEENTHS]
  if (part === 0) return String(whole)
  const down = part % 8 === 0 ? 8 : part % 4 === 0 ? 4 : part % 2 === 0 ? 2 : 1
  return `${whole > 0 ? `${whole} ` : ''}${part / down}/${SIXTEENTHS / down}`
}

/** A length to mark and cut, as finely as a rule is read: whole millimetres, sixteenths of an inch. Never negative. */
export const formatCut = (m: number, u: Unit): string =>
  u.id === 'in' || u.id === 'thou' || u.id === 'ft'
    ? `${asFraction(Math.round((m / 0.0254) * SIXTEENTHS))}${THIN_SPACE}in`
    : `${Math.round(m * 1e3)}${THIN_SPACE}mm`

/** As it was measured: every digit that was entered, no zeros behind them. */
export const formatMeasured = (si: number, u: Unit): string =>
  `${formatForEntry(si, u).replace(/^-/, MINUS)}${gapBefore(u)}${u.label}`

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
