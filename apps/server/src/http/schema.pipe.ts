import { explainProblem, explainProblems, type FieldProblem } from '@lochmoor/contract'
import { BadRequestException, type ArgumentMetadata, type PipeTransform } from '@nestjs/common'
import type { z } from 'zod'

/** Fields whose value is never said back, not even in a refusal. */
const SECRET = /(?:^|\.)(?:password|current|next|token)$/

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
  throw new BadRequestException({
    code: 'badInput',
    message: problems.map(explainProblem).join('; '),
    problems: problems.map((p) => ({ ...p, value: p.value ?? null })),
  })
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
