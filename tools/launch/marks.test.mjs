import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { relative } from 'node:path'
import { fingerprint } from './marks.mjs'
import { ROOT, STATE } from './paths.mjs'
import { isAlive, startedAt, thisProcess } from './processes.mjs'
import { mkdirSync } from 'node:fs'

describe('marks of the set-up', () => {
  it('a fingerprint changes with content and with a new file, and with nothing else', () => {
    mkdirSync(STATE, { recursive: true })
    const folder = mkdtempSync(`${STATE}/marks-`)
    const print = () => fingerprint([relative(ROOT, folder)])
    writeFileSync(`${folder}/a.ts`, 'one')
    const first = print()
    writeFileSync(`${folder}/a.ts`, 'one')
    expect(print()).toBe(first)
    writeFileSync(`${folder}/b.ts`, 'two')
    const second = print()
    expect(second).not.toBe(first)
    writeFileSync(`${folder}/a.ts`, 'changed')
    expect(print()).not.toBe(second)
    rmSync(folder, { recursive: true })
  })

  it('knows a running process from one that is gone or of another start', () => {
    expect(isAlive(thisProcess())).toBe(true)
    expect(isAlive({ ...thisProcess(), started: '1' })).toBe(false)
    expect(startedAt(4_194_304_0)).toBeNull()
  })
})
