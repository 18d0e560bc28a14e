import { spawn, spawnSync } from 'node:child_process'
import { chmodSync, existsSync, mkdtempSync, readFileSync, readdirSync, rmSync, statSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { freePort } from './mariadb.mjs'
import { inRoot } from './paths.mjs'
import { startedAt } from './processes.mjs'

const SCRIPT = inRoot('lochmoor')
const JOB = '8b7d2e94-1c35-4f0b-b0a2-77d1e5a4c222'
const folder = mkdtempSync(join(tmpdir(), 'lochmoor-demo-test-'))
// Where the server’s own user may enter.
chmodSync(folder, 0o755)
const env = { ...process.env, LOCHMOOR_DATA: join(folder, 'demo') }
/** Every demo started here, so that a failing test leaves none running. @type {import('node:child_process').ChildProcess[]} */
const started = []
afterAll(async () => {
  for (const child of started.filter((c) => c.exitCode === null && c.signalCode === null)) {
    child.kill('SIGTERM')
    await new Promise((resolve) => child.once('close', resolve))
  }
  rmSync(folder, { recursive: true, force: true })
})

/** Comes, or the test's own limit ends it. @param {() => Promise<boolean> | boolean} done */
const until = async (done) => {
  while (!(await done())) await new Promise((resolve) => setTimeout(resolve, 100))
}

/** @param {string[]} args */
const startDemo = async (...args) => startIn(env, args)

/** @param {NodeJS.ProcessEnv} env @param {string[]} [args] */
const startIn = async (env, args = []) => {
  const port = await freePort()
  const address = `http://127.0.0.1:${port}`
  const child = spawn(SCRIPT, ['demo', '--port', String(port), ...args], {
    env,
    cwd: tmpdir(),
    stdio: ['ignore', 'pipe', 'pipe'],
  })
  started.push(child)
  const said = { text: '' }
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (d) => (said.text += d))
  const ended = new Promise((resolve) => child.once('close', resolve))
  await until(() => said.text.includes(address) || child.exitCode !== null)
  if (child.exitCode !== null) throw new Error(said.text)
  return { port, address, child, ended, said }
}

/** Processes whose command line names the test's folder or port. @param {string} what */
const processesWith = (what) =>
  readdirSync('/proc')
    .filter((pid) => /^\d+$/.test(pid) && Number(pid) !== process.pid && startedAt(Number(pid)) !== null)
    .filter((pid) => {
      try {
        return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(what)
      } catch {
        return false
      }
    })
    .map(Number)

/** @param {number} pid */
const environmentOf = (pid) => readFileSync(`/proc/${pid}/environ`, 'utf8').split('\0')

/** Signs in as the owner of the demo. @param {string} address */
const signedIn = async (address) => {
  const answer = await fetch(`${address}/api/session/demo`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ as: 'owner' }),
  })
  const cookie = answer.headers.getSetCookie()[0]?.split(';')[0] ?? ''
  const session = /** @type {any} */ (await (await fetch(`${address}/api/session`, { headers: { cookie } })).json())
  return { cookie, 'x-lochmoor-csrf': session.csrf, 'content-type': 'application/json' }
}

/** @param {string} address */
const fuelOf = async (address) => {
  const headers = await signedIn(address)
  const job = /** @type {any} */ (await (await fetch(`${address}/api/jobs/${JOB}`, { headers })).json())
  return job.sections.fuel
}
/** @param {string} address @param {number} lowV */
const store = async (address, lowV) => {
  const { version, value } = await fuelOf(address)
  const response = await fetch(`${address}/api/jobs/${JOB}/sections/fuel`, {
    method: 'PUT',
    headers: await signedIn(address),
    body: JSON.stringify({ baseVersion: version, value: { ...value, lowV } }),
  })
  expect(response.status).toBe(200)
}

describe('./lochmoor demo', () => {
  it('starts from another folder, refuses a second one, survives a killed database, keeps its data and stops what it started', async () => {
    const first = await startDemo()
    expect(await (await fetch(`${first.address}/api/health`)).json()).toMatchObject({ status: 'up' })
    expect(await (await fetch(`${first.address}/jobs`)).text()).toContain('<div id="root">')

    const second = spawnSync(SCRIPT, ['demo', '--port', String(await freePort())], { env, encoding: 'utf8' })
    expect(second).toMatchObject({ status: 1, stdout: '' })
    expect(second.stderr).toMatch(
      new RegExp(
        `^lochmoor: the demo of this folder already runs at ${first.address} \\(process \\d+\\); stop it first, or use it\\.\\n$`,
      ),
    )

    await store(first.address, 12.34)
    const [database] = processesWith(`--datadir=${env.LOCHMOOR_DATA}`)
    process.kill(/** @type {number} */ (database), 'SIGKILL')
    await until(() => first.said.text.includes('starting it again'))
    await until(async () => (await fetch(`${first.address}/api/health`)).status === 200)
    expect(await fuelOf(first.address)).toMatchObject({ version: 2, value: { lowV: 12.34 } })

    // The server too: it says why, and is there again.
    const [serving] = processesWith('apps/server/dist/main.js').filter((pid) => environmentOf(pid).includes(`LOCHMOOR_PORT=${first.port}`)) // prettier-ignore
    process.kill(/** @type {number} */ (serving), 'SIGKILL')
    await until(() => first.said.text.includes('The server ended unexpectedly (killed by SIGKILL); starting it again'))
    await until(() => first.said.text.includes('The server is up again.'))
    expect(await fuelOf(first.address)).toMatchObject({ version: 2 })

    // A backup while it runs, into an empty store: the same figures, and the photographs.
    const file = join(folder, 'all.backup')
    const backup = spawnSync(SCRIPT, ['backup', file], { env, encoding: 'utf8' })
    expect([backup.status, backup.stderr]).toEqual([0, ''])
    expect(backup.stdout).toMatch(/all\.backup: \d+ rows, with photographs/)
    expect(statSync(file).mode & 0o777).toBe(0o600)
    const elsewhere = { ...env, LOCHMOOR_DATA: join(folder, 'restored') }
    const restored = spawnSync(SCRIPT, ['restore', file], { env: elsewhere, encoding: 'utf8' })
    expect([restored.status, restored.stderr]).toEqual([0, ''])
    const twice = spawnSync(SCRIPT, ['restore', file], { env: elsewhere, encoding: 'utf8' })
    expect([twice.status, twice.stderr]).toEqual([1, expect.stringMatching(/there are data in .* already/)])

    first.child.kill('SIGTERM')
    expect(await first.ended).toBe(0)
    await until(() => processesWith(folder).length === 0)
    await expect(fetch(`${first.address}/api/health`)).rejects.toThrow()
    expect(existsSync(`${env.LOCHMOOR_DATA}-runs.json`)).toBe(false)

    const again = await startDemo()
    expect(await fuelOf(again.address)).toMatchObject({ value: { lowV: 12.34 } })
    again.child.kill('SIGINT')
    expect(await again.ended).toBe(0)

    const other = await startIn(elsewhere)
    expect(await fuelOf(other.address)).toMatchObject({ version: 2, value: { lowV: 12.34 } })
    other.child.kill('SIGTERM')
    expect(await other.ended).toBe(0)

    const fresh = await startDemo('--fresh')
    expect(await fuelOf(fresh.address)).toMatchObject({ version: 1, value: { lowV: 12.2 } })
    // Killed without a chance to tidy up, it leaves nothing running either.
    fresh.child.kill('SIGKILL')
    await fresh.ended
    await until(() => processesWith(folder).length === 0)
    const after = await startDemo()
    after.child.kill('SIGTERM')
    expect(await after.ended).toBe(0)
  })
})
