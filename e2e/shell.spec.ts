import type { Page } from '@playwright/test'
import { DEMO, expect, test } from './bench.ts'

const rail = (page: Page) => page.getByRole('navigation', { name: 'Stations' })

test('a job opens where it was left: station, tab, unfolded phases and how far it was scrolled', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.curlew, 'Left in the middle')
  await page.goto(`${bench.address}/jobs/${id}`)
  await expect(page).toHaveURL(/walk-around$/)
  await expect(rail(page).getByRole('button', { name: /^Design/ })).toHaveAttribute('aria-expanded', 'false')
  await bench.byRail('Fuel system')
  await page.getByRole('navigation', { name: 'Tabs of the fuel system' }).getByRole('link', { name: 'Lines' }).click()
  await bench.byRail('Power')
  // At the walk-around the groups that were unfolded are.
  await bench.byRail('Walk-around')
  const ignition = page.locator('#group-ignition')
  await ignition.locator('summary').first().click()
  await page.reload()
  await expect(ignition).toHaveAttribute('open', '')
  await expect(page.locator('#group-cooling')).not.toHaveAttribute('open', '')
  // Back at the station it is the tab that was open there.
  await bench.byRail('Fuel system')
  await expect(page).toHaveURL(/fuel\/lines$/)
  // The address is ahead of what is drawn.
  await expect(page.getByRole('heading', { name: 'Legs of the feed line' })).toBeVisible()
  await page.locator('#measured').evaluate((e) => (e.scrollTop = 150))
  await page.waitForFunction(() => /"fuel\/lines measured":1\d\d/.test(localStorage.getItem('lochmoor-places') ?? ''))
  await page.goto(`${bench.address}/jobs`)
  await page.getByRole('link', { name: 'Left in the middle' }).click()
  await expect(page).toHaveURL(/fuel\/lines$/)
  await expect.poll(() => page.locator('#measured').evaluate((e) => e.scrollTop)).toBeGreaterThan(99)
  for (const phase of ['Survey', 'Design'])
    await expect(rail(page).getByRole('button', { name: new RegExp(`^${phase}`) })).toHaveAttribute(
      'aria-expanded',
      'true',
    )
  // A folded phase still shows the station one is at.
  await rail(page)
    .getByRole('button', { name: /^Design/ })
    .click()
  await expect(rail(page).getByRole('link', { name: 'Fuel system' })).toBeVisible()
  await expect(rail(page).getByRole('link', { name: 'Power' })).toBeHidden()
  await page.reload()
  await expect(rail(page).getByRole('link', { name: 'Power' })).toBeHidden()
})

test('two keys lead from the top of the page to the first field', async ({ page, bench }) => {
  await bench.openStation(DEMO.curlew, 'fuel')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('link', { name: 'To the first field' })).toBeFocused()
  await page.keyboard.press('Enter')
  await expect(page.getByRole('textbox', { name: 'Name of the car' })).toBeFocused()
})

test('on a phone the whole name of the job and its station are in sight, and all stations behind one touch', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.curlew, 'A car with a name that is rather long for a phone')
  await page.setViewportSize({ width: 390, height: 844 })
  await bench.openStation(id, 'exhaust/heat')
  const title = page.getByRole('heading', { level: 1 })
  await expect(title).toContainText('A car with a name that is rather long for a phone')
  const box = (await title.boundingBox())!
  expect(box.width).toBeGreaterThan(200)
  const where = rail(page).getByRole('button', { name: /Design \/ Exhaust sensor/ })
  await expect(where).toBeVisible()
  await expect(rail(page).getByRole('link')).toHaveCount(0)
  await where.click()
  await bench.byRail(/\bSystem\b/)
  await expect(page).toHaveURL(/system$/)
  await expect(rail(page).getByRole('button', { name: /Survey \/ System/ })).toBeVisible()
  await expect(rail(page).getByRole('link')).toHaveCount(0)
})

test('the job log prints with the name of the car and without anything to press', async ({ page, bench }) => {
  await page.goto(`${bench.address}/jobs/${DEMO.curlew}/log`)
  await expect(page.getByText('Owner: starts badly hot')).toBeVisible()
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('heading', { name: 'Job log: Aldmoor Curlew GT 1969' })).toBeVisible()
  await expect(page.getByRole('banner')).toBeHidden()
  await expect(rail(page)).toBeHidden()
  await expect(page.getByRole('searchbox')).toBeHidden()
  await expect(page.getByRole('button', { name: /^Correct/ })).toHaveCount(0)
  // As long as the log: nothing is left behind the edge of a window.
  const pdf = await page.pdf({ format: 'A4' })
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-')
  await page.emulateMedia({ media: 'screen' })
})

test('measurements that stations entered fold into one line of the log', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.plover, 'Measured in a row')
  await bench.openStation(id, 'walk-around')
  for (const [label, value] of [
    ['Bore', '80'],
    ['Stroke', '90'],
    ['Compression ratio', '8'],
  ] as const) {
    await bench.field(label).fill(value)
    await page.keyboard.press('Tab')
    await bench.saved()
  }
  await page.getByRole('link', { name: 'Job log' }).click()
  const fold = page.getByRole('button', { name: '3 measurements entered at the stations' })
  await expect(fold).toBeVisible()
  await expect(page.getByRole('button', { name: /^Correct: Bore/ })).toBeHidden()
  await fold.click()
  await expect(page.getByRole('button', { name: /^Correct: Bore/ })).toBeVisible()
})

test('a second job of a name is said before it is made, and so is a file that is here already', async ({
  page,
  bench,
}) => {
  await page.goto(`${bench.address}/jobs`)
  await page.getByLabel('Name of the car').fill('hesket warden saloon')
  await page.getByRole('button', { name: 'New job' }).click()
  await expect(page.getByText('There is a job “Hesket Warden saloon” already.')).toBeVisible()
  await expect(page).toHaveURL(/\/jobs$/)
  const file = JSON.stringify(await bench.api('GET', `/jobs/${await bench.copyOf(DEMO.plover, 'Twice here')}/export`))
  await page
    .getByLabel('Job file')
    .setInputFiles({ name: 'job.json', mimeType: 'application/json', buffer: Buffer.from(file) })
  await expect(page.getByText('“Twice here” was here already')).toBeVisible()
  await page.getByRole('link', { name: 'Open it' }).click()
  await expect(page.getByRole('heading', { name: 'Twice here' })).toBeVisible()
})

test('a link is copied by a button', async ({ page, bench, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write'])
  const id = await bench.copyOf(DEMO.curlew, 'Shown to a guest')
  await bench.openStation(id, 'fuel')
  await page.getByRole('button', { name: 'This job' }).click()
  await page.getByRole('menuitem', { name: 'Guest links' }).click()
  await page.getByRole('button', { name: 'Create a link' }).click()
  const link = await page.getByLabel('The new link').inputValue()
  await page.getByRole('button', { name: 'Copy the guest link' }).click()
  await expect(page.getByText('Copied', { exact: true })).toBeVisible()
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe(link)
})

test('history speaks in names and units, item by item, inside the window', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.carrier, 'Told by its history')
  const job = (await bench.api('GET', `/jobs/${id}`)) as {
    sections: Record<string, { version: number; value: object }>
  }
  const write = (section: string, change: object) =>
    bench.api('PUT', `/jobs/${id}/sections/${section}`, {
      baseVersion: job.sections[section]!.version,
      value: { ...job.sections[section]!.value, ...change },
    })
  await write('harness', { loom: null, board: { widthM: 0.7112000000000001 } })
  await write('work', { personId: '7e2c9a1b-3d75-4c2f-9b80-1fae4d6c2b52', built: ['walkAround', 'fuel'] })
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${bench.address}/jobs/${id}/history`)
  const list = page.getByRole('list').filter({ hasText: 'Form board' }).first()
  await expect(list).toContainText('Form board: board width: 2.44\u2009m → 0.7112\u2009m')
  await expect(list).toContainText('→ Tobin Raithe')
  await expect(list).toContainText('→ Walk-around, Fuel system')
  await expect(list).toContainText('ECU place: Under the left seat')
  expect(await list.textContent()).not.toMatch(/[{}[\]]|\d\.\d{6}|[0-9a-f]{8}-[0-9a-f]{4}/)
  expect(await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)).toBe(0)
})
