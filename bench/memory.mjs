// @ts-check
import { readFileSync, writeFileSync } from 'node:fs'

/** The most memory that a process has had, since it began or since it was forgotten, MB. @param {number} pid */
export const mostMb = (pid) =>
  Number(/^VmHWM:\s+(\d+) kB/m.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1]) / 1024

/** What it has now is the most from here on. @param {number} pid */
export const forgetMost = (pid) => writeFileSync(`/proc/${pid}/clear_refs`, '5')
