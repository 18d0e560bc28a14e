// @ts-check
import { spawn } from 'node:child_process'

/** @type {Set<import('node:child_process').ChildProcess>} */
const running = new Set()
/** @type {{ signal: NodeJS.Signals | null }} */
const asked = { signal: null }
/** @type {(() => void)[]} */
const onStop = []

/** Ends what this command started, and nothing else, when it is asked to stop. */
export const stopOnSignals = () => {
  for (const signal of /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP']))
    process.on(signal, () => {
      if (asked.signal) return
      asked.signal = signal
      for (const child of running) child.kill('SIGTERM')
      for (const tell of onStop) tell()
    })
}

export const stopAsked = () => asked.signal !== null
/** Resolves once somebody asked this command to stop. */
export const untilStopAsked = () =>
  new Promise((/** @type {(value?: undefined) => void} */ resolve) => (asked.signal ? resolve() : onStop.push(resolve)))

/**
 * Starts a child that is ended with this command.
 * @param {string} command
 * @param {string[]} args
 * @param {import('node:child_process').SpawnOptions} [options]
 */
export const start = (command, args, options = {}) => {
  const child = spawn(command, args, { stdio: 'inherit', ...options })
  running.add(child)
  child.on('close', () => running.delete(child))
  child.on('error', () => running.delete(child))
  return child
}

/**
 * Runs a command to its end and collects what it printed.
 * @param {string} command
 * @param {string[]} args
 * @param {import('node:child_process').SpawnOptions & { show?: boolean, tell?: (text: string) => void, input?: string }} [options] show: print what it prints; tell: hand it on instead; input: what it reads on its standard input
 * @returns {Promise<{ code: number, output: string }>}
 */
export const run = (command, args, { show = false, tell, input, ...options } = {}) =>
  new Promise((resolve) => {
    // Its own process group would survive Ctrl-C; it shares ours, so the terminal's signal reaches it too.
    const child = start(command, args, { ...options, stdio: [input === undefined ? 'ignore' : 'pipe', 'pipe', 'pipe'] })
    // One that ends before it has read everything says so by its code.
    child.stdin?.on('error', () => undefined)
    child.stdin?.end(input)
    let output = ''
    for (const [stream, target] of /** @type {const} */ ([
      [child.stdout, process.stdout],
      [child.stderr, process.stderr],
    ]))
      stream?.on('data', (/** @type {Buffer} */ chunk) => {
        output += chunk
        if (tell) tell(String(chunk))
        else if (show) target.write(chunk)
      })
    child.on('error', (e) => resolve({ code: 127, output: `${output}${e.message}` }))
    child.on('close', (code) => resolve({ code: code ?? 1, output }))
  })
