import { startTestServer } from '../tools/launch/startTestServer.mjs'
import { violationsOf } from './accessibility.ts'
import { Bench, DEMO, expect, test } from './bench.ts'

test('two browsers: what only one changed is joined, what both changed is asked field by field', async ({
  browser,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy for two')
  await bench.open(id)
  const otherPage = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
  const other = new Bench(otherPage, bench.address)
  await other.signIn('installer')
  await other.open(id)
  await other.field('Minimum voltage at the pump').fill('11.9')
  await other.field('Highest charging voltage').fill('14.2')
  await other.field('Idle speed').fill('600')
  await other.saved()
  await bench.field('Minimum voltage at the pump').fill('12.9')
  const dialog = bench.page.getByRole('dialog')
  await expect(dialog.getByRole('row')).toHaveCount(2)
  await expect(dialog).toContainText('Minimum voltage at the pump')
  expect(await violationsOf(bench.page)).toEqual([])
  await dialog.getByRole('button', { name: /^Mine: 12\.9/ }).click()
  await dialog.getByRole('button', { name: 'Keep these' }).click()
  await bench.saved()
  expect(await bench.stored(id, 'fuel')).toMatchObject({ lowV: 12.9, highV: 14.2 })
  expect(await bench.stored(id, 'vehicle')).toMatchObject({ idleSpeedRpm: 600 })
  await expect(bench.field('Highest charging voltage')).toHaveValue('14.2')

  await other.field('Minimum voltage at the pump').fill('11.5')
  const second = otherPage.getByRole('dialog')
  await second.getByRole('button', { name: 'All theirs' }).click()
  await second.getByRole('button', { name: 'Keep these' }).click()
  await expect(other.field('Minimum voltage at the pump')).toHaveValue('12.9')
  await other.saved()
  await otherPage.context().close()
})

test('two people on two stations of one job do not meet', async ({ browser, bench }) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy for two stations')
  await bench.open(id)
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
  const other = new Bench(await context.newPage(), bench.address)
  await other.signIn('installer')
  await other.openStation(id, 'system')
  await other.page.getByLabel('Budget').selectOption('5')
  await bench.field('Minimum voltage at the pump').fill('12.7')
  await other.saved()
  await bench.saved()
  await expect(bench.page.getByRole('dialog')).toHaveCount(0)
  expect(await bench.stored(id, 'system')).toMatchObject({ budgetClass: 5 })
  expect(await bench.stored(id, 'fuel')).toMatchObject({ lowV: 12.7 })
  await context.close()
})

test('edits made while the database is killed are kept over a reload and sent when it is back', async ({ page }) => {
  const application = await startTestServer(0, { durable: true })
  try {
    const bench = new Bench(page, application.address)
    await bench.signIn()
    await bench.open(DEMO.carrier)
    await bench.field('Minimum voltage at the pump').fill('12.1')
    await bench.saved()
    await application.killDatabase()
    await bench.field('Rise, tank to rail').fill('0.33')
    await expect(page.getByRole('status').filter({ hasText: 'Saved here, not sent' })).toBeVisible()
    await page.reload()
    // The job as this browser has it, with what waits laid over it.
    await expect(page.getByText('No connection.')).toBeVisible()
    await expect(bench.field('Rise, tank to rail')).toHaveValue('0.33')
    await application.startDatabase()
    await expect(page.getByText('No connection.')).toBeHidden()
    await bench.saved()
    expect(await bench.stored(DEMO.carrier, 'fuel')).toMatchObject({ lowV: 12.1, feed: { riseM: 0.33 } })

    await application.stopServer()
    await bench.field('Rise, tank to rail').fill('0.34')
    await expect(page.getByRole('status').filter({ hasText: 'Saved here, not sent' })).toBeVisible()
    await application.startServer()
    await bench.saved()
    expect(await bench.stored(DEMO.carrier, 'fuel')).toMatchObject({ feed: { riseM: 0.34 } })
  } finally {
    await application.end()
  }
})

test('a job that is not there says so and leads back', async ({ page, bench }) => {
  await page.goto(`${bench.address}/jobs/00000000-0000-4000-8000-000000000000`)
  await expect(page.getByRole('alert')).toContainText('There is no job with this id here')
  await page.getByRole('link', { name: 'Back to the jobs' }).click()
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
  await page.goto(`${bench.address}/nowhere`)
  await expect(page.getByText('There is no such page')).toBeVisible()
})
