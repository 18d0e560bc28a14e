// @ts-check
import { startTestServer } from '../tools/launch/startTestServer.mjs'
import { QUICK } from './measure.mjs'

/** @typedef {Awaited<ReturnType<typeof startTestServer>>} Application */

/** @type {Promise<Application> | null} */
let shared = null

/** The application with the demo data, for one part of the bench; in a quick run all parts share one. @returns {Promise<Application>} */
export const startApplication = async () => {
  if (!QUICK) return startTestServer()
  const application = await (shared ??= startTestServer())
  return { ...application, end: async () => undefined }
}

/** Ends what a quick run has shared. */
export const endShared = async () => {
  await (await shared)?.end()
}
