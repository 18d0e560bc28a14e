// @ts-check
import { spawnSync } from 'node:child_process'
import { fileURLToPath } from 'node:url'
import { median, often, report } from './measure.mjs'
import { randomCircuits } from './randomCircuits.mjs'

const SCRIPT = fileURLToPath(new URL('../lochmoor', import.meta.url))

/** Start to end of a calculator as a command, as a shell sees it. */
export const command = () => {
  const input = JSON.stringify(randomCircuits(24, 9))
  const times = Array.from({ length: often(7, 1) }, () => {
    const from = process.hrtime.bigint()
    const { status, stderr } = spawnSync(SCRIPT, ['calc', 'fuel-circuit'], { input })
    if (status !== 0) throw new Error(String(stderr))
    return Number(process.hrtime.bigint() - from) / 1e6
  })
  report('./lochmoor calc fuel-circuit with 24 cases, median', `${median(times).toFixed(0)} ms`, '500 ms or less')
}
