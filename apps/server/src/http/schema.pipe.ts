import { explainProblem, explainProblems, type FieldProblem } from '@lochmoor/contract'
import { BadRequestException, type ArgumentMetadata, type PipeTransform } from '@nestjs/common'
import type { z } from 'zod'

/** Fields whose value is never said back, not even in a refusal. */
const SECRET = /(?:^|\.)(?:password|current|next|token)$/

const MOST_TEXT = 200
const cut = (text: string): string =>
  (text.length > MOST_TEXT ? `${text.slice(0, MOST_TEXT - 1)}…` : text).toWellFormed()

/** A refusal says enough of a value to find it by: twenty of them fit in 16 kB. */
const shortened = ({ allowed, field, value }: FieldProblem): FieldProblem => {
  const short =
    typeof value === 'string'
      ? cut(value)
      : typeof value === 'object' && value !== null
        ? Array.isArray(value)
          ? `a list of ${value.length}`
          : `a group of ${Object.keys(value).length}`
        : value
  return { field: cut(field), value: short, allowed: allowed.length > 2 * MOST_TEXT ? cut(allowed) : allowed }
}

const MOST_BYTES = 15_000
const refusalOf = (problems: readonly FieldProblem[]) => ({
  code: 'badInput',
  message: problems.map(explainProblem).join('; '),
  problems: problems.map((p) => ({ ...p, value: p.value ?? null })),
})
/** As many of the problems as go into a short answer, whatever characters they are told in. */
const withinBounds = (problems: readonly FieldProblem[]) => {
  for (let n = problems.length; n > 1; n--) {
    const refusal = refusalOf(problems.slice(0, n))
    if (Buffer.byteLength(JSON.stringify(refusal)) <= MOST_BYTES) return refusal
  }
  return refusalOf(problems.slice(0, 1))
}

/** What the schema made of a value, or a refusal that names every field, its value and what is allowed. */
export const parseOrRefuse = <T extends z.ZodType>(
  schema: T,
  value: unknown,
  rename: (p: FieldProblem) => FieldProblem = (p) => p,
): z.output<T> => {
  const parsed = schema.safeParse(value)
  if (parsed.success) return parsed.data
  const problems = explainProblems(parsed.error, value)
    .map(rename)
    .map((p) => (SECRET.test(p.field) && p.value !== undefined ? { ...p, value: '(not shown)' } : p))
    .map(shortened)
  throw new BadRequestException(withinBounds(problems))
}

/** Refuses what a handler's schema refuses. */
export class SchemaPipe implements PipeTransform {
  transform(value: unknown, metadata: ArgumentMetadata): unknown {
    const schema = (metadata as { schema?: z.ZodType }).schema
    if (!schema) return value
    return parseOrRefuse(schema, value, (p) =>
      metadata.type === 'param' ? { ...p, field: metadata.data ?? p.field } : p,
    )
  }
}
