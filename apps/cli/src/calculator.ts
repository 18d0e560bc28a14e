import type { FieldProblem } from '@lochmoor/contract'
import type { InputError, Result } from '@lochmoor/core'
import type { z } from 'zod'

/** A calculator as a command: schemas of what goes in and out, and the core function between them. */
export interface Calculator {
  readonly name: string
  readonly summary: string
  readonly input: z.ZodType
  readonly output: z.ZodType
  run(input: unknown): Result<unknown, readonly FieldProblem[]>
}

/** A calculator from its schemas and its function. */
export const calculator = <I extends z.ZodType, O extends z.ZodType>(
  name: string,
  summary: string,
  input: I,
  output: O,
  compute: (value: z.output<I>) => Result<z.output<O>, readonly InputError[]>,
): Calculator => ({ name, summary, input, output, run: (value) => compute(value as z.output<I>) })
