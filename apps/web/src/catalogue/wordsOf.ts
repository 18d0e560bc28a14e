import { z } from 'zod'

/** The words a field of a schema allows, where it is one of a closed list; else null. */
export const wordsOf = (schema: z.ZodObject, path: string): readonly string[] | null => {
  let at: unknown = schema
  for (const key of path.split('.')) {
    if (at instanceof z.ZodObject) at = (at.shape as Record<string, unknown>)[key]
    else if (at instanceof z.ZodArray) at = at.element
    else return null
  }
  if (at instanceof z.ZodArray) at = at.element
  if (at instanceof z.ZodNullable) at = at.unwrap()
  return at instanceof z.ZodEnum ? at.options.map(String) : null
}
