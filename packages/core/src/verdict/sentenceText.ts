import { formatQuantity, unitOf, type Family } from '../quantity/index.ts'
import type { Figure, Sentence } from './verdict.ts'

/** Unit id by family; a family that is not in it is written in its first unit. */
export type UnitChoice = Readonly<Partial<Record<Family, string>>>

export const figureText = (f: Figure, units: UnitChoice): string =>
  formatQuantity(f.si, unitOf(f.family, units[f.family]), f.decimals)

/** A sentence as plain text, its figures in these units. */
export const sentenceText = (sentence: Sentence, units: UnitChoice): string =>
  sentence.map((part) => (typeof part === 'string' ? part : figureText(part, units))).join('')
