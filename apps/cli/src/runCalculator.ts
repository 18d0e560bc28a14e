import { explainProblem, explainProblems, type FieldProblem } from '@lochmoor/contract'
import { z } from 'zod'
import type { Calculator } from './calculator.ts'
import { CALCULATORS } from './calculators.ts'
import { rulesOf } from './rules.ts'

/** What a call prints and how it ends: 0 answered, 1 fault of ours, 2 bad input. */
export interface CallResult {
  readonly code: 0 | 1 | 2
  readonly out: string
  readonly err: string
}

const refused = (lines: readonly string[]): CallResult => ({ code: 2, out: '', err: `${lines.join('\n')}\n` })

const listing = (): string => {
  const width = Math.max(...CALCULATORS.map((c) => c.name.length))
  return [...CALCULATORS.map((c) => `${c.name.padEnd(width)}  ${c.summary}`), ''].join('\n')
}

const schemas = ({ name, input, output, rules }: Calculator): string => {
  const described = {
    name,
    input: z.toJSONSchema(input, { io: 'input' }),
    rules: [...rulesOf(input), ...rules],
    output: z.toJSONSchema(output, { io: 'output' }),
  }
  return `${JSON.stringify(described, null, 2)}\n`
}

type CaseResult = { readonly answer: unknown } | { readonly problems: readonly FieldProblem[] }

const solveCase = (calculator: Calculator, input: unknown, where: string): CaseResult => {
  const within = (problems: readonly FieldProblem[]) => ({
    problems: problems.map((p) => ({ ...p, field: where + p.field })),
  })
  const found = calculator.problems?.(input) ?? []
  if (found.length > 0) return within(found)
  const parsed = calculator.input.safeParse(input)
  if (!parsed.success) return within(explainProblems(parsed.error, input))
  const computed = calculator.run(parsed.data)
  if (!computed.ok) return within(computed.error)
  // What leaves must keep its own contract (no NaN, nothing missing); if not, that is a fault of ours.
  return { answer: calculator.output.parse(computed.value) }
}

/** "wires.2.sectionM2" as "wires[2].sectionM2". */
const inBrackets = (field: string): string => field.replace(/\.(\d+)(?=\.|$)/g, '[$1]')

const lineOf = ({ name, pathsFirst }: Calculator, p: FieldProblem): string =>
  pathsFirst ? explainProblem({ ...p, field: inBrackets(p.field) }) : `${name}: ${explainProblem(p)}`

const solveAll = (calculator: Calculator, text: string): CallResult => {
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch (e) {
    return refused([`standard input is not JSON (${(e as Error).message}); give one case or a list of cases`])
  }
  const many = Array.isArray(json)
  const cases: unknown[] = Array.isArray(json) ? json : [json]
  const answers: unknown[] = []
  const problems: FieldProblem[] = []
  cases.forEach((one, i) => {
    const solved = solveCase(calculator, one, many ? `[${i}].` : '')
    if ('problems' in solved) problems.push(...solved.problems)
    else answers.push(solved.answer)
  })
  if (problems.length > 0) return refused(problems.map((p) => lineOf(calculator, p)))
  return { code: 0, out: `${JSON.stringify(many ? answers : answers[0], null, 2)}\n`, err: '' }
}

/**
 * `calc` as a function: arguments and standard input in, what to print out.
 * @param readInput called only where cases are wanted
 */
export const runCalculator = (args: readonly string[], readInput: () => string): CallResult => {
  const flags = args.filter((a) => a.startsWith('-'))
  const names = args.filter((a) => !a.startsWith('-'))
  const unknownFlag = flags.find((f) => f !== '--schema')
  if (unknownFlag) return refused([`calc: ${unknownFlag} is not an option; allowed: --schema`])
  if (names.length === 0) return { code: 0, out: listing(), err: '' }
  const calculator = CALCULATORS.find((c) => c.name === names[0])
  if (!calculator || names.length > 1)
    return refused([`calc: "${names.join(' ')}" is not a calculator; allowed, one of:`, listing()])
  if (flags.length > 0) return { code: 0, out: schemas(calculator), err: '' }
  const input = readInput()
  try {
    return solveAll(calculator, input)
  } catch (error) {
    return {
      code: 1,
      out: '',
      err: `${calculator.name}: a fault of Lochmoor, not of the input: ${(error as Error).message}\n`,
    }
  }
}
