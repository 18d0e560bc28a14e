import type { FieldProblem } from '@lochmoor/contract'
import type { InputError, Result } from '@lochmoor/core'
import type { z } from 'zod'
import type { Rule } from './rules.ts'

/** A calculator as a command: schemas of what goes in and out, and the core function between them. */
export interface Calculator {
  readonly name: string
  readonly summary: string
  readonly input: z.ZodType
  readonly output: z.ZodType
  /** What the function itself refuses by, beyond what the schema does. */
  readonly rules: readonly Rule[]
  /** Every fault of an input, where one schema cannot tell them all; else the schema is asked. */
  readonly problems?: (input: unknown) => readonly FieldProblem[]
  /** Lines of refusal begin with the path, places in lists in brackets: a contract that others read. */
  readonly pathsFirst?: true
  run(input: unknown): Result<unknown, readonly FieldProblem[]>
}

/** A calculator from its schemas and its function. */
export const calculator = <I extends z.ZodType, O extends z.ZodType>(
  name: string,
  summary: string,
  input: I,
  output: O,
  compute: (value: z.output<I>) => Result<z.output<O>, readonly InputError[]>,
  rules: readonly Rule[] = [],
  more: Pick<Calculator, 'problems' | 'pathsFirst'> = {},
): Calculator => ({ name, summary, input, output, rules, ...more, run: (value) => compute(value as z.output<I>) })
