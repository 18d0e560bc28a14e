// @ts-check
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { gzipSync } from 'node:zlib'
import { chromium } from '@playwright/test'
import { CHROMIUM } from '../tools/launch/chromium.mjs'
import { startTestServer } from '../tools/launch/startTestServer.mjs'
import { DEMO_JOBS } from '../apps/server/dist/demo/demoJobs.js'
import { median, often, quantile, report } from './measure.mjs'

const ASSETS = fileURLToPath(new URL('../apps/web/dist/assets', import.meta.url))
const INDEX = fileURLToPath(new URL('../apps/web/dist/index.html', import.meta.url))

/** Scripts the page asks for first, compressed. */
const firstScriptBytes = () => {
  const index = readFileSync(INDEX, 'utf8')
  return readdirSync(ASSETS)
    .filter((f) => f.endsWith('.js') && index.includes(f))
    .reduce((sum, f) => sum + gzipSync(readFileSync(join(ASSETS, f))).length, 0)
}

const FIELD = 'Rise, tank to rail'

/**
 * In the page: changes of one field; time from the input event to the changed page, and to the next painted frame.
 * @param {{ field: string, changes: number }} wanted
 */
const changesOf = async ({ field, changes }) => {
  const region = document.querySelector('section[aria-label="Measured"]')
  const label = [...(region?.querySelectorAll('label') ?? [])].find((l) => l.textContent === field)
  const input = /** @type {HTMLInputElement | null} */ (document.getElementById(label?.htmlFor ?? ''))
  if (!input) throw new Error(`there is no field called ${field}`)
  const set = /** @type {(v: string) => void} */ (
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.bind(input)
  )
  const frame = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 0)))
  input.focus()
  /** @type {{ changed: number, painted: number }[]} */
  const times = []
  for (let i = 0; i < changes; i++) {
    await new Promise((resolve) => setTimeout(resolve, 60))
    const before = document.querySelector('section[aria-label="Picture"] svg')?.outerHTML
    const from = performance.now()
    set((0.3 + i * 0.01).toFixed(2))
    input.dispatchEvent(new Event('input', { bubbles: true }))
    const changed = performance.now() - from
    if (document.querySelector('section[aria-label="Picture"] svg')?.outerHTML === before)
      throw new Error('the picture did not follow')
    await frame()
    times.push({ changed, painted: performance.now() - from })
  }
  return times
}

/** The bench in a real browser. */
export const screen = async () => {
  report('first script of the web page, compressed', `${(firstScriptBytes() / 1e3).toFixed(0)} kB`, 'under 250 kB')
  const server = await startTestServer()
  const browser = await chromium.launch(CHROMIUM)
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await page.request.post(`${server.address}/api/session/demo`, { data: { as: 'owner' } })
    for (const { id, document: job } of DEMO_JOBS) {
      if (job.fuel.systemType !== 'return') continue
      const from = performance.now()
      await page.goto(`${server.address}/jobs/${id}/fuel`)
      await page.waitForSelector('section[aria-label="Picture"] svg')
      report(`${job.vehicle.title}: address to picture`, `${(performance.now() - from).toFixed(0)} ms`, 'under 1 s')
      const times = await page.evaluate(changesOf, { field: FIELD, changes: often(50, 3) })
      const changed = times.map((t) => t.changed)
      const painted = times.map((t) => t.painted)
      report(`${job.vehicle.title}: 50 changes, page changed, median`, `${median(changed).toFixed(1)} ms`)
      report(
        `${job.vehicle.title}: 50 changes, page changed, 95th percentile`,
        `${quantile(changed, 0.95).toFixed(1)} ms`,
        'under 50 ms',
      )
      report(
        `${job.vehicle.title}: 50 changes, next frame painted, 95th percentile`,
        `${quantile(painted, 0.95).toFixed(1)} ms`,
      )
    }
  } finally {
    await browser.close()
    await server.end()
  }
}
