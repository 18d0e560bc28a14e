// @ts-check
import { readFileSync } from 'node:fs'

/** When a process was started, in clock ticks since boot; null for one that is gone or a zombie. @param {number} pid */
export const startedAt = (pid) => {
  try {
    const fields = readFileSync(`/proc/${pid}/stat`, 'utf8')
      .replace(/^.*\) /, '')
      .split(' ')
    return fields[0] === 'Z' ? null : (fields[19] ?? null)
  } catch {
    return null
  }
}

const bootId = () => {
  try {
    return readFileSync('/proc/sys/kernel/random/boot_id', 'utf8').trim()
  } catch {
    return null // no such file outside of Linux: then the start time has to do
  }
}

/** Names a process so that another of the same number is not taken for it. */
export const thisProcess = () => ({ pid: process.pid, started: startedAt(process.pid), boot: bootId() })

/**
 * Whether it still runs, here: a file that was copied from another machine, or is older than the last start of this one,
 * names nobody.
 * @param {{ pid: number, started: string | null, boot?: string | null }} named
 */
export const isAlive = ({ boot = null, pid, started }) =>
  started !== null && boot === bootId() && startedAt(pid) === started
