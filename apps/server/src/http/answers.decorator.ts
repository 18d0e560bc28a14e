import { applyDecorators } from '@nestjs/common'
import { ApiResponse } from '@nestjs/swagger'
import { z } from 'zod'

/** A schema of the contract as the OpenAPI document wants it. */
export const jsonSchemaOf = (schema: z.ZodType): object => {
  const { $schema: _, ...json } = z.toJSONSchema(schema, { io: 'output' })
  return json
}

/** Documents what an endpoint answers, by status, from the contract's own schemas. */
export const Answers = (byStatus: Readonly<Record<number, z.ZodType>>): MethodDecorator =>
  applyDecorators(
    ...Object.entries(byStatus).map(([status, schema]) =>
      ApiResponse({
        status: Number(status),
        description: Number(status) < 400 ? 'done' : 'refused',
        content: { 'application/json': { schema: jsonSchemaOf(schema) } },
      }),
    ),
  )
