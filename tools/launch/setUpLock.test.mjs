import { existsSync, mkdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { STATE } from './paths.mjs'
import { withSetUpLock } from './setUpLock.mjs'

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
})
