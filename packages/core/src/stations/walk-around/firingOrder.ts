import { err, ok, type Result } from '../../verdict/index.ts'

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

/**
 * Companion cylinders: those half an order apart, whose pistons rise together on an evenly firing four-stroke. Empty
 * for an odd number of cylinders.
 */
export const companionCylinders = (order: readonly number[]): [number, number][] =>
  order.length % 2 === 1
    ? []
    : order.slice(0, order.length / 2).map((cylinder, i) => [cylinder, order[i + order.length / 2]!])
