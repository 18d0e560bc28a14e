import {
  explainQuantityError,
  formatMeasured,
  meantUnits,
  parseQuantity,
  usualSpanAt,
  type FigureNode,
  type Known,
  type Unit,
} from '@lochmoor/core'

/** What an entry comes to: a figure, what is wrong with it, or what it may have meant. */
export type Read =
  | { readonly kind: 'read'; readonly si: Known; readonly note: string | null }
  | { readonly kind: 'wrong'; readonly error: string }
  | {
      readonly kind: 'asked'
      readonly question: string
      readonly choices: readonly string[]
      /** It may still become a usual figure while it is being written. */
      readonly unfinished: boolean
    }

const withUnit = (figure: string, u: Unit): string => `${figure} ${u.label}`

/** @param path its place in the document, which says what it usually is */
export const readEntry = (text: string, { family, range, whole }: FigureNode, unit: Unit, path: string): Read => {
  if (text.trim() === '') return { kind: 'read', si: null, note: null }
  const parsed = parseQuantity(text, family, unit, { mayBeNegative: range.min < 0 })
  if (!parsed.ok) {
    const { error } = parsed
    const question = explainQuantityError(error)
    return error.code === 'ambiguous'
      ? { kind: 'asked', question, choices: error.choices, unfinished: false }
      : { kind: 'wrong', error: question }
  }
  const { si, remark, bare, unit: readIn } = parsed.value
  const { min, max } = range
  const slack = 1e-9 * Math.max(Math.abs(min), Math.abs(max))
  const allowed = si >= min - slack && si <= max + slack
  const meant = meantUnits(parsed.value, family, usualSpanAt(path))
  if (bare !== undefined && meant.length > 0)
    return {
      kind: 'asked',
      question: `${withUnit(bare, unit)} is unusual here.`,
      choices: [...meant, ...(allowed ? [unit] : [])].map((u) => withUnit(bare, u)),
      unfinished: true,
    }
  if (!allowed)
    return {
      kind: 'wrong',
      error: `${formatMeasured(si, unit)} is not allowed here: ${formatMeasured(min, unit)} to ${formatMeasured(max, unit)}.`,
    }
  if (whole && !Number.isInteger(si))
    return { kind: 'wrong', error: `${text.trim()} is not allowed here: whole numbers only.` }
  return {
    kind: 'read',
    si: Math.min(max, Math.max(min, si)),
    note: remark ?? (readIn.id === unit.id ? null : `= ${formatMeasured(Number(si.toPrecision(6)), unit)}`),
  }
}
