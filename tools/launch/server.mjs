// @ts-check
import { randomUUID } from 'node:crypto'
import { chmodSync, createWriteStream } from 'node:fs'
import { setTimeout as pause } from 'node:timers/promises'
import { start, stopAsked } from './children.mjs'
import { startedAs } from './ownUser.mjs'
import { inRoot } from './paths.mjs'

const KEPT_LINES = 200
/** Ends what hangs: a busy machine may take a minute over what takes a second. */
const PATIENCE_MS = 5 * 60_000

/**
 * Starts the built server. With a log file its structured log goes there; without, it is printed. The last lines are
 * kept.
 * @param {string} databaseUrl @param {number} port
 * @param {{ demo: boolean, logFile?: string, goesOn?: boolean }} options goesOn: the log goes on, the server was there before
 */
export const startServer = async (databaseUrl, port, { demo, logFile, goesOn = false }) => {
  const main = inRoot('apps/server/dist/main.js')
  // The server does not outlive us, however we end, and is no root.
  const { args, program } = await startedAs([
    main,
    inRoot('apps/web/dist/index.html'),
    inRoot('node_modules/.package-lock.json'),
    process.execPath,
  ])
  const mark = randomUUID()
  const child = start(program, [...args, process.execPath, '--enable-source-maps', main], {
    env: {
      ...process.env,
      LOCHMOOR_MARK: mark,
      DATABASE_URL: databaseUrl,
      LOCHMOOR_PORT: String(port),
      LOCHMOOR_DEMO: demo ? '1' : '0',
      NODE_ENV: 'production',
    },
    stdio: ['ignore', 'pipe', 'pipe'],
    // Its own process group: on Ctrl-C it is ended by us, in order, before the database.
    detached: true,
  })
  const state = { ended: false, how: '' }
  const ended = new Promise((/** @type {(code: number) => void} */ resolve) => {
    child.once('close', (code, signal) => {
      state.ended = true
      state.how = signal ? `killed by ${signal}` : `code ${code}`
      resolve(code ?? 1)
    })
    child.once('error', (e) => {
      state.ended = true
      state.how = e.message
      resolve(1)
    })
  })
  /** @type {string[]} */
  const lines = []
  const log = logFile ? createWriteStream(logFile, { flags: goesOn ? 'a' : 'w', mode: 0o600 }) : null
  // A log of an older version may be readable by everybody.
  log?.on('open', () => logFile && chmodSync(logFile, 0o600))
  log?.on('error', (e) => console.error(`lochmoor: the log ${logFile} cannot be written (${e.message}).`))
  for (const stream of [child.stdout, child.stderr])
    stream?.on('data', (d) => {
      lines.push(String(d))
      if (log) log.write(d)
      else process.stdout.write(d)
      if (lines.length > KEPT_LINES) lines.shift()
    })
  return { child, ended, lines, mark, state }
}

/**
 * Waits until the server answers, and sees to it that it is this one: whatever else may listen there is not ours.
 * @param {number} port @param {{ ended: Promise<number>, mark: string }} server
 */
export const untilHealthy = async (port, { ended, mark }) => {
  const state = { gone: false }
  void ended.then(() => (state.gone = true))
  const deadline = Date.now() + PATIENCE_MS
  while (Date.now() < deadline) {
    if (state.gone || stopAsked()) return false
    try {
      const answer = await fetch(`http://127.0.0.1:${port}/api/health`)
      if (answer.status === 200 && answer.headers.get('x-lochmoor-mark') === mark) return true
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
