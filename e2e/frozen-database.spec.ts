import { startTestServer } from '../tools/launch/startTestServer.mjs'
import { Bench, expect, test } from './bench.ts'

test('a frozen database: the page says so and goes on, the server says 503, and nothing is lost', async ({ page }) => {
  const application = await startTestServer(0)
  try {
    const bench = new Bench(page, application.address)
    await page.goto(application.address)
    await page.getByRole('button', { name: 'As the owner' }).click()
    await page.getByLabel('Name of the car').fill('Thornkeld Lapwing')
    await page.keyboard.press('Enter')
    await bench.saved()
    const id = /jobs\/([0-9a-f-]+)/.exec(page.url())![1]!
    application.freezeDatabase()
    await bench.field('Bore').fill('91')
    await page.keyboard.press('Tab')
    await expect(page.getByRole('status').filter({ hasText: 'Saved here, not sent' })).toBeVisible()
    expect((await page.request.get(`${application.address}/api/health`)).status()).toBe(503)
    expect((await page.request.get(`${application.address}/api/jobs`)).status()).toBe(503)
    application.thawDatabase()
    await bench.saved()
    expect(await bench.stored(id, 'walkAround')).toMatchObject({ engine: { boreM: expect.closeTo(0.091, 9) } })
  } finally {
    application.thawDatabase()
    await application.end()
  }
})
