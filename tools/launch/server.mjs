// @ts-check
import { createWriteStream } from 'node:fs'
import { setTimeout as pause } from 'node:timers/promises'
import { start, stopAsked } from './children.mjs'
import { inRoot } from './paths.mjs'

const KEPT_LINES = 200
/** Ends what hangs: a busy machine may take a minute over what takes a second. */
const PATIENCE_MS = 5 * 60_000

/**
 * Starts the built server. With a log file its structured log goes there and the last lines are kept; without, it is
 * printed.
 * @param {string} databaseUrl @param {number} port @param {{ demo: boolean, logFile?: string }} options
 */
export const startServer = (databaseUrl, port, { demo, logFile }) => {
  // setpriv: the server does not outlive us, however we end.
  const args = ['--pdeathsig', 'TERM', process.execPath, '--enable-source-maps', inRoot('apps/server/dist/main.js')]
  const child = start('/usr/bin/setpriv', args, {
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      LOCHMOOR_PORT: String(port),
      LOCHMOOR_DEMO: demo ? '1' : '0',
      NODE_ENV: 'production',
    },
    stdio: ['ignore', logFile ? 'pipe' : 'inherit', logFile ? 'pipe' : 'inherit'],
    // Its own process group: on Ctrl-C it is ended by us, in order, before the database.
    detached: true,
  })
  const ended = new Promise((/** @type {(code: number) => void} */ resolve) =>
    child.once('close', (code) => resolve(code ?? 1)),
  )
  /** @type {string[]} */
  const lines = []
  const log = logFile ? createWriteStream(logFile) : null
  log?.on('error', (e) => console.error(`lochmoor: the log ${logFile} cannot be written (${e.message}).`))
  for (const stream of [child.stdout, child.stderr])
    stream?.on('data', (d) => {
      lines.push(String(d))
      log?.write(d)
      if (lines.length > KEPT_LINES) lines.shift()
    })
  return { child, ended, lines }
}

/** @param {number} port @param {Promise<number>} ended */
export const untilHealthy = async (port, ended) => {
  const state = { gone: false }
  void ended.then(() => (state.gone = true))
  const deadline = Date.now() + PATIENCE_MS
  while (Date.now() < deadline) {
    if (state.gone || stopAsked()) return false
    try {
      if ((await fetch(`http://127.0.0.1:${port}/api/health`)).status === 200) return true
    } catch {
      // Not listening yet: that is what we wait for.
    }
    await pause(100)
  }
  return false
}

/** The last things a server said that a person can use. @param {string[]} lines */
export const lastWords = (lines) =>
  lines
    .join('')
    .trim()
    .split('\n')
    .map((line) => {
      try {
        const { msg, err } = JSON.parse(line)
        return err?.message ? `${msg}: ${err.message}` : msg
      } catch {
        return line
      }
    })
    .slice(-6)
    .join('\n')
