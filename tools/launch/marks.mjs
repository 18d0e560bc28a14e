// @ts-check
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join, relative } from 'node:path'
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

/** One figure that changes when any of the files does, the same wherever the clone lies. @param {string[]} paths */
export const fingerprint = (paths) => {
  const hash = createHash('sha256')
  for (const file of paths.flatMap((p) => filesUnder(join(ROOT, p))))
    hash.update(relative(ROOT, file)).update(readFileSync(file))
  return hash.digest('hex')
}

const markFile = (/** @type {string} */ name) => join(STATE, 'marks', name)

/** What is remembered with the mark of these sources, or null. @param {string} name @param {string} print @returns {any} */
export const markOf = (name, print) => {
  try {
    const mark = JSON.parse(readFileSync(markFile(name), 'utf8'))
    return mark.print === print ? mark.of : null
  } catch {
    return null // no mark, or one that another version wrote
  }
}

/** A step is done when its mark holds the fingerprint of what it was made from. */
export const isDone = (/** @type {string} */ name, /** @type {string} */ print) => markOf(name, print) !== null

/** @param {string} name @param {string} print @param {unknown} [of] what came out of it */
export const markDone = (name, print, of = true) => {
  mkdirSync(dirname(markFile(name)), { recursive: true })
  writeFileSync(markFile(name), JSON.stringify({ print, of }))
}

export const unmark = (/** @type {string} */ name) => rmSync(markFile(name), { force: true })
