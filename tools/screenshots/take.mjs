// @ts-check
// Takes the pictures of docs/screenshots from the demo data: `npm run screenshots`, after a build.
import { chromium } from '@playwright/test'
import { DEMO_JOBS } from '../../apps/server/dist/demo/demoJobs.js'
import { CHROMIUM } from '../launch/chromium.mjs'
import { inRoot } from '../launch/paths.mjs'
import { startTestServer } from '../launch/startTestServer.mjs'

const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }
const idOf = (/** @type {string} */ title) => DEMO_JOBS.find((j) => j.document.vehicle.title === title)?.id
const CURLEW = `/jobs/${idOf('Aldmoor Curlew GT')}/fuel`
const CARRIER = `/jobs/${idOf('Brindle Carrier van')}/fuel`

/** @type {{ name: string, path: string, viewport: { width: number, height: number }, dark?: boolean, press?: string }[]} */
const PICTURES = [
  { name: 'jobs', path: '/jobs', viewport: DESK },
  { name: 'fuel-bench', path: CURLEW, viewport: DESK },
  { name: 'fuel-bench-dark', path: CARRIER, viewport: DESK, dark: true },
  { name: 'fuel-working', path: CURLEW, viewport: DESK, press: 'Working: return' },
  { name: 'fuel-bench-phone', path: CURLEW, viewport: PHONE },
]

const server = await startTestServer()
const browser = await chromium.launch(CHROMIUM)
try {
  for (const { name, path, viewport, dark = false, press } of PICTURES) {
    const page = await browser.newPage({ viewport, colorScheme: dark ? 'dark' : 'light' })
    await page.goto(server.address + path)
    await page.waitForLoadState('networkidle')
    if (press) await page.getByRole('button', { name: press }).first().click()
    await page.waitForTimeout(300)
    await page.screenshot({ path: inRoot('docs', 'screenshots', `${name}.png`) })
    await page.close()
  }
} finally {
  await browser.close()
  await server.end()
}
