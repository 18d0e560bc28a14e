// @ts-check
import { existsSync, readdirSync, statSync } from 'node:fs'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { inRoot } from './paths.mjs'
import { buildCalculators, installDependencies } from './setUp.mjs'

const BUILT = inRoot('apps', 'cli', 'dist', 'main.js')

/** Newest change of any source below a folder, ms. @param {string} folder @returns {number} */
const newestMs = (folder) =>
  readdirSync(folder, { withFileTypes: true }).reduce((newest, entry) => {
    const path = join(folder, entry.name)
    return Math.max(newest, entry.isDirectory() ? newestMs(path) : statSync(path).mtimeMs)
  }, 0)

/** Cheaper than a fingerprint, so that a calculation starts at once: is anything newer than what was built? */
const isBuilt = () => {
  if (!existsSync(BUILT) || !existsSync(inRoot('node_modules', 'zod'))) return false
  const builtMs = statSync(inRoot('apps', 'cli', 'dist', '.tsbuildinfo')).mtimeMs
  return ['packages/core/src', 'packages/contract/src', 'apps/cli/src'].every((f) => newestMs(inRoot(f)) <= builtMs)
}

/** Runs a calculator in this process, after building the calculators where that is due. */
export const calc = async (/** @type {string[]} */ args) => {
  if (!isBuilt()) {
    // Standard output belongs to the result alone.
    const say = (/** @type {string} */ line) => process.stderr.write(`${line}\n`)
    await installDependencies(say)
    await buildCalculators(say)
  }
  const { main } = await import(pathToFileURL(BUILT).href)
  return main(args)
}
