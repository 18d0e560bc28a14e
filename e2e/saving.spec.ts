import { startTestServer } from '../tools/launch/startTestServer.mjs'
import { Bench, DEMO, expect, test } from './bench.ts'

test('two browsers: the later write is not lost and not forced, the user decides', async ({ browser, bench }) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy for two')
  await bench.open(id)
  const otherPage = await (await browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage()
  const other = new Bench(otherPage, bench.address)
  await other.open(id)
  await other.field('Least voltage at the pump').fill('11.9')
  await other.saved()
  await bench.field('Least voltage at the pump').fill('12.9')
  const dialog = bench.page.getByRole('dialog')
  await expect(dialog).toContainText('lowV')
  await expect(dialog).toContainText('12.9')
  await expect(dialog).toContainText('11.9')
  await dialog.getByRole('button', { name: 'Keep mine' }).click()
  await bench.saved()
  expect(await bench.stored(id, 'fuel')).toMatchObject({ lowV: 12.9 })

  await other.field('Least voltage at the pump').fill('11.5')
  const second = otherPage.getByRole('dialog')
  await second.getByRole('button', { name: 'Take theirs' }).click()
  await expect(other.field('Least voltage at the pump')).toHaveValue('12.9')
  await other.saved()
  await otherPage.context().close()
})

test('edits made while the database is killed are kept over a reload and sent when it is back', async ({ page }) => {
  const application = await startTestServer(0, { durable: true })
  try {
    const bench = new Bench(page, application.address)
    await bench.open(DEMO.carrier)
    await bench.field('Least voltage at the pump').fill('12.1')
    await bench.saved()
    await application.killDatabase()
    await bench.field('Length').first().fill('3.3')
    await expect(page.getByRole('status').filter({ hasText: 'Kept here, not sent' })).toBeVisible()
    await page.reload()
    await expect(page.getByRole('alert')).toContainText('could not be opened')
    await application.startDatabase()
    await page.getByRole('button', { name: 'Try again' }).click()
    await expect(bench.field('Length').first()).toHaveValue('3.3')
    await bench.saved()
    expect(await bench.stored(DEMO.carrier, 'fuel')).toMatchObject({ lowV: 12.1, feed: { lengthM: 3.3 } })

    await application.stopServer()
    await bench.field('Length').first().fill('3.4')
    await expect(page.getByRole('status').filter({ hasText: 'Kept here, not sent' })).toBeVisible()
    await application.startServer()
    await bench.saved()
    expect(await bench.stored(DEMO.carrier, 'fuel')).toMatchObject({ feed: { lengthM: 3.4 } })
  } finally {
    await application.end()
  }
})

test('a job that is not there says so and leads back', async ({ page, bench }) => {
  await page.goto(`${bench.address}/jobs/00000000-0000-4000-8000-000000000000`)
  await expect(page.getByRole('alert')).toContainText('There is no job of this id here')
  await page.getByRole('link', { name: 'Back to the jobs' }).click()
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
  await page.goto(`${bench.address}/nowhere`)
  await expect(page.getByText('There is no such page')).toBeVisible()
})
