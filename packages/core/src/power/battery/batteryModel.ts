import type { Trace } from '../../verdict/index.ts'

/** How the cold-crank current on the label was measured, both at -18 °C; both from memory of the standards. */
export const RATING_STANDARDS = {
  /** EN 50342-1: 7.5 V after 10 s. */
  en: { emfV: 12.6, endV: 7.5, words: 'EN (7.5 V after 10 s)' },
  /** SAE J537: 7.2 V after 30 s. */
  sae: { emfV: 12, endV: 7.2, words: 'SAE (7.2 V after 30 s)' },
} as const
export type RatingStandard = keyof typeof RATING_STANDARDS

/** Resting voltage of a 12 V lead-acid battery at 0, 25, 50, 75 and 100 %, V. Typical, from memory. */
export const REST_V = [11.8, 12, 12.2, 12.45, 12.7] as const

const RATED_K = 255.15
const WARM_K = 298.15
const YEAR_S = 365.25 * 86_400
/** A battery gives so many amperes cold for each ampere-hour. Rule of thumb, where the label gives no cold-crank current. */
export const COLD_CRANK_PER_AH = 9

/** Times a new battery's resistance by age: two to four times when old. Rule of thumb; straight between. */
const AGES: readonly (readonly [number, number])[] = [[0, 1], [3, 1.2], [6, 2], [9, 3], [12, 4]] // prettier-ignore
export const agedFactor = (ageS: number): number => {
  const years = ageS / YEAR_S
  const i = AGES.findIndex(([y]) => y >= years)
  if (i < 0) return AGES.at(-1)![1]
  if (i === 0) return 1
  const [[y0, f0], [y1, f1]] = [AGES[i - 1]!, AGES[i]!]
  return f0 + ((f1 - f0) * (years - y0)) / (y1 - y0)
}

/** State of charge from the voltage at rest, 0 to 1. */
export const chargeAtRest = (restingV: number): number => {
  const i = REST_V.findIndex((v) => v >= restingV)
  if (i < 0) return 1
  if (i === 0) return 0
  return (i - 1 + (restingV - REST_V[i - 1]!) / (REST_V[i]! - REST_V[i - 1]!)) / 4
}

/** Voltage at rest of a state of charge, V. */
export const restAtCharge = (charge: number): number => {
  const x = Math.min(1, Math.max(0, charge)) * 4
  const i = Math.min(3, Math.floor(x))
  return REST_V[i]! + (x - i) * (REST_V[i + 1]! - REST_V[i]!)
}

/** A battery that gives nothing is this, ohm. */
const MOST_OHM = 100

export interface BatteryLabel {
  readonly standard: RatingStandard
  /** Cold-crank current on the label, A. */
  readonly coldCrankA: number
  readonly ageS: number
  /** 0 to 1. */
  readonly charge: number
  readonly temperatureK: number
}

export interface BatteryState {
  readonly openCircuitV: number
  /** After some seconds of cranking, polarisation included, ohm. */
  readonly resistanceOhm: number
  /** While it is being charged, ohm. */
  readonly chargeOhm: number
}

/** Half a battery's charge makes it a quarter more resistive. Rule of thumb. */
const EMPTY_RESISTS = 0.5
/** A battery that is nearly full takes little: ohms of charging by state of charge. Typical, from 1 to 40 A at 14.2 V. */
const CHARGE_OHM = [0.035, 0.04, 0.06, 0.12, 0.6] as const

/**
 * A 12 V lead-acid battery as electromotive force behind a resistance. r(-18 °C) from its rating: (12.6 - 7.5 V)/I by EN,
 * (12.0 - 7.2 V)/I by SAE, polarisation included; half of it at 25 °C, in even steps of temperature between and beyond; times
 * its age, times its charge. Sources: EN 50342-1, SAE J537 (from memory); age and charge are rules of thumb.
 */
export const batteryState = (b: BatteryLabel, trace?: Trace): BatteryState => {
  const { emfV, endV } = RATING_STANDARDS[b.standard]
  const coldOhm = (emfV - endV) / b.coldCrankA
  const warmth = (b.temperatureK - RATED_K) / (WARM_K - RATED_K)
  const aged = agedFactor(b.ageS)
  const emptied = 1 + EMPTY_RESISTS * (1 - b.charge)
  const resistanceOhm = Math.min(MOST_OHM, coldOhm * 0.5 ** warmth * aged * emptied)
  trace?.step({
    symbol: 'r18',
    meaning: 'resistance at -18 °C when new, from its rating',
    formula: '(E - U)/I',
    inputs: { E: { value: emfV, unit: 'V' }, U: { value: endV, unit: 'V' }, I: { value: b.coldCrankA, unit: 'A' } },
    result: coldOhm,
    unit: 'Ω',
    source: b.standard === 'en' ? 'EN 50342-1, from memory' : 'SAE J537, from memory',
  })
  trace?.step({
    symbol: 'r',
    meaning: 'at its temperature, age and charge',
    formula: 'min(100, r18 * 0.5^((T - 255.15)/43) * a * c)',
    inputs: {
      r18: { value: coldOhm, unit: 'Ω' },
      T: { value: b.temperatureK, unit: 'K' },
      a: { value: aged, unit: 'times by age' },
      c: { value: emptied, unit: 'times by charge' },
    },
    result: resistanceOhm,
    unit: 'Ω',
    source: 'half at 25 °C, two to four times when old: rule of thumb',
  })
  const x = Math.min(1, Math.max(0, b.charge)) * 4
  const i = Math.min(3, Math.floor(x))
  const takes = CHARGE_OHM[i]! * (CHARGE_OHM[i + 1]! / CHARGE_OHM[i]!) ** (x - i)
  return { openCircuitV: restAtCharge(b.charge), resistanceOhm, chargeOhm: Math.max(takes, resistanceOhm) }
}
