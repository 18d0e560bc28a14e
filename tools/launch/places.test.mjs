// @ts-check
import { spawn } from 'node:child_process'
import {
  chmodSync,
  existsSync,
  mkdirSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { createServer } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { asOrdinaryUser, copyCheckout, giveToOrdinaryUser, inReach, isRoot } from './copiedCheckout.mjs'
import { freePort } from './mariadb.mjs'
import { startedAt } from './processes.mjs'
import { buildNode, buildWeb } from './setUp.mjs'

/** A path that nobody would choose, and that is not the one it was built in. */
const folder = mkdtempSync(join(tmpdir(), 'lochmoor places '))
const checkout = join(folder, 'a copy of it')
/** @type {import('node:child_process').ChildProcess[]} */
const started = []
beforeAll(async () => {
  await buildNode(() => undefined)
  await buildWeb(() => undefined)
  chmodSync(folder, 0o755)
  copyCheckout(checkout)
  giveToOrdinaryUser(checkout)
})
afterAll(async () => {
  for (const child of started.filter((c) => c.exitCode === null && c.signalCode === null)) {
    child.kill('SIGTERM')
    await new Promise((resolve) => child.once('close', resolve))
  }
  rmSync(folder, { recursive: true, force: true })
})

/** @param {string} data @param {{ ordinary?: boolean, port?: number, args?: string[] }} [options] */
const startDemo = async (data, { ordinary = true, port: wanted, args: more = [] } = {}) => {
  const port = wanted ?? (await freePort())
  const command = [join(checkout, 'lochmoor'), 'demo', '--port', String(port), ...more]
  const [program, args] = ordinary ? asOrdinaryUser(command) : [command[0] ?? '', command.slice(1)]
  const child = spawn(program, args, {
    cwd: tmpdir(),
    env: { ...process.env, HOME: '/nonexistent', LOCHMOOR_DATA: data },
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  started.push(child)
  const said = { text: '' }
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (d) => (said.text += d))
  const ended = new Promise((/** @type {(code: number | null) => void} */ resolve) => child.once('close', resolve))
  return { child, port, said, ended, address: `http://127.0.0.1:${port}` }
}
/** Runs, or the test's own limit ends it. @param {Awaited<ReturnType<typeof startDemo>>} demo */
const untilUp = async ({ address, child, said }) => {
  while (!said.text.includes(address) && child.exitCode === null && child.signalCode === null) await pause(50)
  if (!said.text.includes(address)) throw new Error(said.text)
}
/** Well before the test's own limit: whoever is still there then stays there. */
const GONE_WITHIN_MS = 120_000
/** Waits until nobody works in a folder any more; names who does not end. @param {string} data */
const untilNobodyWorksIn = async (data) => {
  const until = Date.now() + GONE_WITHIN_MS
  while (processesWith(data).length > 0) {
    if (Date.now() > until) throw new Error(`still there: ${processesWith(data).map(commandOf).join('; ')}`)
    await pause(50)
  }
}
/** @param {string} pid */
const commandOf = (pid) => {
  try {
    return `${pid} ${readFileSync(`/proc/${pid}/cmdline`, 'utf8').replaceAll('\0', ' ')}`
  } catch {
    return pid // ended since
  }
}
/** @param {string} what */
const processesWith = (what) =>
  readdirSync('/proc')
    .filter((pid) => /^\d+$/.test(pid) && startedAt(Number(pid)) !== null)
    .filter((pid) => {
      try {
        return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(what)
      } catch {
        return false
      }
    })
/** @param {string} pid */
const userOf = (pid) => Number(/^Uid:\s+(\d+)/m.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1])
const stopped = async (/** @type {Awaited<ReturnType<typeof startDemo>>} */ demo) => {
  demo.child.kill('SIGINT')
  return demo.ended
}

// Run by root from a folder that only root may enter there is no ordinary user to try it with.
const whereReached = inReach() ? describe : describe.skip
whereReached('wherever it lies and whoever starts it', () => {
  it('starts as an ordinary user from a copied folder with spaces, beside another machine’s run file and a broken lock', async () => {
    const data = join(checkout, '.lochmoor', 'demo')
    mkdirSync(join(checkout, '.lochmoor'), { recursive: true })
    writeFileSync(`${data}-runs.json`, JSON.stringify({ pid: process.pid, started: startedAt(process.pid), boot: 'another', folder: data, port: 1 })) // prettier-ignore
    writeFileSync(join(checkout, '.lochmoor', 'set-up.lock'), '')
    giveToOrdinaryUser(join(checkout, '.lochmoor'))
    const demo = await startDemo(data)
    await untilUp(demo)
    expect(demo.said.text).not.toMatch(/Installing|Building/)
    expect(await (await fetch(`${demo.address}/api/health`)).json()).toMatchObject({ status: 'up' })
    for (const pid of processesWith(data)) expect(userOf(pid)).not.toBe(0)
    expect(await stopped(demo)).toBe(0)
    expect(processesWith(data)).toEqual([])
  })

  it('two commands at once: one runs, the other says so in a sentence', async () => {
    const data = join(folder, 'both')
    mkdirSync(data)
    giveToOrdinaryUser(folder)
    const both = [await startDemo(data), await startDemo(data)]
    const first = await Promise.race(both.map((d, i) => d.ended.then(() => i)))
    const [refused, runs] = first === 0 ? [both[0], both[1]] : [both[1], both[0]]
    expect(refused?.said.text.trim()).toMatch(/^lochmoor: (the demo of this folder already runs|another command has just taken)[^\n]+\.$/) // prettier-ignore
    await untilUp(/** @type {Awaited<ReturnType<typeof startDemo>>} */ (runs))
    expect(await stopped(/** @type {Awaited<ReturnType<typeof startDemo>>} */ (runs))).toBe(0)
  })

  it('killed at any moment of its first start, the next start stands', async () => {
    const data = join(folder, 'killed')
    mkdirSync(data)
    giveToOrdinaryUser(data)
    for (const afterMs of [150, 500, 900, 1500, 2500, 4000]) {
      const demo = await startDemo(data)
      await pause(afterMs)
      demo.child.kill('SIGKILL')
      await demo.ended
      await untilNobodyWorksIn(data)
    }
    const demo = await startDemo(data)
    await untilUp(demo)
    expect(await stopped(demo)).toBe(0)
  })

  it('a folder that may not be written is one sentence', async () => {
    const readOnly = join(folder, 'read only')
    copyCheckout(readOnly)
    chmodSync(readOnly, 0o555)
    const [program, args] = asOrdinaryUser([join(readOnly, 'lochmoor'), 'demo', '--port', String(await freePort())])
    const child = spawn(program, args, { stdio: ['ignore', 'pipe', 'pipe'] })
    let text = ''
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (d) => (text += d))
    expect(await new Promise((resolve) => child.once('close', resolve))).toBe(1)
    expect(text.trim()).toMatch(/^lochmoor: .*may not be written by this user; start Lochmoor as the user it belongs to, or make a clone of your own\.$/) // prettier-ignore
    chmodSync(readOnly, 0o755)
  })

  it('a port that somebody else answers on is theirs: it says so and ends nobody', async () => {
    const other = createServer((_request, response) => response.end('{"status":"up"}'))
    const port = await freePort()
    await new Promise((resolve) => other.listen(port, '127.0.0.1', () => resolve(undefined)))
    const demo = await startDemo(join(folder, 'taken'), { port })
    expect(await demo.ended).toBe(1)
    expect(demo.said.text.trim()).toBe(
      `lochmoor: port ${port} is in use; stop what listens there or start with --port N.`,
    )
    expect(await (await fetch(`http://127.0.0.1:${port}/`)).text()).toContain('up')
    await new Promise((resolve) => other.close(resolve))
  })

  const asRoot = isRoot ? it : it.skip
  asRoot('started by root, neither server nor database is root, and the data are theirs', async () => {
    const data = join(folder, 'by root')
    const demo = await startDemo(data, { ordinary: false })
    await untilUp(demo)
    expect(demo.said.text).not.toContain('root alone')
    const ours = [...processesWith(data), ...processesWith(join(checkout, 'apps/server/dist/main.js'))]
    expect(ours.length).toBeGreaterThanOrEqual(2)
    for (const pid of ours) expect([pid, userOf(pid)]).not.toEqual([pid, 0])
    expect(statSync(join(data, 'data')).uid).not.toBe(0)
    expect(statSync(join(data, 'server.log')).mode & 0o777).toBe(0o600)
    // Nothing that lets anybody in stands where everybody may read it.
    const password = readFileSync(join(data, 'password'), 'utf8')
    for (const pid of readdirSync('/proc').filter((p) => /^\d+$/.test(p)))
      if (existsSync(`/proc/${pid}/cmdline`)) {
        const line = startedAt(Number(pid)) === null ? '' : readFileSync(`/proc/${pid}/cmdline`, 'utf8')
        expect(line).not.toContain(password)
      }
    expect(await stopped(demo)).toBe(0)
  })

  asRoot('where only root may enter it still starts, and says that it has to stay root there', async () => {
    const locked = join(folder, 'locked')
    mkdirSync(locked)
    chmodSync(locked, 0o700)
    const demo = await startDemo(join(locked, 'data'), { ordinary: false })
    await untilUp(demo)
    expect(demo.said.text).toContain(`${join(locked, 'data')} can be entered by root alone`)
    expect(await stopped(demo)).toBe(0)
  })
})
