import { spawn, spawnSync } from 'node:child_process'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { inRoot } from './paths.mjs'

const SCRIPT = inRoot('lochmoor')
// From another folder, as people call it.
const call = (/** @type {string[]} */ ...args) =>
  spawnSync(SCRIPT, args, { cwd: tmpdir(), encoding: 'utf8', input: '' })

describe('what ./lochmoor says when it cannot go on', () => {
  it.each([
    [['demo', '--port', 'eighty'], '--port is eighty; allowed: a whole number from 1 to 65535.'],
    [['demo', '--port'], '--port is nothing; allowed: a whole number from 1 to 65535.'],
    [['demo', '--quick'], '"--quick" is not an option; allowed: --fresh, --port N.'],
    [['test', 'fast'], '"fast" is not an option; test takes none.'],
  ])('%j: one sentence', (args, sentence) => {
    const { status, stderr, stdout } = call(...args)
    expect({ status, stdout, stderr }).toEqual({ status: 1, stdout: '', stderr: `lochmoor: ${sentence}\n` })
  })

  it('a port in use', async () => {
    const holder = createServer()
    await new Promise((/** @type {(v?: undefined) => void} */ resolve) =>
      holder.listen(0, '127.0.0.1', () => resolve()),
    )
    const { port } = /** @type {import('node:net').AddressInfo} */ (holder.address())
    // Not spawnSync: the holder must go on accepting.
    const child = spawn(SCRIPT, ['demo', '--port', String(port)], { stdio: ['ignore', 'ignore', 'pipe'] })
    let said = ''
    child.stderr.on('data', (d) => (said += d))
    const code = await new Promise((resolve) => child.once('close', resolve))
    holder.close()
    expect({ code, said }).toEqual({
      code: 1,
      said: `lochmoor: port ${port} is in use; stop what listens there or start with --port N.\n`,
    })
  })

  it('start without a database', () => {
    const env = { ...process.env, DATABASE_URL: '' }
    const { status, stderr } = spawnSync(SCRIPT, ['start'], { env, encoding: 'utf8' })
    expect(status).toBe(1)
    expect(stderr).toMatch(/^lochmoor: DATABASE_URL is not set; give mysql:/)
  })

  it('an old Node.js', () => {
    const pretend = `Object.defineProperty(process.versions, 'node', { value: '18.19.1' }); require(${JSON.stringify(inRoot('tools/launch/entry.cjs'))})`
    const { status, stderr } = spawnSync(process.execPath, ['-e', pretend], { encoding: 'utf8' })
    expect({ status, stderr }).toEqual({
      status: 1,
      stderr: 'lochmoor: this Node.js is 18.19.1; install Node.js 20.19 or newer (20 or 22 LTS) and start again.\n',
    })
  })

  it('an unknown command gets the list of commands', () => {
    const { status, stderr } = call('serve')
    expect(status).toBe(2)
    expect(stderr).toMatch(/"serve" is not a command[^]*\.\/lochmoor demo/)
  })
})
