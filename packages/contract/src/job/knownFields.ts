import { z } from 'zod'
import { figure, oneOf, wholeFigure } from '../field/figure.ts'
import { FIELD_RANGES, type RangedField } from './fieldRanges.ts'

/** A figure of the range table, or null where it is not known. */
export const known = (field: RangedField) => figure(FIELD_RANGES[field]).nullable()
export const knownWhole = (field: RangedField) => wholeFigure(FIELD_RANGES[field]).nullable()
export const flag = z.boolean({ error: 'allowed: true or false' })
/** Looked at and found, looked at and not found, or not looked at. */
export const seen = z.boolean({ error: 'allowed: true, false or null' }).nullable()
/** One of a few words, or null where nobody has looked. */
export const word = <const T extends readonly [string, ...string[]]>(words: T) => oneOf(words).nullable()

/** Free text of at most so many characters; may be empty. */
export const text = (most: number) => {
  const message = `allowed: text of at most ${most} characters`
  return z.string({ error: message }).max(most, { error: message })
}
