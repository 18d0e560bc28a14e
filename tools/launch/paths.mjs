// @ts-check
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'

/** The project's own folder, wherever the command was called from. */
export const ROOT = join(dirname(fileURLToPath(import.meta.url)), '..', '..')
/** Data, marks and logs of this machine; ignored by git. */
export const STATE = join(ROOT, '.lochmoor')
export const inRoot = (/** @type {string[]} */ ...parts) => join(ROOT, ...parts)
