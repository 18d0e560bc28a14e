import { formatClock, formatQuantity, unitOf, UNITS, type Family } from '../quantity/index.ts'
import type { Figure, Sentence } from './verdict.ts'

/** Unit id by family; a family that is not in it is written in its first unit. */
export type UnitChoice = Readonly<Partial<Record<Family, string>>>

const MINUTES = UNITS.time.find((u) => u.id === 'min')!
/** From here on a time is said in minutes. */
const LONG_S = 120

/** A figure in the reader's unit, in as many digits as can be trusted unless it says how many. */
export const figureText = (f: Figure, units: UnitChoice): string => {
  if (f.family === 'clock') return formatClock(f.si)
  if (f.family === 'time' && Math.abs(f.si) >= LONG_S) return formatQuantity(f.si, MINUTES, f.si % 60 === 0 ? 0 : 1)
  return formatQuantity(f.si, unitOf(f.family, units[f.family]), f.decimals)
}

/** A sentence as plain text, its figures in these units. */
export const sentenceText = (sentence: Sentence, units: UnitChoice): string =>
  sentence.map((part) => (typeof part === 'string' ? part : figureText(part, units))).join('')
