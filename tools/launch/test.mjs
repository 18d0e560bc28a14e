// @ts-check
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { run, stopAsked } from './children.mjs'
import { BROWSER, DATABASE, ensurePackages } from './packages.mjs'
import { ROOT, STATE } from './paths.mjs'
import { buildNode, buildWeb, installDependencies } from './setUp.mjs'
import { Sorry } from './sorry.mjs'

const say = (/** @type {string} */ line) => console.log(line)

/** @typedef {{ passed: number, failed: number }} Count */

/** @param {string} file @returns {any} */
const readReport = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null)

/** @param {string} title @param {() => Promise<Count>} work @returns {Promise<Count>} */
const step = async (title, work) => {
  const from = Date.now()
  say(`\n== ${title}`)
  const count = await work()
  if (stopAsked()) throw new Sorry('stopped.')
  say(`== ${title}: ${count.passed} passed, ${count.failed} failed, ${((Date.now() - from) / 1000).toFixed(0)} s`)
  return count
}

/** A command that passes or fails as a whole. @param {string[]} args */
const check = async (args) => {
  const { code } = await run(process.execPath, args, { cwd: ROOT, show: true })
  return code === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 }
}

/** A build of the set-up, counted. @param {(say: (line: string) => void) => Promise<void>} build */
const built = async (build) => {
  try {
    await build(say)
    return { passed: 1, failed: 0 }
  } catch (error) {
    if (!(error instanceof Sorry)) throw error
    say(error.message)
    return { passed: 0, failed: 1 }
  }
}

const jest = async () => {
  const file = join(STATE, 'jest.json')
  rmSync(file, { force: true })
  const args = ['node_modules/jest/bin/jest.js', '--json', `--outputFile=${file}`, '--testTimeout=30000']
  const { code } = await run(process.execPath, args, {
    cwd: ROOT,
    show: true,
    env: { ...process.env, NODE_ENV: 'test' },
  })
  const report = readReport(file)
  if (!report) return { passed: 0, failed: 1 }
  const failed = report.numFailedTests + report.numRuntimeErrorTestSuites
  return { passed: report.numPassedTests, failed: code === 0 ? failed : Math.max(1, failed) }
}

const browser = async () => {
  const file = join(STATE, 'playwright.json')
  rmSync(file, { force: true })
  const args = [
    'node_modules/@playwright/test/cli.js',
    'test',
    '--config',
    'e2e/playwright.config.ts',
    '--reporter=list,json',
  ]
  const env = { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: file }
  const { code } = await run(process.execPath, args, { cwd: ROOT, show: true, env })
  const report = readReport(file)
  if (!report) return { passed: 0, failed: 1 }
  const { expected, unexpected, flaky } = report.stats
  const failed = unexpected + flaky + report.errors.length
  return { passed: expected, failed: code === 0 ? failed : Math.max(1, failed) }
}

/** `./lochmoor test`: everything, and one closing line. */
export const test = async (/** @type {string[]} */ args) => {
  if (args.length > 0) throw new Sorry(`"${args[0]}" is not an option; test takes none.`)
  await ensurePackages([DATABASE, BROWSER], say)
  await installDependencies(say)
  mkdirSync(STATE, { recursive: true })
  const counts = [
    await step('formatting', () =>
      check(['node_modules/prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.']),
    ),
    await step('lint', () => check(['node_modules/eslint/bin/eslint.js', '.', '--max-warnings', '0'])),
    await step('build of the server', () => built(buildNode)),
    // After the server, whose built files bench and screenshots are typed by.
    await step('types', () => check(['node_modules/typescript7/bin/tsc', '-b', 'tsconfig.json'])),
    await step('build of the web page', () => built(buildWeb)),
    await step('unit and server tests', jest),
  ]
  const buildFailed = (counts[2]?.failed ?? 0) + (counts[4]?.failed ?? 0) > 0
  counts.push(await step('browser tests', async () => (buildFailed ? { passed: 0, failed: 1 } : browser())))
  const total = counts.reduce((sum, c) => ({ passed: sum.passed + c.passed, failed: sum.failed + c.failed }))
  say(`\n${total.passed} passed, ${total.failed} failed`)
  return total.failed === 0 ? 0 : 1
}
