import { applyDecorators } from '@nestjs/common'
import { ApiResponse } from '@nestjs/swagger'
import { z } from 'zod'

/** Documents what an endpoint answers, by status, from the contract's own schemas. */
export const Answers = (byStatus: Readonly<Record<number, z.ZodType>>): MethodDecorator =>
  applyDecorators(
    ...Object.entries(byStatus).map(([status, schema]) => {
      const { $schema: _, ...json } = z.toJSONSchema(schema, { io: 'output' })
      return ApiResponse({
        status: Number(status),
        description: Number(status) < 400 ? 'done' : 'refused',
        content: { 'application/json': { schema: json as object } },
      })
    }),
  )
