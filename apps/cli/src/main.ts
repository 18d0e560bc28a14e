import { readFileSync } from 'node:fs'
import { runCalculator } from './runCalculator.ts'

/** Whoever reads the answer may have seen enough of it ("calc … | head"): that is no fault. */
const endQuietly = (error: NodeJS.ErrnoException): void => {
  if (error.code !== 'EPIPE') throw error
  process.exit()
}

/** Runs a calculator on the arguments and standard input, prints, and gives the exit code. */
export const main = (args: readonly string[]): number => {
  process.stdout.on('error', endQuietly)
  process.stderr.on('error', endQuietly)
  const result = runCalculator(args, () => readFileSync(0, 'utf8'))
  process.stderr.write(result.err)
  process.stdout.write(result.out)
  return result.code
}
