// @ts-check
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { fileURLToPath } from 'node:url'
import { gzipSync } from 'node:zlib'
import { chromium } from '@playwright/test'
import { CHROMIUM } from '../tools/launch/chromium.mjs'
import { startApplication } from './application.mjs'
import { DEMO_JOBS } from '../apps/server/dist/demo/demoJobs.js'
import { cars, report } from './measure.mjs'

const ASSETS = fileURLToPath(new URL('../apps/web/dist/assets', import.meta.url))
const INDEX = fileURLToPath(new URL('../apps/web/dist/index.html', import.meta.url))

/** Scripts the page asks for first, compressed. */
const firstScriptBytes = () => {
  const index = readFileSync(INDEX, 'utf8')
  return readdirSync(ASSETS)
    .filter((f) => f.endsWith('.js') && index.includes(f))
    .reduce((sum, f) => sum + gzipSync(readFileSync(join(ASSETS, f))).length, 0)
}

/** What the page asks for first, and how soon a bench stands in a real browser. */
export const screen = async () => {
  report('first script of the web page, compressed', `${(firstScriptBytes() / 1e3).toFixed(0)} kB`, '180 kB')
  const server = await startApplication()
  const browser = await chromium.launch(CHROMIUM)
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await page.request.post(`${server.address}/api/session/demo`, { data: { as: 'owner' } })
    for (const { id, document: job } of cars(DEMO_JOBS)) {
      if (job.fuel.systemType !== 'return') continue
      const from = performance.now()
      await page.goto(`${server.address}/jobs/${id}/fuel`)
      await page.waitForSelector('section[aria-label="Picture"] svg')
      report(`${job.vehicle.title}: address to picture`, `${(performance.now() - from).toFixed(0)} ms`, 'under 1 s')
    }
  } finally {
    await browser.close()
    await server.end()
  }
}
