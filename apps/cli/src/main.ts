import { readFileSync } from 'node:fs'
import { runCalculator } from './runCalculator.ts'

/** Runs a calculator on the arguments and standard input, prints, and gives the exit code. */
export const main = (args: readonly string[]): number => {
  const result = runCalculator(args, () => readFileSync(0, 'utf8'))
  process.stderr.write(result.err)
  process.stdout.write(result.out)
  return result.code
}
