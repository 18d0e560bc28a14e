import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { relative } from 'node:path'
import { BEFORE_TESTS, TESTS } from './checks.mjs'
import { unmark } from './marks.mjs'
import { ROOT, STATE } from './paths.mjs'
import { carryOut } from './test.mjs'

mkdirSync(STATE, { recursive: true })
const folder = mkdtempSync(`${STATE}/checks-`)
afterAll(() => {
  rmSync(folder, { recursive: true })
  unmark('check-try')
})

/** A check that is told how it ends, and counts how often it ran. */
const trying = () => {
  const ran = { times: 0, told: '', count: { passed: 3, failed: 0 } }
  const check = {
    name: 'check-try',
    title: 'a try',
    from: [relative(ROOT, folder)],
    work: () => {
      ran.times++
      return Promise.resolve(ran.count)
    },
  }
  return { ran, run: (again = false) => carryOut(check, (text) => (ran.told += text), again) }
}

describe('what the test command carries out', () => {
  it('what passed is not run again until something it reads has changed, and is still counted', async () => {
    writeFileSync(`${folder}/a.ts`, 'one')
    const { ran, run } = trying()
    expect([await run(), await run(), ran.times]).toEqual([ran.count, ran.count, 1])
    expect(ran.told).toContain('a try: unchanged since it passed here: 3 passed')
    writeFileSync(`${folder}/a.ts`, 'two')
    await run()
    expect(ran.times).toBe(2)
  })
  it('asked for all, it runs all', async () => {
    const { ran, run } = trying()
    await run()
    await run(true)
    await run(true)
    expect(ran.times).toBeGreaterThanOrEqual(2)
  })
  it('what failed runs again, unchanged or not', async () => {
    const { ran, run } = trying()
    await run(true)
    ran.count = { passed: 2, failed: 1 }
    await run(true)
    expect(await run()).toEqual({ passed: 2, failed: 1 })
    expect(ran.times).toBe(3)
  })
  it('every check has a mark of its own and reads something', () => {
    const all = [...BEFORE_TESTS.flat(), ...TESTS]
    expect(new Set(all.map((c) => c.name)).size).toBe(all.length)
    for (const c of all) expect(c.from.length).toBeGreaterThan(0)
  })
})
