// @ts-check
import { existsSync, readdirSync, statSync, utimesSync } from 'node:fs'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { inRoot } from './paths.mjs'

const BUILT = inRoot('apps', 'cli', 'dist', 'calc.mjs')
const SOURCES = ['packages/core/src', 'packages/contract/src', 'apps/cli/src']

/** Newest change of any source below a folder, ms. @param {string} folder @returns {number} */
const newestMs = (folder) =>
  readdirSync(folder, { withFileTypes: true }).reduce((newest, entry) => {
    const path = join(folder, entry.name)
    return Math.max(newest, entry.isDirectory() ? newestMs(path) : statSync(path).mtimeMs)
  }, 0)

/** Cheaper than a fingerprint, so that a calculation starts at once: is any source newer than what was built? */
const isBuilt = () => existsSync(BUILT) && SOURCES.every((f) => newestMs(inRoot(f)) <= statSync(BUILT).mtimeMs)

/** Runs a calculator in this process, after building the calculators where that is due. */
export const calc = async (/** @type {string[]} */ args) => {
  if (!isBuilt()) {
    // Standard output belongs to the result alone.
    const say = (/** @type {string} */ line) => process.stderr.write(`${line}\n`)
    const { buildCalculators, installDependencies } = await import('./setUp.mjs')
    await installDependencies(say)
    await buildCalculators(say)
    // Sources may be newer only by date, after a checkout: say that they have been looked at.
    const now = new Date()
    utimesSync(BUILT, now, now)
  }
  const { main } = await import(pathToFileURL(BUILT).href)
  return main(args)
}
