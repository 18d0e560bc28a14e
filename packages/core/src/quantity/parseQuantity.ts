import { err, ok, type Result } from '../outcome/result.ts'
import { DASH_BORES } from './dashSizes.ts'
import { AMBIGUOUS_SPELLINGS, toSi, UNITS, type Family, type Unit } from './units.ts'

export interface ParsedQuantity {
  readonly si: number
  /** The unit the entry was read in. */
  readonly unit: Unit
  /** Said beside the field where the entry was more than a figure and a unit. */
  readonly remark?: string
}

export type QuantityError =
  | { readonly code: 'empty' }
  | { readonly code: 'notANumber'; readonly text: string }
  | { readonly code: 'unknownUnit'; readonly text: string; readonly known: readonly string[] }
  | { readonly code: 'ambiguous'; readonly text: string; readonly choices: readonly string[] }
  | { readonly code: 'unknownDash'; readonly dash: number; readonly known: readonly number[] }

const NUMBER = /^([-+−]?)\s*(?:(\d+)\s+(\d+)\s*\/\s*(\d+)|(\d+)\s*\/\s*(\d+)|(\d+(?:[.,]\d*)?|[.,]\d+))/
const THOUSANDS = /^\d{1,3},\d{3}$/
const FEET_AND_INCHES = /^([-+−]?\d+(?:[.,]\d+)?)\s*(?:ft|'|′|feet|foot)\s*(\S.*)$/

const compact = (text: string) => text.replace(/\s+/g, '').toLowerCase()

/** Reads the leading number: plain, decimal comma or point, a fraction, or whole and fraction. */
const leadingNumber = (text: string): { value: number; rest: string; raw: string } | null => {
  const m = NUMBER.exec(text)
  if (!m) return null
  const [all, sign, whole, num, den, onlyNum, onlyDen, plain] = m
  const magnitude =
    whole !== undefined
      ? Number(whole) + Number(num) / Number(den)
      : onlyNum !== undefined
        ? Number(onlyNum) / Number(onlyDen)
        : Number(plain!.replace(',', '.'))
  if (!Number.isFinite(magnitude)) return null
  return {
    value: sign === '-' || sign === '−' ? -magnitude : magnitude,
    rest: text.slice(all.length),
    raw: plain ?? '',
  }
}

const parseDash = (text: string): Result<ParsedQuantity, QuantityError> | null => {
  const m = /^(?:-|−|dash\s*)(\d+)$/i.exec(text)
  if (!m) return null
  const dash = Number(m[1])
  const found = DASH_BORES.find((d) => d.dash === dash)
  if (!found) return err({ code: 'unknownDash', dash, known: DASH_BORES.map((d) => d.dash) })
  const mm = (v: number) => (v * 1e3).toFixed(1)
  return ok({
    si: found.typicalM,
    unit: UNITS.bore[0]!,
    remark: `dash ${dash} hose, typically ${mm(found.typicalM)} to ${mm(found.upToM)} mm: the narrow end is taken, measure yours`,
  })
}

/**
 * Reads what a person typed into a figure in SI. Understands "58 psi", "4 bar", "400kPa", "5/16 in", "3 ft 4", "1,5"
 * and, for bores, a dash size such as "-6". A bare number takes the displayed unit. Never guesses: spellings with two
 * meanings ("gal/h", "1,500") are refused with the choices.
 */
export const parseQuantity = (text: string, family: Family, shown: Unit): Result<ParsedQuantity, QuantityError> => {
  const trimmed = text.trim()
  if (trimmed === '') return err({ code: 'empty' })
  if (family === 'bore') {
    const dash = parseDash(trimmed)
    if (dash) return dash
  }
  if (family === 'bore' || family === 'distance') {
    const ftIn = FEET_AND_INCHES.exec(trimmed)
    if (ftIn) {
      const inches = leadingNumber(ftIn[2]!)
      const feet = Number(ftIn[1]!.replace(',', '.').replace('−', '-'))
      if (!inches || !['', 'in', '"', '″', 'inch', 'inches'].includes(compact(inches.rest)))
        return err({ code: 'notANumber', text: trimmed })
      const sign = /^[-−]/.test(ftIn[1]!) ? -1 : 1
      const ft = UNITS.distance.find((u) => u.id === 'ft')!
      const si = toSi(feet, ft) + (sign * inches.value * ft.factor) / 12
      return ok({ si, unit: ft })
    }
  }
  const number = leadingNumber(trimmed)
  if (!number) return err({ code: 'notANumber', text: trimmed })
  if (THOUSANDS.test(number.raw))
    return err({
      code: 'ambiguous',
      text: number.raw,
      choices: [number.raw.replace(',', '.'), number.raw.replace(',', '')],
    })
  const spelling = compact(number.rest)
  if (spelling === '') return ok({ si: toSi(number.value, shown), unit: shown })
  const choices = AMBIGUOUS_SPELLINGS[family]?.[spelling]
  if (choices) {
    const labels = UNITS[family].filter((u) => choices.includes(u.id)).map((u) => `${number.value} ${u.label}`)
    return err({ code: 'ambiguous', text: trimmed, choices: labels })
  }
  const unit = UNITS[family].find((u) => u.spellings.includes(spelling))
  if (!unit) return err({ code: 'unknownUnit', text: number.rest.trim(), known: UNITS[family].map((u) => u.label) })
  return ok({ si: toSi(number.value, unit), unit })
}

/** One sentence for the person who typed it. */
export const explainQuantityError = (error: QuantityError): string => {
  switch (error.code) {
    case 'empty':
      return 'Nothing entered.'
    case 'notANumber':
      return `"${error.text}" is not a figure. Write for example 5.5 or 5/16 in.`
    case 'unknownUnit':
      return `The unit "${error.text}" is not known here. Known: ${error.known.join(', ')}.`
    case 'ambiguous':
      return `"${error.text}" can mean ${error.choices.join(' or ')}: which?`
    case 'unknownDash':
      return `Dash ${error.dash} has no bore on file. Known: ${error.known.map((d) => `-${d}`).join(', ')}; or enter the bore.`
  }
}
