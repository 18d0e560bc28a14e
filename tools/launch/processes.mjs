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

/** Names a process so that another of the same number is not taken for it. */
export const thisProcess = () => ({ pid: process.pid, started: startedAt(process.pid) })

/** @param {{ pid: number, started: string | null }} named */
export const isAlive = ({ pid, started }) => started !== null && startedAt(pid) === started
