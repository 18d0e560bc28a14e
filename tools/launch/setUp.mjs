// @ts-check
import { accessSync, constants, existsSync } from 'node:fs'
import { homedir } from 'node:os'
import { run, stopAsked } from './children.mjs'
import { ensureSpace, ensureWritable } from './disk.mjs'
import { fingerprint, isDone, markDone, unmark } from './marks.mjs'
import { inRoot, ROOT, STATE } from './paths.mjs'
import { withSetUpLock } from './setUpLock.mjs'
import { Sorry } from './sorry.mjs'

const NODE_SOURCES = ['tsconfig.base.json', 'packages', 'apps/server']
const WEB_SOURCES = ['tsconfig.base.json', 'packages', 'apps/web']

/**
 * What is built is what people use, whatever the shell says it is for. npm keeps its cache in the home folder; a user
 * without one gets a cache in the project.
 */
export const buildEnvironment = () => {
  const environment = { ...process.env, NODE_ENV: 'production' }
  try {
    accessSync(homedir(), constants.W_OK)
    return environment
  } catch {
    return { ...environment, npm_config_cache: `${STATE}/npm-cache`, HOME: STATE }
  }
}

/** @param {string} output @param {string} what */
const failure = (output, what) => {
  if (/ENOSPC|no space left/i.test(output))
    return new Sorry(`the disk is full: ${what} could not be finished; make room and start again.`)
  if (/EACCES|EPERM/.test(output))
    return new Sorry(
      `${what} failed because files in ${ROOT} belong to another user; start Lochmoor as the user they belong to, or make a clone of your own.`,
    )
  const tail = output
    .trim()
    .split('\n')
    .filter((l) => !/^npm (warn|notice)/.test(l))
    .slice(-25)
    .join('\n')
  return new Sorry(`${what} failed:\n${tail}`)
}

/**
 * One step that is skipped while what it was made from is unchanged.
 * @param {{ name: string, from: string[], product: string, what: string, hint?: string, needMb: number, command: [string, string[]], say: (line: string) => void }} step
 */
const once = async (step) => {
  const { name, from, product } = step
  const print = fingerprint(from)
  const done = () => existsSync(inRoot(product)) && isDone(name, print)
  if (done()) return
  ensureWritable()
  await withSetUpLock(() => (done() ? Promise.resolve() : carryOut(step, print)))
}

/** @param {Parameters<typeof once>[0]} step @param {string} print */
const carryOut = async ({ name, what, hint, needMb, command, say }, print) => {
  ensureSpace(ROOT, needMb, what)
  say(`${what[0]?.toUpperCase()}${what.slice(1)}${hint ? ` (${hint})` : ''}`)
  unmark(name)
  const { code, output } = await run(command[0], command[1], { cwd: ROOT, env: buildEnvironment() })
  if (stopAsked()) throw new Sorry('stopped.')
  if (code !== 0) throw failure(output, what)
  markDone(name, print)
}

/** @param {(line: string) => void} say */
export const installDependencies = (say) =>
  once({
    name: 'npm-ci',
    from: ['package-lock.json'],
    product: 'node_modules/.package-lock.json',
    what: 'installing the packages',
    hint: 'about a minute',
    needMb: 900,
    command: ['npm', ['ci', '--include=dev', '--no-audit', '--no-fund']],
    say,
  })

/** @param {(line: string) => void} say */
export const buildCalculators = (say) =>
  once({
    name: 'build-calculators',
    from: ['tsconfig.base.json', 'packages', 'apps/cli'],
    product: 'apps/cli/dist/calc.mjs',
    what: 'building the calculators',
    needMb: 50,
    command: ['npm', ['run', '--silent', 'build', '--workspace', '@lochmoor/cli']],
    say,
  })

/** @param {(line: string) => void} say */
export const buildNode = (say) =>
  once({
    name: 'build-node',
    from: NODE_SOURCES,
    product: 'apps/server/dist/main.js',
    what: 'building the core and the server',
    needMb: 50,
    command: [process.execPath, ['node_modules/typescript7/bin/tsc', '-b', 'apps/server/tsconfig.build.json']],
    say,
  })

/** @param {(line: string) => void} say */
export const buildWeb = (say) =>
  once({
    name: 'build-web',
    from: WEB_SOURCES,
    product: 'apps/web/dist/index.html',
    what: 'building the web page',
    needMb: 50,
    command: ['npm', ['run', '--silent', 'build:web']],
    say,
  })
