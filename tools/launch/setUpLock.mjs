// @ts-check
import { readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { STATE } from './paths.mjs'
import { isAlive, thisProcess } from './processes.mjs'

const LOCK = join(STATE, 'set-up.lock')

const take = () => {
  try {
    writeFileSync(LOCK, JSON.stringify(thisProcess()), { flag: 'wx' })
    return true
  } catch (error) {
    if (/** @type {NodeJS.ErrnoException} */ (error).code !== 'EEXIST') throw error
    return false
  }
}

const holderIsGone = () => {
  try {
    return !isAlive(JSON.parse(readFileSync(LOCK, 'utf8')))
  } catch {
    return false // being written or just removed: look again
  }
}

/** One set-up at a time in one clone; a second command waits for the first. @template T @param {() => Promise<T>} work @returns {Promise<T>} */
export const withSetUpLock = async (work) => {
  for (let waited = 0; !take(); waited++) {
    if (holderIsGone() || waited > 6000) rmSync(LOCK, { force: true })
    else await pause(150)
  }
  try {
    return await work()
  } finally {
    rmSync(LOCK, { force: true })
  }
}
