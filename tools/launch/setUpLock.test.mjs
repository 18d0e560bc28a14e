import { spawn } from 'node:child_process'
import { existsSync, mkdirSync, mkdtempSync, rmSync, utimesSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { inRoot, STATE } from './paths.mjs'
import { startedAt, thisProcess } from './processes.mjs'
import { takeHold, withSetUpLock } from './setUpLock.mjs'

const LOCK = join(STATE, 'set-up.lock')
beforeAll(() => mkdirSync(STATE, { recursive: true }))

describe('one set-up at a time', () => {
  it('the second waits for the first, and a failure frees the way', async () => {
    /** @type {string[]} */
    const order = []
    const work = (/** @type {string} */ name, /** @type {boolean} */ fails = false) =>
      withSetUpLock(async () => {
        order.push(`${name} begins`)
        // The other has asked by now: it asks before it waits.
        await new Promise((resolve) => setImmediate(resolve))
        order.push(`${name} ends`)
        if (fails) throw new Error(name)
      })
    const first = work('one', true)
    const second = work('two')
    await expect(first).rejects.toThrow('one')
    await second
    expect(order).toEqual(['one begins', 'one ends', 'two begins', 'two ends'])
    expect(existsSync(LOCK)).toBe(false)
  })

  it('a lock whose holder is gone holds nobody up', async () => {
    writeFileSync(LOCK, JSON.stringify({ pid: 1, started: 'another time' }))
    await expect(withSetUpLock(() => Promise.resolve('done'))).resolves.toBe('done')
  })

  it.each([
    ['empty', ''],
    ['half written', '{"pid": 12'],
    ['of another machine', JSON.stringify({ ...thisProcess(), boot: 'another' })],
    ['no lock at all', '[]'],
  ])('a lock that is %s holds nobody up for long', async (_name, text) => {
    writeFileSync(LOCK, text)
    const longAgo = new Date(Date.now() - 60_000)
    utimesSync(LOCK, longAgo, longAgo)
    await expect(withSetUpLock(() => Promise.resolve('done'))).resolves.toBe('done')
    expect(existsSync(LOCK)).toBe(false)
  })

  it('many who find a dead lock at once: one has it at a time', async () => {
    const file = join(mkdtempSync(join(tmpdir(), 'lochmoor-lock-')), 'lock')
    for (let round = 0; round < 20; round++) {
      writeFileSync(file, JSON.stringify({ pid: 1, started: 'another time' }))
      const took = await Promise.all(Array.from({ length: 20 }, () => Promise.resolve().then(() => takeHold(file))))
      expect(took.filter(Boolean)).toHaveLength(1)
      rmSync(file)
    }
  })

  it('Ctrl-C ends a command that waits for another', async () => {
    writeFileSync(LOCK, JSON.stringify(thisProcess()))
    const code = `
      import { stopOnSignals } from ${JSON.stringify(inRoot('tools/launch/children.mjs'))}
      import { withSetUpLock } from ${JSON.stringify(inRoot('tools/launch/setUpLock.mjs'))}
      stopOnSignals()
      console.log('waiting')
      try { await withSetUpLock(async () => console.log('in')) } catch (e) { console.log(e.message) }`
    const child = spawn(process.execPath, ['--input-type=module', '-e', code], { stdio: ['ignore', 'pipe', 'inherit'] })
    let text = ''
    child.stdout.on('data', (d) => (text += d))
    while (!text.includes('waiting')) await new Promise((resolve) => setTimeout(resolve, 20))
    child.kill('SIGINT')
    await new Promise((resolve) => child.once('close', resolve))
    expect(text).toBe('waiting\nstopped.\n')
    expect(startedAt(child.pid ?? 0)).toBeNull()
    rmSync(LOCK)
  })
})
