import { err, ok, type Result } from '../../verdict/index.ts'
import { firingGroups, type FiringAnswer } from './firingGroups.ts'

/** As many as a job has wires for. */
export const MOST_CYLINDERS = 16

export type FiringOrderError =
  | { readonly code: 'notNumbers'; readonly text: string }
  | { readonly code: 'wrongCount'; readonly count: number; readonly cylinders: number }
  | { readonly code: 'notEachOnce'; readonly cylinder: number }

/**
 * Reads a firing order such as "1-3-4-2", "1 3 4 2", "1,3,4,2" or, below ten cylinders, "1342". Every cylinder 1 to n
 * must stand in it once; with `cylinders` given their number must fit.
 */
export const parseFiringOrder = (text: string, cylinders: number | null): Result<number[], FiringOrderError> => {
  const trimmed = text.trim()
  const parts = /^\d+$/.test(trimmed) ? [...trimmed] : trimmed.split(/[-–,;/\s]+/).filter(Boolean)
  const order = parts.map(Number)
  if (order.length === 0 || order.some((n) => !Number.isInteger(n) || n < 1)) return err({ code: 'notNumbers', text })
  const count = cylinders ?? order.length
  if (order.length !== count) return err({ code: 'wrongCount', count: order.length, cylinders: count })
  for (let n = 1; n <= count; n++) if (!order.includes(n)) return err({ code: 'notEachOnce', cylinder: n })
  return ok(order)
}

export const explainFiringOrderError = (e: FiringOrderError): string => {
  switch (e.code) {
    case 'notNumbers':
      return `"${e.text}" is not a firing order: write cylinder numbers, e.g. 1-3-4-2.`
    case 'wrongCount':
      return `${e.count} cylinders are named; the engine has ${e.cylinders}.`
    case 'notEachOnce':
      return `Cylinder ${e.cylinder} is missing or another is listed twice.`
  }
}

/** Crank degrees from firing to firing, "90-150-90-150-90-150": one for each of the order, together 720. Null: not that. */
export const parseIntervals = (text: string, cylinders: number): number[] | null => {
  const steps = text
    .trim()
    .split(/[-–,;/\s]+/)
    .filter(Boolean)
    .map(Number)
  const sum = steps.reduce((s, d) => s + d, 0)
  return steps.length === cylinders && steps.every((d) => d > 0) && Math.abs(sum - 720) < 1e-6 ? steps : null
}

/** Who fires with whom by the texts of a job: order, and uneven intervals where there are any. Null: either cannot be read. */
export const firingOfTexts = (
  order: string | null,
  intervals: string | null,
  cylinders: number | null,
): FiringAnswer | null => {
  const read = order === null ? null : parseFiringOrder(order, cylinders)
  if (!read?.ok || read.value.length > MOST_CYLINDERS) return null
  const typed = intervals !== null && intervals.trim() !== ''
  const intervalsDeg = typed ? parseIntervals(intervals, read.value.length) : null
  return typed && intervalsDeg === null ? null : firingGroups({ order: read.value, intervalsDeg, rails: [] })
}
