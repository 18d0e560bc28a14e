// @ts-check
import { mkdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { stopAsked } from './children.mjs'
import { STATE } from './paths.mjs'
import { isAlive, thisProcess } from './processes.mjs'
import { Sorry } from './sorry.mjs'

const LOCK = join(STATE, 'set-up.lock')
/** Writing a lock takes no time: one that is still empty after so long was left by a command that was killed over it. */
const WRITING_MS = 2000

/** @param {string} file @param {string} text */
const takeFile = (file, text) => {
  try {
    writeFileSync(file, text, { flag: 'wx' })
    return true
  } catch (error) {
    if (/** @type {NodeJS.ErrnoException} */ (error).code !== 'EEXIST') throw error
    return false
  }
}

/** Whether a file names a command that is no more. @param {string} file */
const isLeft = (file) => {
  try {
    const text = readFileSync(file, 'utf8')
    try {
      return !isAlive(JSON.parse(text))
    } catch {
      return Date.now() - statSync(file).mtimeMs > WRITING_MS
    }
  } catch {
    return false // gone since: look again
  }
}

/**
 * Removes a file that a dead command has left. One command at a time looks and removes: else the second would remove what
 * the first has just taken.
 * @param {string} file
 */
const removeLeft = (file) => {
  const guard = `${file}.removing`
  if (!takeFile(guard, JSON.stringify(thisProcess()))) {
    if (isLeft(guard)) rmSync(guard, { force: true })
    return
  }
  try {
    if (isLeft(file)) rmSync(file, { force: true })
  } finally {
    rmSync(guard, { force: true })
  }
}

/**
 * Takes a file that only one command has at a time, if nobody who still runs has it.
 * @param {string} file @param {object} says what stands in it beside who has it
 * @returns {boolean} whether it was taken
 */
export const takeHold = (file, says = {}) => {
  mkdirSync(dirname(file), { recursive: true })
  const text = JSON.stringify({ ...thisProcess(), ...says })
  if (takeFile(file, text)) return true
  removeLeft(file)
  return takeFile(file, text)
}

/** One set-up at a time in one clone; a second command waits for the first. @template T @param {() => Promise<T>} work @returns {Promise<T>} */
export const withSetUpLock = async (work) => {
  while (!takeHold(LOCK)) {
    if (stopAsked()) throw new Sorry('stopped.')
    await pause(150)
  }
  try {
    return await work()
  } finally {
    rmSync(LOCK, { force: true })
  }
}
