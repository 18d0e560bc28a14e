import { spawn } from 'node:child_process'
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { startMariadb } from './mariadb.mjs'
import { inRoot } from './paths.mjs'
import { startedAt } from './processes.mjs'

/** Whether a database works in a folder. @param {string} folder */
const works = (folder) =>
  readdirSync('/proc').some((pid) => {
    if (!/^\d+$/.test(pid) || startedAt(Number(pid)) === null) return false
    try {
      return (
        readFileSync(`/proc/${pid}/cmdline`, 'utf8').startsWith(`/usr/sbin/mariadbd\0--no-defaults`) &&
        readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(`--datadir=${folder}/`)
      )
    } catch {
      return false // ended since
    }
  })

describe('private databases', () => {
  it('that run side by side keep their temporary tables apart', async () => {
    const folders = [1, 2].map(() => mkdtempSync(join(tmpdir(), 'lochmoor-side-')))
    const servers = await Promise.all(folders.map((f) => startMariadb(f, { throwaway: true })))
    const asked = await Promise.all(servers.map((s) => s.ask('select @@tmpdir')))
    expect(asked.map((a) => a.output.trim())).toEqual(folders.map((f) => join(f, 'temporary')))
    await Promise.all(servers.map((s) => s.stop()))
    for (const f of folders) rmSync(f, { recursive: true })
  })

  it('asked to stop while they start, end: they may hang over being asked so early', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'lochmoor-early-'))
    await (await startMariadb(folder, { throwaway: true })).stop()
    const code = `
      const { stopOnSignals } = await import(${JSON.stringify(inRoot('tools/launch/children.mjs'))})
      const { startMariadb } = await import(${JSON.stringify(inRoot('tools/launch/mariadb.mjs'))})
      stopOnSignals()
      await startMariadb(${JSON.stringify(folder)}, { throwaway: true }).then((s) => s.stop(), () => undefined)
    `
    for (const [signal, afterMs] of /** @type {const} */ ([
      ['SIGTERM', 30],
      ['SIGTERM', 60],
      ['SIGKILL', 45],
      ['SIGKILL', 80],
    ])) {
      const command = spawn(process.execPath, ['--input-type=module', '-e', code], { stdio: 'ignore' })
      const ended = new Promise((resolve) => command.once('close', resolve))
      while (!works(folder)) await pause(3)
      await pause(afterMs)
      command.kill(signal)
      await ended
      for (let n = 0; n < 400 && works(folder); n++) await pause(50)
      expect([signal, afterMs, works(folder)]).toEqual([signal, afterMs, false])
    }
    rmSync(folder, { recursive: true })
  })
})
