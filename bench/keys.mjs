// @ts-check
/* global window, document, MutationObserver */
import { chromium } from '@playwright/test'
import { CHROMIUM } from '../tools/launch/chromium.mjs'
import { startApplication } from './application.mjs'
import { DEMO_JOBS } from '../apps/server/dist/demo/demoJobs.js'
import { often, QUICK, quantile, report, reportRange } from './measure.mjs'

/** @typedef {import('@playwright/test').Page} Page */

const THROTTLING = 4
/** As a brisk hand types. */
const BETWEEN_KEYS_MS = 180
const KEYS = often(40, 4)

/** Where keys are counted: the screen, and a figure on it whose entry moves its picture. @type {readonly (readonly [name: string, car: string, path: string, field: string])[]} */
const SCREENS = [
  ['walk-around', 'Aldmoor Curlew GT', 'walk-around', 'Bore'],
  ['fuel pressure', 'Aldmoor Curlew GT', 'fuel', 'Target power'],
  ['exhaust pipe', 'Brindle Carrier van', 'exhaust', 'Length'],
  ['positions', 'Brindle Carrier van', 'exhaust/spots', 'Gap to the pipe'],
  ['engine top, stack', 'Aldmoor Curlew GT', 'engine-top', 'Height'],
  ['power wires', 'Hesket Warden saloon', 'power/wires', 'Length'],
  ['harness car', 'Hesket Warden saloon', 'harness', 'Length'],
]

/** In the page: collects how long each key took to the next frame, and every task above 50 ms. */
const watch = () => {
  const w = /** @type {any} */ (window)
  w.keysMs = []
  w.tasksMs = []
  new PerformanceObserver((list) => {
    for (const e of list.getEntries())
      if (e.name === 'keydown' || e.name === 'input') w.keysMs.push([e.startTime, e.duration])
  }).observe(/** @type {any} */ ({ type: 'event', durationThreshold: 16, buffered: false }))
  new PerformanceObserver((list) => {
    for (const e of list.getEntries()) w.tasksMs.push(e.duration)
  }).observe({ type: 'longtask', buffered: false })
  // The last change of the page outside the field that was typed into: what follows from a key stands there then.
  let keyMs = 0
  w.followedMs = 0
  new MutationObserver((changes) => {
    const follows = (/** @type {Node} */ node) => {
      const at = node.parentElement ?? document.body
      return at.closest('main') !== null && at.closest('[aria-label="Measured"]') === null
    }
    if (changes.some((c) => follows(c.target))) w.followedMs = performance.now() - keyMs
  }).observe(document.body, { subtree: true, childList: true, characterData: true, attributes: true })
  const began = () => {
    keyMs = performance.now()
    w.followedMs = 0
  }
  w.addEventListener('keydown', began, { capture: true })
}

/** Types digits over what stands in a field, again and again. @param {Page} page @param {string} label @param {number} keys @param {number} gapMs */
const typeInto = async (page, label, keys, gapMs) => {
  const field = page.getByRole('textbox', { name: label, exact: true }).first()
  await field.click()
  const was = await field.inputValue()
  const digits = ['Backspace', ...'1234567'].flatMap((d) => (d === 'Backspace' ? [] : [d, 'Backspace']))
  await page.keyboard.press('End')
  if (!was.includes('.')) await page.keyboard.press('.')
  for (let i = 0; i < keys; i++) {
    await page.keyboard.press(/** @type {string} */ (digits[i % digits.length]))
    await page.waitForTimeout(gapMs)
  }
}

/** What a key costs: to the next frame on a slow machine, and the longest tasks on this one. */
export const keys = async () => {
  const server = await startApplication()
  const browser = await chromium.launch(CHROMIUM)
  try {
    const context = await browser.newContext({ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' })
    await context.request.post(`${server.address}/api/session/demo`, { data: { as: 'owner' } })
    for (const [name, car, path, field] of SCREENS.slice(0, QUICK ? 1 : undefined)) {
      const id = DEMO_JOBS.find((j) => j.document.vehicle.title === car)?.id
      const page = await context.newPage()
      await page.goto(`${server.address}/jobs/${id}/${path}`)
      await page.getByRole('textbox', { name: field, exact: true }).first().waitFor()
      await page.waitForTimeout(1500)
      const protocol = await context.newCDPSession(page)
      await page.evaluate(watch)
      await typeInto(page, field, KEYS, BETWEEN_KEYS_MS)
      await page.waitForTimeout(1000)
      const tasks = /** @type {number[]} */ (await page.evaluate('tasksMs'))
      /** @type {number[]} */
      const followed = []
      for (let i = 0; i < often(10, 2); i++) {
        await page.keyboard.press(i % 2 ? 'Backspace' : '5')
        await page.waitForTimeout(1200)
        followed.push(/** @type {number} */ (await page.evaluate('followedMs')))
      }
      await page.evaluate('keysMs.length = 0')
      await protocol.send('Emulation.setCPUThrottlingRate', { rate: THROTTLING })
      await typeInto(page, field, KEYS, BETWEEN_KEYS_MS)
      await page.waitForTimeout(1000)
      await protocol.send('Emulation.setCPUThrottlingRate', { rate: 1 })
      const slow = /** @type {[number, number][]} */ (await page.evaluate('keysMs')).map(([, ms]) => ms)
      // Keys whose frame came within a sixtieth of a second are not told by the browser.
      const all = [...slow, ...Array.from({ length: Math.max(0, KEYS - slow.length) }, () => 16)]
      reportRange(`${name}: key to paint at ${THROTTLING}x throttling`, all, 'ms')
      report('  95th percentile', `${quantile(all, 0.95).toFixed(0)} ms`, '100 ms')
      reportRange('  key to what follows from it, unthrottled', followed, 'ms')
      reportRange(`  tasks above 50 ms, unthrottled, ${KEYS} keys`, tasks, 'ms', 'none')
      await page.close()
    }
  } finally {
    await browser.close()
    await server.end()
  }
}
