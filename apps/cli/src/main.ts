import { readFileSync } from 'node:fs'
import { runCalculator } from './runCalculator.ts'

const result = runCalculator(process.argv.slice(2), () => readFileSync(0, 'utf8'))
process.stderr.write(result.err)
process.stdout.write(result.out)
process.exitCode = result.code
