import type { Range } from '@lochmoor/core/job-shape'
import { z } from 'zod'

export const range = (min: number, max: number, unit: string): Range => ({ min, max, unit })

export const explainRange = ({ min, max, unit }: Range): string => `${min} to ${max}${unit ? ` ${unit}` : ''}`

/** A figure within a range; the range is named whatever is wrong with the value. */
export const figure = (r: Range) => {
  const message = `allowed: a number, ${explainRange(r)}`
  return z
    .number({ error: message })
    .min(r.min, { error: message })
    .max(r.max, { error: message })
    .meta({ unit: r.unit })
}

/** A whole number within a range. */
export const wholeFigure = (r: Range) => {
  const message = `allowed: a whole number, ${explainRange(r)}`
  return z.int({ error: message }).min(r.min, { error: message }).max(r.max, { error: message }).meta({ unit: r.unit })
}

/** One of a closed list of words. */
export const oneOf = <const T extends readonly [string, ...string[]]>(words: T) =>
  z.enum(words, { error: `allowed: ${words.map((w) => `"${w}"`).join(', ')}` })

/** An optional field: missing and null both mean the default. */
export const orDefault = <T extends z.ZodType>(schema: T, value: z.output<T>) =>
  schema
    .nullish()
    .meta({ default: value })
    .transform((v): z.output<T> => v ?? value)

/** An optional field without a default: missing and null both mean not given. */
export const notGiven = <T extends z.ZodType>(schema: T) =>
  schema.nullish().transform((v): z.output<T> | undefined => v ?? undefined)
