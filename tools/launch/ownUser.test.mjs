// @ts-check
import { spawn } from 'node:child_process'
import { readdirSync, readFileSync } from 'node:fs'
import { setTimeout as pause } from 'node:timers/promises'
import { inRoot } from './paths.mjs'
import { startedAt } from './processes.mjs'

/**
 * A command that starts a long sleep as Lochmoor starts what it needs, and is killed before its child has come so far as to
 * ask for its end.
 */
const KILLED_OVER_IT = (/** @type {string} */ seconds) => `
  const { startedAs } = await import(${JSON.stringify(inRoot('tools/launch/ownUser.mjs'))})
  const { spawn } = await import('node:child_process')
  const { args, program } = await startedAs([])
  const late = ['-c', 'sleep 0.3; exec "$@"', 'late', program, ...args, '/usr/bin/sleep', '${seconds}']
  spawn('/bin/sh', late, { stdio: 'ignore', detached: true })
  process.kill(process.pid, 'SIGKILL')
`
/** @param {string} seconds */
const sleepers = (seconds) =>
  readdirSync('/proc').filter((pid) => {
    if (!/^\d+$/.test(pid) || startedAt(Number(pid)) === null) return false
    try {
      return readFileSync(`/proc/${pid}/cmdline`, 'utf8').endsWith(`sleep\0${seconds}\0`)
    } catch {
      return false
    }
  })

describe('what a command starts ends with it', () => {
  it('even where the command is killed before its child has asked to be told', async () => {
    const seconds = String(7000 + (process.pid % 1000))
    const child = spawn(process.execPath, ['--input-type=module', '-e', KILLED_OVER_IT(seconds)], { stdio: 'ignore' })
    expect(await new Promise((resolve) => child.once('close', (_, signal) => resolve(signal)))).toBe('SIGKILL')
    await pause(1500)
    const left = sleepers(seconds)
    for (const pid of left) process.kill(Number(pid), 'SIGKILL')
    expect(left).toEqual([])
  })
  it('and what does not listen when it is asked, where it has to', async () => {
    const seconds = String(9000 + (process.pid % 1000))
    const code = `
      const { startedAs } = await import(${JSON.stringify(inRoot('tools/launch/ownUser.mjs'))})
      const { spawn } = await import('node:child_process')
      const { args, program } = await startedAs([], 'KILL')
      spawn(program, [...args, '/bin/sh', '-c', 'trap "" TERM; exec /usr/bin/sleep ${seconds}'], { stdio: 'ignore', detached: true })
      setTimeout(() => process.kill(process.pid, 'SIGKILL'), 400)
    `
    const child = spawn(process.execPath, ['--input-type=module', '-e', code], { stdio: 'ignore' })
    await new Promise((resolve) => child.once('close', resolve))
    await pause(500)
    const left = sleepers(seconds)
    for (const pid of left) process.kill(Number(pid), 'SIGKILL')
    expect(left).toEqual([])
  })
  it('and one whose parent stays is left to work', async () => {
    const { startedAs } = await import('./ownUser.mjs')
    const { args, program } = await startedAs([])
    const child = spawn(program, [...args, '/bin/echo', 'two words', '$1'], { stdio: ['ignore', 'pipe', 'ignore'] })
    let said = ''
    child.stdout.on('data', (d) => (said += d))
    expect(await new Promise((resolve) => child.once('close', resolve))).toBe(0)
    expect(said).toBe('two words $1\n')
  })
})
