import { err, ok, type Result } from '../outcome/result.ts'
import { parseClock } from './clock.ts'
import { DASH_BORES } from './dashSizes.ts'
import { AMBIGUOUS_SPELLINGS, toSi, UNITS, type Family, type Unit } from './units.ts'

export interface ParsedQuantity {
  readonly si: number
  /** The unit the entry was read in. */
  readonly unit: Unit
  /** Said beside the field where the entry was more than a figure and a unit. */
  readonly remark?: string
  /** The figure as it was written, where no unit was: it was taken in the unit shown. */
  readonly bare?: string
}

export type QuantityError =
  | { readonly code: 'empty' }
  | { readonly code: 'notANumber'; readonly text: string }
  | { readonly code: 'unknownUnit'; readonly text: string; readonly known: readonly string[] }
  | { readonly code: 'ambiguous'; readonly text: string; readonly choices: readonly string[] }
  | { readonly code: 'unknownDash'; readonly dash: number; readonly known: readonly number[] }

const NUMBER = /^([-+−]?)\s*(?:(\d+)(?:\s+|\s*-\s*)(\d+)\s*\/\s*(\d+)|(\d+)\s*\/\s*(\d+)|(\d+(?:[.,]\d*)?|[.,]\d+))/
const THOUSANDS = /^\d{1,3},\d{3}$/
const FEET_AND_INCHES = /^([-+−]?\d+(?:[.,]\d+)?)\s*(?:ft|'|′|feet|foot)\s*(\S.*)$/

const compact = (text: string) => text.replace(/\s+/g, '').toLowerCase()

/** Reads the leading number: plain, decimal comma or point, a fraction, or whole and fraction. */
const leadingNumber = (text: string): { value: number; rest: string; raw: string; all: string } | null => {
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
    all: all.trim(),
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
    remark: `dash ${dash} hose, typically ${mm(found.typicalM)} to ${mm(found.upToM)} mm: the smaller is assumed, measure yours`,
  })
}

const NONE = /^(?:none|nil|no|nothing)$/i
/** Families in which nothing of it is a figure: nought. */
const HAS_NO_NONE: readonly Family[] = ['temperature', 'angle', 'clock', 'lambda', 'ratio']
const ETHANOL_GRADE = /^e\s*(\d{1,3})$/i

/** What is said in words instead of figures: "none", "E10", "half past one". */
const parseWords = (text: string, family: Family): ParsedQuantity | null => {
  const unit = UNITS[family][0]!
  if (NONE.test(text) && !HAS_NO_NONE.includes(family)) return { si: 0, unit }
  const grade = family === 'share' ? ETHANOL_GRADE.exec(text) : null
  if (grade && Number(grade[1]) <= 100)
    return {
      si: Number(grade[1]) / 100,
      unit,
      remark: `E${grade[1]}: up to ${grade[1]} % ethanol; a test of the fuel says how much`,
    }
  const deg = family === 'clock' ? parseClock(text) : null
  return deg === null ? null : { si: deg, unit, remark: `= ${deg}°` }
}

/**
 * Reads what a person typed into a figure in SI. Understands "58 psi", "4 bar", "400kPa", "5/16 in", "3 ft 4", "1,5",
 * "4-3/8 in", "20 thou", "none", "E10", "half past one" and, for bores, a dash size such as "-6". A bare number takes the displayed unit. Never guesses: spellings with two
 * meanings ("gal/h", "1,500") are refused with the choices.
 * @param mayBeNegative of a place that may lie to either side: "-10" is ten to the other side, no dash size
 */
export const parseQuantity = (
  text: string,
  family: Family,
  shown: Unit,
  { mayBeNegative = false }: { readonly mayBeNegative?: boolean } = {},
): Result<ParsedQuantity, QuantityError> => {
  const trimmed = text.trim()
  if (trimmed === '') return err({ code: 'empty' })
  const inWords = parseWords(trimmed, family)
  if (inWords) return ok(inWords)
  if (family === 'bore' && !mayBeNegative) {
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
  if (spelling === '') return ok({ si: toSi(number.value, shown), unit: shown, bare: number.all })
  const choices = AMBIGUOUS_SPELLINGS[family]?.[spelling]
  if (choices) {
    const labels = UNITS[family].filter((u) => choices.includes(u.id)).map((u) => `${number.value} ${u.label}`)
    return err({ code: 'ambiguous', text: trimmed, choices: labels })
  }
  const unit = UNITS[family].find((u) => u.spellings.includes(spelling))
  if (!unit) return err({ code: 'unknownUnit', text: number.rest.trim(), known: UNITS[family].map((u) => u.label) })
  const remark = unit.id === 'cwt' ? { remark: 'hundredweight of 112 lb' } : {}
  return ok({ si: toSi(number.value, unit), unit, ...remark })
}

/** One sentence for the person who typed it. */
export const explainQuantityError = (error: QuantityError): string => {
  switch (error.code) {
    case 'empty':
      return 'Nothing entered.'
    case 'notANumber':
      return `"${error.text}" is not a figure. Write for example 5.5, 5/16 in or 20 thou.`
    case 'unknownUnit':
      return `The unit "${error.text}" is not one that fits here. Known: ${error.known.join(', ')}.`
    case 'ambiguous':
      return `"${error.text}" can mean ${error.choices.join(' or ')}: which?`
    case 'unknownDash':
      return `Dash ${error.dash} has no bore on file. Known: ${error.known.map((d) => `-${d}`).join(', ')}; or enter the bore.`
  }
}
