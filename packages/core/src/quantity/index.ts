export { DASH_BORES } from './dashSizes.ts'
export { formatFigure, formatForEntry, formatMeasured, formatNumber, formatQuantity } from './formatQuantity.ts'
export { explainQuantityError, parseQuantity, type ParsedQuantity, type QuantityError } from './parseQuantity.ts'
export { AMBIGUOUS_SPELLINGS, fromSi, toSi, UNITS, unitOf, type Family, type Unit } from './units.ts'
