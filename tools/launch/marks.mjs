// @ts-check
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { ROOT, STATE } from './paths.mjs'

const SKIPPED = new Set(['node_modules', 'dist', '.lochmoor', '.git'])

/** @param {string} path @returns {string[]} */
const filesUnder = (path) => {
  if (!existsSync(path)) return []
  if (statSync(path).isFile()) return [path]
  return readdirSync(path, { withFileTypes: true })
    .filter((e) => !SKIPPED.has(e.name))
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .flatMap((e) => filesUnder(join(path, e.name)))
}

/** One figure that changes when any of the files does. @param {string[]} paths */
export const fingerprint = (paths) => {
  const hash = createHash('sha256')
  for (const file of paths.flatMap((p) => filesUnder(join(ROOT, p)))) hash.update(file).update(readFileSync(file))
  return hash.digest('hex')
}

const markFile = (/** @type {string} */ name) => join(STATE, 'marks', name)

/** A step is done when its mark holds the fingerprint of what it was made from. */
export const isDone = (/** @type {string} */ name, /** @type {string} */ print) =>
  existsSync(markFile(name)) && readFileSync(markFile(name), 'utf8') === print

export const markDone = (/** @type {string} */ name, /** @type {string} */ print) => {
  mkdirSync(dirname(markFile(name)), { recursive: true })
  writeFileSync(markFile(name), print)
}

export const unmark = (/** @type {string} */ name) => rmSync(markFile(name), { force: true })
