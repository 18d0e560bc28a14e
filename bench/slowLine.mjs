// @ts-check
import { chromium } from '@playwright/test'
import { CHROMIUM } from '../tools/launch/chromium.mjs'
import { startApplication } from './application.mjs'
import { DEMO_JOBS } from '../apps/server/dist/demo/demoJobs.js'
import { often, QUICK, reportRange } from './measure.mjs'

const BIT_S = QUICK ? 8_000_000 : 400_000
const LINE = { offline: false, latency: QUICK ? 20 : 400, downloadThroughput: BIT_S / 8, uploadThroughput: BIT_S / 8 }
const ROUNDS = often(3, 1)

/** A bench opened over a slow line: by somebody who was never here, and once more when the browser has kept the program. */
export const slowLine = async () => {
  const server = await startApplication()
  const browser = await chromium.launch(CHROMIUM)
  /** @type {{ line: number[], usable: number[], again: number[], sentKb: number[] }} */
  const found = { line: [], usable: [], again: [], sentKb: [] }
  try {
    const id = DEMO_JOBS.find((j) => j.document.vehicle.title === 'Aldmoor Curlew GT')?.id
    for (let round = 0; round < ROUNDS; round++) {
      const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
      await context.request.post(`${server.address}/api/session/demo`, { data: { as: 'owner' } })
      const page = await context.newPage()
      const protocol = await context.newCDPSession(page)
      await protocol.send('Network.enable')
      await protocol.send('Network.emulateNetworkConditions', LINE)
      let sent = 0
      protocol.on('Network.loadingFinished', ({ encodedDataLength }) => (sent += encodedDataLength))
      const open = async () => {
        const from = performance.now()
        const gone = page.goto(`${server.address}/jobs/${id}/fuel`, { waitUntil: 'commit' })
        await page.getByText('Lochmoor').first().waitFor()
        const line = performance.now() - from
        await page.getByRole('textbox', { name: 'Rise, tank to rail' }).waitFor()
        const usable = performance.now() - from
        await gone
        return { line, usable }
      }
      const first = await open()
      found.line.push(first.line / 1e3)
      found.usable.push(first.usable / 1e3)
      found.sentKb.push(sent / 1e3)
      // The browser keeps the program in its own time.
      await protocol.send('Network.emulateNetworkConditions', {
        ...LINE,
        latency: 0,
        downloadThroughput: -1,
        uploadThroughput: -1,
      })
      await page.evaluate('navigator.serviceWorker.ready')
      await page.waitForTimeout(1000)
      await protocol.send('Network.emulateNetworkConditions', LINE)
      found.again.push((await open()).usable / 1e3)
      await context.close()
    }
  } finally {
    await browser.close()
    await server.end()
  }
  reportRange('fuel bench at 400 kbit/s and 400 ms: a line that it opens', found.line, 's', '1.5 s')
  reportRange('  sent until it can be used', found.sentKb, 'kB')
  reportRange('  usable', found.usable, 's', '8 s')
  reportRange('  usable at the next visit', found.again, 's', '1 s')
}
