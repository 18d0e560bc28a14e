import type { Node } from '@lochmoor/core/job-shape'
import { z } from 'zod'
import { schemaOf } from './schemaOf.ts'

/** Keys in one order, so that moving a line of a shape is no change of it; without the unit's name, which is only said. */
const sorted = (value: unknown): unknown => {
  if (Array.isArray(value)) return value.map(sorted)
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(
    Object.entries(value)
      .filter(([k, v]) => !(k === 'unit' && typeof v === 'string'))
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([k, v]) => [k, k === 'required' && Array.isArray(v) ? [...(v as string[])].sort() : sorted(v)]),
  )
}

/** What a shape lets in, as one text: changes with every field, word, range and limit, and with nothing else. */
export const shapeText = (shape: Node): string =>
  JSON.stringify(sorted(z.toJSONSchema(schemaOf(shape), { io: 'input', unrepresentable: 'any' })))
