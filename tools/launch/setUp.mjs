// @ts-check
import { accessSync, constants, existsSync, utimesSync } from 'node:fs'
import { homedir } from 'node:os'
import { run, stopAsked } from './children.mjs'
import { ensureSpace, ensureWritable } from './disk.mjs'
import { fingerprint, isDone, markDone, unmark } from './marks.mjs'
import { inRoot, ROOT, STATE } from './paths.mjs'
import { Sorry } from './sorry.mjs'

const MANIFESTS = [
  'package-lock.json',
  'package.json',
  'packages/core/package.json',
  'packages/contract/package.json',
  'apps/cli/package.json',
  'apps/server/package.json',
  'apps/web/package.json',
]
const NODE_SOURCES = ['tsconfig.base.json', 'packages', 'apps/cli', 'apps/server']
const WEB_SOURCES = ['tsconfig.base.json', 'packages', 'apps/web']

/** npm keeps its cache in the home folder; a user without one gets a cache in the project. */
const npmEnvironment = () => {
  try {
    accessSync(homedir(), constants.W_OK)
    return process.env
  } catch {
    return { ...process.env, npm_config_cache: `${STATE}/npm-cache`, HOME: STATE }
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
 * @param {{ name: string, from: string[], product: string, what: string, needMb: number, command: [string, string[]], say: (line: string) => void }} step
 */
const once = async ({ name, from, product, what, needMb, command, say }) => {
  const print = fingerprint(from)
  if (existsSync(inRoot(product)) && isDone(name, print)) return
  ensureSpace(ROOT, needMb, what)
  say(`${what[0]?.toUpperCase()}${what.slice(1)}`)
  unmark(name)
  const { code, output } = await run(command[0], command[1], { cwd: ROOT, env: npmEnvironment() })
  if (stopAsked()) throw new Sorry('stopped.')
  if (code !== 0) throw failure(output, what)
  markDone(name, print)
}

const tsc = (/** @type {string[]} */ ...projects) =>
  /** @type {[string, string[]]} */ ([process.execPath, ['node_modules/typescript7/bin/tsc', '-b', ...projects]])

/** @param {(line: string) => void} say */
export const installDependencies = async (say) => {
  ensureWritable()
  await once({
    name: 'npm-ci',
    from: MANIFESTS,
    product: 'node_modules/.package-lock.json',
    what: 'installing the packages (about a minute)',
    needMb: 900,
    command: ['npm', ['ci', '--no-audit', '--no-fund']],
    say,
  })
}

/** @param {(line: string) => void} say */
export const buildCalculators = async (say) => {
  await once({
    name: 'build-cli',
    from: ['tsconfig.base.json', 'packages', 'apps/cli'],
    product: 'apps/cli/dist/main.js',
    what: 'building the calculators',
    needMb: 50,
    command: tsc('apps/cli/tsconfig.build.json'),
    say,
  })
  // A build that found nothing to do leaves its date; say that it has been looked at.
  const now = new Date()
  utimesSync(inRoot('apps', 'cli', 'dist', '.tsbuildinfo'), now, now)
}

/** @param {(line: string) => void} say */
export const buildNode = (say) =>
  once({
    name: 'build-node',
    from: NODE_SOURCES,
    product: 'apps/server/dist/main.js',
    what: 'building the core, the server and the calculators',
    needMb: 50,
    command: tsc('apps/server/tsconfig.build.json', 'apps/cli/tsconfig.build.json'),
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
