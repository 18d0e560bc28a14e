// @ts-check
import { accessSync, constants, mkdirSync, statfsSync, statSync } from 'node:fs'
import { ROOT, STATE } from './paths.mjs'
import { Sorry } from './sorry.mjs'

/**
 * Refuses early where the disk is too full for the next step.
 * @param {string} folder @param {number} needMb @param {string} forWhat
 */
export const ensureSpace = (folder, needMb, forWhat) => {
  const { bavail, bsize } = statfsSync(folder)
  const freeMb = Math.floor((bavail * bsize) / 1e6)
  if (freeMb < needMb)
    throw new Sorry(
      `the disk of ${folder} has ${freeMb} MB free and ${forWhat} needs ${needMb} MB; make room and start again.`,
    )
}

const OTHER_USER = 'start Lochmoor as the user it belongs to, or make a clone of your own'

/** The project folder and its state folder must belong to whoever starts Lochmoor. */
export const ensureWritable = () => {
  try {
    accessSync(ROOT, constants.W_OK)
    mkdirSync(STATE, { recursive: true })
    accessSync(STATE, constants.W_OK)
  } catch {
    throw new Sorry(`${ROOT} may not be written by this user; ${OTHER_USER}.`)
  }
}

/** A database can only be served by the user whose files it has; root gives them to the server's own user. @param {string} folder */
export const ensureOwn = (folder) => {
  const uid = process.getuid?.()
  if (uid !== 0 && statSync(folder).uid !== uid)
    throw new Sorry(`the data in ${folder} belong to another user; ${OTHER_USER}.`)
}
