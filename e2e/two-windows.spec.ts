import type { BrowserContext } from '@playwright/test'
import { Bench, DEMO, expect, test } from './bench.ts'

/** The server is out of reach for every window of this browser. */
const cutOff = (context: BrowserContext) => context.route('**/api/**', (route) => route.abort())
const joined = (context: BrowserContext) => context.unroute('**/api/**')
const KEPT = 'Saved here, not sent'

test('two windows without a connection: what each changed is stored, and both show both', async ({
  page,
  bench,
  context,
}) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy for two windows')
  await bench.openStation(id, 'fuel')
  const other = new Bench(await context.newPage(), bench.address)
  await other.openStation(id, 'fuel')
  await cutOff(context)
  await bench.field('Cruise speed').fill('2222')
  await other.field('Idle speed').fill('666')
  await page.keyboard.press('Tab')
  await other.page.keyboard.press('Tab')
  for (const b of [bench, other]) await expect(b.page.getByRole('status').filter({ hasText: KEPT })).toBeVisible()
  await joined(context)
  for (const b of [bench, other]) {
    await expect(b.field('Cruise speed')).toHaveValue('2222')
    await expect(b.field('Idle speed')).toHaveValue('666')
    await b.saved()
  }
  expect(await bench.stored(id, 'vehicle')).toMatchObject({ cruiseSpeedRpm: 2222, idleSpeedRpm: 666 })
  await expect(other.page.getByRole('status').filter({ hasText: 'Needs a decision' })).toHaveCount(0)
})

test('what a closed window left is taken over by the one that is open, and edited on from', async ({
  bench,
  context,
}) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy for a closed window')
  await bench.openStation(id, 'fuel')
  const other = new Bench(await context.newPage(), bench.address)
  await other.openStation(id, 'fuel')
  await cutOff(context)
  await other.field('Idle speed').fill('677')
  await other.page.keyboard.press('Tab')
  await expect(other.page.getByRole('status').filter({ hasText: KEPT })).toBeVisible()
  await other.page.close()
  await bench.field('Cruise speed').fill('2233')
  await bench.page.keyboard.press('Tab')
  await expect(bench.field('Idle speed')).toHaveValue('677')
  await joined(context)
  await bench.saved()
  expect(await bench.stored(id, 'vehicle')).toMatchObject({ cruiseSpeedRpm: 2233, idleSpeedRpm: 677 })
})

test('a kept edit stays its author’s when somebody else edits the same section in the same browser', async ({
  page,
  bench,
  context,
}) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy for two people')
  await bench.openStation(id, 'fuel')
  await context.route('**/api/jobs/*/sections/**', (route) => route.abort())
  await bench.field('Idle speed').fill('688')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('status').filter({ hasText: KEPT })).toBeVisible()
  const sitDown = async (as: 'owner' | 'installer') => {
    await page.request.post(`${bench.address}/api/session/demo`, { data: { as } })
    await bench.openStation(id, 'fuel')
  }
  await sitDown('installer')
  await expect(bench.field('Idle speed')).not.toHaveValue('688')
  await bench.field('Cruise speed').fill('2244')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('status').filter({ hasText: KEPT })).toBeVisible()
  await context.unroute('**/api/jobs/*/sections/**')
  await bench.saved()
  expect(await bench.stored(id, 'vehicle')).toMatchObject({ cruiseSpeedRpm: 2244, idleSpeedRpm: 550 })
  await sitDown('owner')
  await bench.saved()
  expect(await bench.stored(id, 'vehicle')).toMatchObject({ cruiseSpeedRpm: 2244, idleSpeedRpm: 688 })
})

test('a browser that keeps nothing says so in red; what waits can be saved as a file, and is kept once there is room', async ({
  page,
  bench,
  context,
}) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy for a full browser')
  await page.addInitScript(() => {
    const store = IDBObjectStore.prototype
    const put = Reflect.get(store, 'put') as (...of: unknown[]) => IDBRequest<IDBValidKey>
    store.put = function (...of: unknown[]) {
      if ('full' in window) throw new DOMException('The disk is full.', 'QuotaExceededError')
      return put.apply(this, of)
    }
  })
  await bench.openStation(id, 'fuel')
  await page.evaluate(() => Object.assign(window, { full: true }))
  await cutOff(context)
  await bench.field('Idle speed').fill('699')
  await page.keyboard.press('Tab')
  await page.getByRole('status').filter({ hasText: 'Not saved, not sent' }).click()
  await expect(page.getByText('The disk is full.').first()).toBeVisible()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).click(),
  ])
  expect(file.suggestedFilename()).toBe('lochmoor-waiting-edits.json')
  await page.keyboard.press('Escape')
  await expect(bench.field('Idle speed')).toHaveValue('699')
  await page.evaluate(() => Reflect.deleteProperty(window, 'full'))
  await bench.field('Cruise speed').fill('2255')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('status').filter({ hasText: KEPT })).toBeVisible()
  await joined(context)
  await bench.saved()
  expect(await bench.stored(id, 'vehicle')).toMatchObject({ cruiseSpeedRpm: 2255, idleSpeedRpm: 699 })
})

test('edits saved as a file are read back by another browser of their author, and stored', async ({
  page,
  bench,
  browser,
  context,
}) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy for a saved file')
  await bench.openStation(id, 'fuel')
  await cutOff(context)
  await bench.field('Idle speed').fill('655')
  await page.keyboard.press('Tab')
  await page.getByRole('status').filter({ hasText: KEPT }).click()
  // What waits is told edit by edit, in the reader's units.
  await expect(page.getByLabel('Where your edits are').getByText(/Idle speed: .* → 655/)).toBeVisible()
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).click(),
  ])
  const saved = await file.path()
  await page.close()
  const elsewhere = await browser.newContext()
  const other = new Bench(await elsewhere.newPage(), bench.address)
  await other.signIn()
  await other.openStation(id, 'fuel')
  await other.page
    .getByRole('status')
    .filter({ hasText: /^Saved$/ })
    .click()
  await other.page.getByLabel('Edits saved as a file:').setInputFiles(saved)
  await expect(other.page.getByText('2 entries read.')).toBeVisible()
  await other.page.keyboard.press('Escape')
  await expect(other.field('Idle speed')).toHaveValue('655')
  await other.saved()
  expect(await other.stored(id, 'vehicle')).toMatchObject({ idleSpeedRpm: 655 })
  await elsewhere.close()
})

test('what an older version of the page kept is brought up and stored; what fits no version is shown with its reason', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy for an upgrade')
  await bench.openStation(id, 'fuel')
  const job = (await bench.api('GET', `/jobs/${id}`)) as {
    sections: { fuel: { version: number; value: { feed: { legs: { id: string }[] } } } }
  }
  const { personId } = (await bench.api('GET', '/session')) as { personId: string }
  const { value: now, version: baseVersion } = job.sections.fuel
  // As pages of before version 5 kept it: items of lists without ids, no note of the version, no page.
  const then = JSON.parse(
    JSON.stringify(now, (key, v: unknown) =>
      key === 'id' && typeof v === 'string' && /^[0-9a-f-]{8,}$/.test(v) ? undefined : v,
    ),
  ) as typeof now
  const common = { kind: 'section', section: 'fuel', personId, jobId: id, baseVersion, unanswered: [], conflict: null }
  const entries = [
    { ...common, key: 'of an older version', seq: 1, baseValue: then, value: { ...then, lowV: 10.9 } },
    { ...common, key: 'of no version', seq: 2, baseValue: then, value: { lines: 'all of them' } },
  ]
  await page.evaluate(
    (old) =>
      new Promise<void>((resolve, reject) => {
        const asked = indexedDB.open('lochmoor')
        asked.onerror = () => reject(new Error('no store'))
        asked.onsuccess = () => {
          const writing = asked.result.transaction('waiting', 'readwrite')
          for (const e of old) writing.objectStore('waiting').put(e)
          writing.oncomplete = () => {
            asked.result.close()
            resolve()
          }
        }
      }),
    entries,
  )
  await page.reload()
  await page.getByRole('status').filter({ hasText: 'Refused' }).click()
  await expect(page.getByText(/written by another version of Lochmoor/).first()).toBeVisible()
  const fuel = (await bench.stored(id, 'fuel')) as { lowV: number; feed: { legs: { id: string }[] } }
  expect(fuel.lowV).toBe(10.9)
  expect(fuel.feed.legs.map((leg) => leg.id)).toEqual(now.feed.legs.map((leg) => leg.id))
  await page.getByRole('button', { name: 'Discard', exact: true }).click()
  await page.keyboard.press('Escape')
  await bench.saved()
})
