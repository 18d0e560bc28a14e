import type { z } from 'zod'

/** One wrong field of an input: where, what stood there, what would be allowed. */
export interface FieldProblem {
  readonly field: string
  readonly value: unknown
  readonly allowed: string
}

const valueAt = (input: unknown, path: readonly PropertyKey[]): unknown =>
  path.reduce<unknown>(
    (at, key) => (typeof at === 'object' && at !== null ? (at as Record<PropertyKey, unknown>)[key] : undefined),
    input,
  )

const fieldName = (path: readonly PropertyKey[]): string => path.map(String).join('.') || 'input'

const kindOf = (value: unknown): string =>
  value === null ? 'null' : Array.isArray(value) ? 'a list' : `a ${typeof value}`

/** So many problems are told at most; what is still wrong then is told the next time. */
export const MOST_PROBLEMS = 20

/** Turns what the schema found into problems that name field, value and range. */
export const explainProblems = (error: z.ZodError, input: unknown, most = MOST_PROBLEMS): FieldProblem[] =>
  error.issues
    .slice(0, most)
    .flatMap((issue): FieldProblem[] => {
      if (issue.code === 'unrecognized_keys')
        return issue.keys.map((key) => ({
          field: fieldName([...issue.path, key]),
          value: valueAt(input, [...issue.path, key]),
          allowed: 'no field of this name here',
        }))
      const value = valueAt(input, issue.path)
      if (value === undefined && issue.code === 'invalid_type')
        return [
          {
            field: fieldName(issue.path),
            value,
            allowed: `${issue.message.replace(/^allowed: /, '')} (it is missing)`,
          },
        ]
      const allowed = issue.message.startsWith('allowed: ')
        ? issue.message.slice(9)
        : `${issue.message} (it is ${kindOf(value)})`
      return [{ field: fieldName(issue.path), value, allowed }]
    })
    .slice(0, most)

/** One sentence of a problem. */
export const explainProblem = (p: FieldProblem): string => {
  const shown = p.value === undefined ? 'nothing' : JSON.stringify(p.value)
  const short = shown.length > 60 ? `${shown.slice(0, 57)}...` : shown
  return `${p.field} is ${short}; allowed: ${p.allowed}`
}
