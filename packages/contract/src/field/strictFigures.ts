import { z } from 'zod'

/** From one end to the other, both allowed. */
export const within = (min: number, max: number, unit: string) => {
  const message = `allowed: a number, ${min} to ${max}${unit && ` ${unit}`}`
  return z.number({ error: message }).min(min, { error: message }).max(max, { error: message }).meta({ unit })
}
/** Above the first, up to the second. */
export const above = (min: number, max: number, unit: string) => {
  const message = `allowed: a number above ${min}, to ${max}${unit && ` ${unit}`}`
  return z.number({ error: message }).gt(min, { error: message }).max(max, { error: message }).meta({ unit })
}
export const wholeWithin = (min: number, max: number) => {
  const message = `allowed: a whole number, ${min} to ${max}`
  return z.int({ error: message }).min(min, { error: message }).max(max, { error: message })
}
const NAME = 'allowed: a text of at least one character'
export const nonEmpty = () => z.string({ error: NAME }).min(1, { error: NAME })
export const trueOrFalse = () => z.boolean({ error: 'allowed: true, false' })
export const listFrom = <T extends z.ZodType>(item: T, least: number, most: number) => {
  const message = `allowed: a list of ${least} to ${most}`
  return z.array(item, { error: message }).min(least, { error: message }).max(most, { error: message })
}
