export { DASH_BORES } from './dashSizes.ts'
export { formatClock, parseClock } from './clock.ts'
export {
  formatCut,
  formatFigure,
  formatForEntry,
  formatMeasured,
  formatNumber,
  formatQuantity,
  trustedDecimals,
} from './formatQuantity.ts'
export { meantUnits, type Span } from './meantUnit.ts'
export { explainQuantityError, parseQuantity, type ParsedQuantity, type QuantityError } from './parseQuantity.ts'
export { AMBIGUOUS_SPELLINGS, fromSi, toSi, UNITS, unitOf, type Family, type Unit } from './units.ts'
export type { Known } from './known.ts'
