import { readFileSync } from 'node:fs'
import { DEMO, expect, test } from './bench.ts'

test('a job exported, deleted and imported is equal, with book, photographs and history', async ({ page, bench }) => {
  const source = await bench.copyOf(DEMO.curlew, 'To leave and come back')
  await bench.openStation(source, 'walk-around')
  await bench.field('Compression ratio').fill('9.2')
  await page.keyboard.press('Tab')
  await bench.saved()
  await page.getByRole('button', { name: 'This job' }).click()
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'Export as a file' }).click(),
  ])
  expect(download.suggestedFilename()).toBe('To leave and come back.lochmoor.json')
  const file = await download.path()
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: 'This job' }).click()
  await page.getByRole('menuitem', { name: 'Archive' }).click()
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
  await page.getByLabel('Archived').click()
  await expect(page.getByRole('heading', { name: 'Archived jobs' })).toBeVisible()
  await page.getByRole('link', { name: 'To leave and come back' }).click()
  await page.getByRole('button', { name: 'This job' }).click()
  await page.getByRole('menuitem', { name: 'Delete permanently' }).click()
  await page.getByRole('alertdialog').getByRole('button', { name: 'Delete permanently' }).click()
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
  await page.goto(`${bench.address}/jobs/${source}`)
  await expect(page.getByRole('alert')).toContainText('There is no job with this id here')

  await page.goto(`${bench.address}/jobs`)
  await page.getByLabel('Job file').setInputFiles({
    name: 'job.json',
    mimeType: 'application/json',
    buffer: readFileSync(file),
  })
  await expect(page).toHaveURL(new RegExp(source))
  // All but the moment, and who brought it in: that is said of every entry and version.
  const said = (of: unknown) => JSON.stringify({ ...(of as object), exportedAt: '' }).replace(/"importedBy":"Maren Skell"/g, '"importedBy":null') // prettier-ignore
  const again = await bench.api('GET', `/jobs/${source}/export`)
  const before = JSON.parse(readFileSync(file, 'utf8')) as unknown
  expect(said(again)).toBe(said(before))
  await page.goto(`${bench.address}/jobs/${source}/history`)
  await expect(page.getByText('imported from file by Maren Skell').first()).toBeVisible()
})

test('a broken job file is refused with every problem named', async ({ page, bench }) => {
  const file = (await bench.api('GET', `/jobs/${DEMO.warden}/export`)) as { sections: { fuel: object } }
  const broken = { ...file, sections: { ...file.sections, fuel: { ...file.sections.fuel, lowV: 99 } } }
  await page.goto(`${bench.address}/jobs`)
  await page
    .getByLabel('Job file')
    .setInputFiles({ name: 'x.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(broken)) })
  await expect(page.getByRole('alert')).toContainText('sections.fuel.lowV is 99; allowed: a number, 6 to 16 V')
})

test('makes jobs from a template and as a copy, moves one on, searches, filters and sorts', async ({ page, bench }) => {
  await page.goto(`${bench.address}/jobs`)
  await page.getByLabel('Name of the car').fill('Gannet pickup')
  await page.getByLabel('Start with').selectOption('port-return')
  await page.getByRole('button', { name: 'New job' }).click()
  await page.getByRole('link', { name: /System/ }).click()
  await expect(bench.headline).toContainText('Port injection, batch')
  await page.getByRole('button', { name: 'This job' }).click()
  await page.getByRole('menuitem', { name: 'Copy to a new job' }).click()
  await expect(page.getByRole('heading', { level: 1 })).toContainText('Gannet pickup (copy)')

  await page.getByRole('link', { name: 'Jobs' }).click()
  await page.getByLabel('Search by name').fill('gannet')
  const rows = page.getByRole('list', { name: 'Jobs' }).getByRole('link')
  await expect(rows).toHaveCount(2)
  const surveyed = page.getByRole('button', { name: /Surveyed/ })
  const before = Number((await surveyed.textContent())!.replace(/\D/g, ''))
  await page.getByLabel('State of Gannet pickup', { exact: true }).selectOption('surveyed')
  await expect(surveyed).toHaveText(new RegExp(`^${before + 1}\\s*Surveyed`))
  await surveyed.click()
  await expect(rows).toHaveText(['Gannet pickup'])
  await surveyed.click()
  await page.getByLabel('Sort by').selectOption('title')
  await expect(rows).toHaveText(['Gannet pickup', 'Gannet pickup (copy)'])
  await page.getByLabel('Order').selectOption('down')
  await expect(rows).toHaveText(['Gannet pickup (copy)', 'Gannet pickup'])
  await page.reload()
  await expect(rows).toHaveText(['Gannet pickup (copy)', 'Gannet pickup'])
  const [csv] = await Promise.all([page.waitForEvent('download'), page.getByRole('link', { name: 'CSV' }).click()])
  expect(readFileSync(await csv.path(), 'utf8')).toMatch(/Gannet pickup \(copy\).*\r\nGannet pickup,/)
})

test('history tells who changed what, and puts an older version back as one step of undo', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy for history')
  await bench.open(id)
  await bench.field('Minimum voltage at the pump').fill('11.1')
  await bench.saved()
  await page.getByRole('link', { name: 'History' }).click()
  const latest = page.getByRole('listitem').filter({ hasText: 'Minimum voltage at the pump' }).first()
  await expect(latest).toContainText('Maren Skell')
  await expect(latest).toContainText('12.2\u2009V → 11.1\u2009V')
  await expect(latest).toContainText('current')
  await page.getByRole('button', { name: /^Restore: Fuel/ }).click()
  await bench.saved()
  await expect(page.getByRole('listitem').first()).toContainText('11.1\u2009V → 12.2\u2009V')
  await page.getByRole('button', { name: /^Undo Fuel system of/ }).click()
  await bench.saved()
  expect(await bench.stored(id, 'fuel')).toMatchObject({ lowV: 11.1 })
})

test('who has a job and what it is on hold for are said in the job and shown on the board', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.plover, 'Copy to be held')
  await bench.openStation(id, 'walk-around')
  await page.getByRole('button', { name: 'State: Enquiry' }).click()
  const form = page.getByRole('dialog', { name: 'State' })
  await form.getByLabel('State').selectOption('surveyed')
  await form.getByLabel('Assigned to').selectOption({ label: 'Ishbel Corrie' })
  await form.getByLabel('On hold because').fill('Owner is away until May')
  await page.keyboard.press('Escape')
  await bench.saved()
  await page.goto(`${bench.address}/jobs?search=to%20be%20held`)
  const row = page.getByRole('list', { name: 'Jobs' }).getByRole('listitem').first()
  await expect(row).toContainText('Ishbel Corrie')
  await expect(row).toContainText('On hold: Owner is away until May')
  await expect(page.getByLabel('State of Copy to be held')).toHaveValue('surveyed')
})
