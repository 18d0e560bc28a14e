// @ts-check
import { setTimeout as pause } from 'node:timers/promises'
import { stopAsked, untilStopAsked } from './children.mjs'
import { lastWords, startServer, untilHealthy } from './server.mjs'
import { Sorry } from './sorry.mjs'

const MINUTE_MS = 60_000
const MOST_IN_A_MINUTE = 10
const [FIRST_PAUSE_MS, LONGEST_PAUSE_MS] = [250, 15_000]

/**
 * Counts how often something has ended of late: how long to wait before it is started again, or null where it is no use.
 * @param {number} [most]
 */
export const patience = (most = MOST_IN_A_MINUTE) => {
  /** @type {number[]} */
  let ends = []
  return (now = Date.now()) => {
    ends = [...ends.filter((at) => now - at < MINUTE_MS), now]
    return ends.length > most ? null : Math.min(LONGEST_PAUSE_MS, FIRST_PAUSE_MS * 2 ** (ends.length - 1))
  }
}

/**
 * Runs the server until this command is asked to stop. Ended by anything else it is started again with growing pauses;
 * after ten ends within a minute it is given up with what it said last.
 * @param {() => string} databaseUrl @param {number} port
 * @param {{ demo: boolean, logFile?: string, say: (line: string) => void, onReady: () => void }} options
 */
export const keepServer = async (databaseUrl, port, { demo, logFile, say, onReady }) => {
  const next = patience()
  let ready = false
  for (;;) {
    const server = await startServer(databaseUrl(), port, { demo, goesOn: ready, ...(logFile && { logFile }) })
    const up = await untilHealthy(port, server)
    if (up && !ready) onReady()
    if (up && ready) say('The server is up again.')
    if (up) ready = true
    if (up) await Promise.race([untilStopAsked(), server.ended])
    if (!server.state.ended) server.child.kill('SIGTERM')
    await server.ended
    if (stopAsked()) return 0
    const said = `it said:\n${lastWords(server.lines)}`
    if (!ready) throw new Sorry(`the server did not start; ${said}`)
    const waitMs = next()
    if (waitMs === null)
      throw new Sorry(`the server ended ${MOST_IN_A_MINUTE + 1} times within a minute and was given up; ${said}`)
    say(`The server ended unexpectedly (${server.state.how}); starting it again in ${(waitMs / 1000).toFixed(1)} s.`)
    await Promise.race([pause(waitMs), untilStopAsked()])
    if (stopAsked()) return 0
  }
}
