// @ts-check
import { existsSync, readFileSync, rmSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { join } from 'node:path'
import { countBrowserTests } from './browserReport.mjs'
import { run } from './children.mjs'
import { ROOT, STATE } from './paths.mjs'
import { buildCalculators, buildNode, buildWeb } from './setUp.mjs'
import { Sorry } from './sorry.mjs'

/** @typedef {{ passed: number, failed: number }} Count */
/** @typedef {(line: string) => void} Say */
/** @typedef {{ name: string, title: string, from: string[], work: (say: Say) => Promise<Count> }} Check */

const SETTINGS = ['package.json', 'package-lock.json', 'tsconfig.base.json', 'tsconfig.json']
const EVERYTHING = ['packages', 'apps', 'e2e', 'bench', 'tools', 'docs', 'README.md', 'CHANGELOG.md', 'lochmoor']
const CODE = [...SETTINGS, 'packages', 'apps', 'e2e', 'bench', 'tools']

/** @param {string[]} args @param {Say} say */
const node = async (args, say, env = process.env) => {
  const { code } = await run(process.execPath, args, { cwd: ROOT, env, tell: say })
  return code
}

/** A command that passes or fails as a whole. @param {string[]} args @returns {Check['work']} */
const command = (args) => async (say) =>
  (await node(args, say)) === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 }

/** A build of the set-up, counted. @param {(say: Say) => Promise<void>} build @returns {Check['work']} */
const built = (build) => async (say) => {
  try {
    await build((line) => say(`${line}\n`))
    return { passed: 1, failed: 0 }
  } catch (error) {
    if (!(error instanceof Sorry)) throw error
    say(`${error.message}\n`)
    return { passed: 0, failed: 1 }
  }
}

/** @param {string} file @returns {any} */
const readReport = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null)

/**
 * Projects of Jest. Those that wait for servers and commands leave half of the cores idle: one more of them runs beside.
 * @param {string[]} projects @param {number} [beside] @returns {Check['work']}
 */
const suites =
  (projects, beside = 0) =>
  async (say) => {
    const file = join(STATE, 'jest.json')
    rmSync(file, { force: true })
    const args = [
      'node_modules/jest/bin/jest.js',
      '--json',
      `--outputFile=${file}`,
      `--maxWorkers=${availableParallelism() + beside}`,
      '--selectProjects',
      ...projects,
    ]
    const code = await node(args, say, { ...process.env, NODE_ENV: 'test' })
    const report = readReport(file)
    if (!report) return { passed: 0, failed: 1 }
    const failed = report.numFailedTests + report.numRuntimeErrorTestSuites
    return { passed: report.numPassedTests, failed: code === 0 ? failed : Math.max(1, failed) }
  }

/** @type {Check['work']} */
const browser = async (say) => {
  for (const build of [buildNode, buildWeb]) {
    const made = await built(build)(say)
    if (made.failed > 0) return made
  }
  const file = join(STATE, 'playwright.json')
  rmSync(file, { force: true })
  const args = [
    'node_modules/@playwright/test/cli.js',
    'test',
    '--config',
    'e2e/playwright.config.ts',
    '--reporter=list,json',
  ]
  const code = await node(args, say, { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: file })
  const report = readReport(file)
  if (!report) return { passed: 0, failed: 1 }
  const { passed, failed, secondTries } = countBrowserTests(report)
  for (const line of secondTries) say(`${line}\n`)
  return { passed, failed: code === 0 ? failed : Math.max(1, failed) }
}

const JEST = [...SETTINGS, 'jest.config.mjs', 'tools/jest']

/** Two lanes side by side, one a core: what only reads the sources, and what builds. @type {readonly (readonly Check[])[]} */
export const BEFORE_TESTS = [
  [
    {
      name: 'check-lint',
      title: 'lint',
      from: [...CODE, 'eslint.config.mjs', 'jest.config.mjs'],
      work: command(['--max-semi-space-size=128', 'node_modules/eslint/bin/eslint.js', '.', '--max-warnings', '0']),
    },
  ],
  [
    {
      name: 'check-format',
      title: 'formatting',
      from: [...EVERYTHING, ...SETTINGS, '.prettierrc.json', '.prettierignore', 'eslint.config.mjs', 'jest.config.mjs'],
      work: command(['node_modules/prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.']),
    },
    {
      name: 'check-build-node',
      title: 'build of the server',
      from: [...SETTINGS, 'packages', 'apps/server'],
      work: built(buildNode),
    },
    {
      // After the server, whose built files bench and screenshots are typed by.
      name: 'check-types',
      title: 'types',
      from: CODE,
      work: command(['node_modules/typescript7/bin/tsc', '-b', 'tsconfig.json']),
    },
    {
      name: 'check-build-web',
      title: 'build of the web page',
      from: [...SETTINGS, 'packages', 'apps/web'],
      work: built(buildWeb),
    },
    {
      name: 'check-build-calc',
      title: 'build of the calculators',
      from: [...SETTINGS, 'packages', 'apps/cli'],
      work: built(buildCalculators),
    },
  ],
]

/** One after the other: each takes every core there is. @type {readonly Check[]} */
export const TESTS = [
  { name: 'check-core', title: 'tests of the core', from: [...JEST, 'packages/core'], work: suites(['core']) },
  {
    name: 'check-edges',
    title: 'tests of contract, calculators and screens',
    from: [...JEST, 'packages', 'apps/cli', 'apps/web'],
    work: suites(['contract', 'cli', 'web']),
  },
  {
    name: 'check-server',
    title: 'tests of the server and the launcher',
    from: [...JEST, 'packages', 'apps', 'bench', 'tools', 'lochmoor'],
    work: suites(['server', 'launch'], 1),
  },
  { name: 'check-browser', title: 'browser tests', from: CODE, work: browser },
]
