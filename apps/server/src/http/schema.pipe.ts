import { explainProblem, explainProblems, type FieldProblem } from '@lochmoor/contract'
import { BadRequestException, type ArgumentMetadata, type PipeTransform } from '@nestjs/common'
import type { z } from 'zod'

/** Refuses what a handler's schema refuses, naming every field, its value and what is allowed. */
export class SchemaPipe implements PipeTransform {
  transform(value: unknown, metadata: ArgumentMetadata): unknown {
    const schema = (metadata as { schema?: z.ZodType }).schema
    if (!schema) return value
    const parsed = schema.safeParse(value)
    if (parsed.success) return parsed.data
    const problems = explainProblems(parsed.error, value).map((p): FieldProblem =>
      metadata.type === 'param' ? { ...p, field: metadata.data ?? p.field } : p,
    )
    throw new BadRequestException({
      code: 'badInput',
      message: problems.map(explainProblem).join('; '),
      problems: problems.map((p) => ({ ...p, value: p.value ?? null })),
    })
  }
}
