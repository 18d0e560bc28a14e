// @ts-check
// Takes the pictures of docs/screenshots from the demo data: `npm run screenshots`, after a build.
import { chromium } from '@playwright/test'
import { STATION_LIST } from '../../packages/core/dist/index.js'
import { DEMO_JOBS } from '../../apps/server/dist/demo/demoJobs.js'
import { CHROMIUM } from '../launch/chromium.mjs'
import { inRoot } from '../launch/paths.mjs'
import { startTestServer } from '../launch/startTestServer.mjs'

const DESK = { width: 1280, height: 800 }
const PHONE = { width: 390, height: 844 }
const job = (/** @type {string} */ title) => `/jobs/${DEMO_JOBS.find((j) => j.document.vehicle.title === title)?.id}`
const CURLEW = job('Aldmoor Curlew GT')
const CARRIER = job('Brindle Carrier van')
const WARDEN = job('Hesket Warden saloon')

/** Stations whose pictures are chosen by hand; every other one has a picture of its first sheet. */
const OWN_PICTURES = ['walk-around', 'system', 'fuel', 'exhaust', 'engine-top', 'power', 'harness']

/** @typedef {import('@playwright/test').Page} Page */
/** @type {{ name: string, path: string, viewport: { width: number, height: number }, dark?: boolean, out?: boolean, act?: (page: Page) => Promise<unknown> }[]} */
const PICTURES = [
  { name: 'jobs', path: '/jobs', viewport: DESK },
  { name: 'walk-around', path: `${CURLEW}/walk-around`, viewport: DESK },
  {
    name: 'walk-around-tests-dark',
    path: `${CARRIER}/walk-around/tests`,
    viewport: DESK,
    dark: true,
  },
  { name: 'system', path: `${CURLEW}/system`, viewport: DESK },
  { name: 'fuel-bench', path: `${CURLEW}/fuel`, viewport: DESK },
  { name: 'parts', path: `${CURLEW}/parts`, viewport: DESK },
  {
    name: 'exhaust-spots',
    path: `${CURLEW}/exhaust/spots`,
    viewport: DESK,
    act: (page) => page.getByRole('application', { name: /unrolled/ }).waitFor(),
  },
  { name: 'exhaust-reading-dark', path: `${CARRIER}/exhaust/reading`, viewport: DESK, dark: true },
  { name: 'power-network', path: `${WARDEN}/power/network`, viewport: DESK },
  {
    name: 'harness-routes',
    path: `${CURLEW}/harness/routes`,
    viewport: DESK,
    act: (page) => page.getByText('Search finished.').waitFor(),
  },
  { name: 'harness-board', path: `${CARRIER}/harness/board`, viewport: DESK },
  {
    name: 'harness-proof-phone',
    path: `${CARRIER}/harness/proof`,
    viewport: PHONE,
    act: (page) => page.getByRole('button', { name: 'It rings' }).waitFor(),
  },
  {
    name: 'engine-top',
    path: `${CURLEW}/engine-top`,
    viewport: DESK,
    act: (page) => page.getByRole('button', { name: /^Try: Base of the air cleaner/ }).waitFor(),
  },
  {
    name: 'engine-top-vacuum',
    path: `${CURLEW}/engine-top/vacuum`,
    viewport: DESK,
    act: (page) => page.getByRole('button', { name: /^Try: A port drilled/ }).waitFor(),
  },
  {
    name: 'engine-top-ignition-dark',
    path: `${CARRIER}/engine-top/ignition`,
    viewport: DESK,
    dark: true,
    act: (page) => page.getByRole('button', { name: /^Try: Housing turned/ }).waitFor(),
  },
  ...STATION_LIST.filter((s) => !OWN_PICTURES.includes(s.path)).map((s) => ({
    name: s.path,
    path: `${CURLEW}/${s.path}`,
    viewport: DESK,
  })),
  { name: 'catalogue', path: '/catalogue/fittings', viewport: DESK },
  { name: 'log-book', path: `${CURLEW}/log`, viewport: DESK },
  { name: 'history', path: `${CURLEW}/history`, viewport: DESK },
  { name: 'workshop', path: '/workshop', viewport: DESK },
]

/** Some edits, so that history and audit trail have something to show. @param {Page} page @param {string} address */
const editALittle = async (page, address) => {
  await page.goto(`${address}${CURLEW}/fuel`)
  const fields = page.getByRole('region', { name: 'Measured' })
  for (const volts of ['11.9', '12']) {
    await fields.getByLabel('Minimum voltage at the pump', { exact: true }).fill(volts)
    await page.waitForTimeout(1500)
  }
}

const server = await startTestServer()
const browser = await chromium.launch(CHROMIUM)
try {
  const signIn = (/** @type {Page} */ page) =>
    page.request.post(`${server.address}/api/session/demo`, { data: { as: 'owner' } })
  const editor = await browser.newPage({ viewport: DESK, locale: 'en-GB' })
  await signIn(editor)
  await editALittle(editor, server.address)
  await editor.close()
  for (const { name, path, viewport, dark = false, out = false, act } of PICTURES) {
    const page = await browser.newPage({ viewport, locale: 'en-GB', colorScheme: dark ? 'dark' : 'light' })
    if (!out) await signIn(page)
    await page.goto(server.address + path)
    await page.waitForLoadState('networkidle')
    while ((await page.getByText(/^(Loading|Opening|Checking)\b.*…$/).count()) > 0) await page.waitForTimeout(50)
    await act?.(page)
    await page.waitForTimeout(300)
    await page.screenshot({ path: inRoot('docs', 'screenshots', `${name}.png`) })
    await page.close()
  }
} finally {
  await browser.close()
  await server.end()
}
