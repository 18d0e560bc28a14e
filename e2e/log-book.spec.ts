import { DEMO, expect, test } from './bench.ts'

test('notes, decisions, changes, measurements and photographs; corrections point at the old; filter, search, CSV', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy for the book')
  await page.goto(`${bench.address}/jobs/${id}/log`)
  await expect(page.getByText('Nothing here yet')).toBeVisible()
  const form = page.getByRole('complementary', { name: 'New entry' })
  const book = page.getByRole('region', { name: 'Job log' })
  const rows = book.getByRole('listitem')
  const kind = (name: string) => form.getByRole('button', { name, exact: true }).click()
  const enter = () => form.getByRole('button', { name: 'Add entry' }).click()

  await form.getByLabel('What was seen or said').fill('Owner smells petrol after parking.')
  await enter()
  await expect(rows).toHaveCount(1)
  await kind('Decision')
  await form.getByLabel('Decided').fill('Old vent pipe goes')
  await form.getByLabel('Because').fill('It ends inside the boot.')
  await enter()
  await kind('Change')
  await form.getByLabel('What was changed').fill('Plug gap')
  await form.getByLabel('From').fill('0.8 mm')
  await form.getByLabel('To', { exact: true }).fill('0.7 mm')
  await enter()
  await kind('Measurement')
  await form.getByLabel('Of', { exact: true }).selectOption('walkAround.tests.restingV')
  await form.getByLabel(/^Value/).fill('99 V')
  await expect(form.getByText(/99\.0\u2009V is not allowed here/)).toBeVisible()
  await form.getByLabel(/^Value/).fill('12.1')
  await form.getByLabel('Instrument').fill('bench meter')
  await enter()
  await expect(rows.first()).toContainText('in use')
  await kind('Photograph')
  await form
    .getByLabel('Picture')
    .setInputFiles({ name: 'gap.png', mimeType: 'image/png', buffer: await page.screenshot() })
  await form.getByLabel('What it shows').fill('Gap over the tank')
  await enter()
  await expect(page.getByRole('img', { name: 'Gap over the tank' })).toBeVisible()
  await page.getByRole('button', { name: 'Open the photograph: Gap over the tank' }).click()
  await expect(page.getByRole('dialog').getByRole('img')).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(rows).toHaveCount(5)
  expect(await bench.stored(id, 'walkAround')).toMatchObject({ tests: { restingV: 12.1 } })

  await page.getByRole('button', { name: 'Correct: Battery at rest, after a night 12.1 V' }).click()
  await form.getByLabel(/^Value/).fill('12.65')
  await enter()
  await expect(rows.first()).toContainText('Corrects the entry of')
  await expect(rows.filter({ hasText: 'corrected later' })).toContainText('12.1')
  await bench.saved()
  expect(await bench.stored(id, 'walkAround')).toMatchObject({ tests: { restingV: 12.65 } })

  await page.getByLabel('Kind of entry').selectOption('decision')
  await expect(rows).toHaveCount(1)
  await page.getByLabel('Kind of entry').selectOption('')
  await page.getByLabel('Search the job log').fill('petrol park')
  await expect(rows).toHaveCount(1)
  await page.getByLabel('Search the job log').fill('')
  await expect(rows).toHaveCount(6)
  const [csv] = await Promise.all([page.waitForEvent('download'), book.getByRole('link', { name: 'CSV' }).click()])
  expect(csv.suggestedFilename()).toBe('log-book.csv')
})

test('withdrawing the latest measurement lets the one before it count again', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.plover, 'Copy for withdrawing')
  await bench.openStation(id, 'walk-around')
  await page.getByRole('link', { name: /Tests/ }).click()
  await page.locator('#test-battery-resting > summary').click()
  for (const volts of ['12.45', '11.2']) {
    await bench.field('Battery at rest, after a night').fill(volts)
    await page.keyboard.press('Tab')
  }
  await bench.saved()
  await page.getByRole('link', { name: 'Job log' }).click()
  await page.getByRole('button', { name: 'Correct: Battery at rest, after a night 11.2 V' }).click()
  await page.getByRole('button', { name: 'Void entry' }).click()
  await expect(page.getByText(/^Voids the entry of/)).toBeVisible()
  await expect
    .poll(async () => ((await bench.stored(id, 'walkAround')) as { tests: { restingV: number } }).tests.restingV)
    .toBe(12.45)
})

test('a measurement that is undone is withdrawn in the book; done again it stands there again', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.plover, 'Copy for undoing')
  await bench.openStation(id, 'walk-around')
  await page.getByRole('link', { name: /Tests/ }).click()
  await page.locator('#test-battery-resting > summary').click()
  await bench.field('Battery at rest, after a night').fill('12.61')
  await page.keyboard.press('Tab')
  await bench.saved()
  await page.getByRole('button', { name: /^Undo/ }).click()
  await bench.saved()
  await page.getByRole('link', { name: 'Job log' }).click()
  await expect(page.getByText(/^Voids the entry of .*12\.61 V/)).toBeVisible()
  await expect(page.getByText('in use')).toHaveCount(0)
  await page.getByRole('button', { name: /^Redo/ }).click()
  await expect(page.getByText('in use')).toHaveCount(1)
  await bench.saved()
  expect(await bench.stored(id, 'walkAround')).toMatchObject({ tests: { restingV: 12.61 } })
})

test('a file that is no picture is refused before it is sent', async ({ page, bench }) => {
  await page.goto(`${bench.address}/jobs/${DEMO.warden}/log`)
  await page.getByRole('button', { name: 'Photograph', exact: true }).click()
  await page
    .getByLabel('Picture')
    .setInputFiles({ name: 'song.gif', mimeType: 'image/gif', buffer: Buffer.from('GIF89a') })
  await expect(page.getByRole('alert')).toContainText('song.gif is image/gif; allowed: JPEG, PNG or WebP')
})

test('a measurement follows its leg wherever it is moved: the correction reaches that hose and no other', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy for the legs')
  await bench.openStation(id, 'fuel/lines')
  const entry = (label: string) => page.locator('#measured').getByLabel(label, { exact: true })
  const legs = page.getByRole('list', { name: 'Legs' })
  await legs.getByRole('button').first().click()
  const name = (await legs.getByRole('button').first().textContent())!.replace(/^1 /, '')
  await entry('Length, seat to seat').fill('0.6 m')
  await entry('Length, seat to seat').press('Enter')
  await page.getByRole('button', { name: `Move ${name} down` }).click()
  await expect(legs.getByRole('button').nth(1)).toContainText(name)
  await bench.saved()
  await page.getByRole('link', { name: 'Job log' }).click()
  await page.getByRole('button', { name: /^Correct: .*length, seat to seat 0\.6 m/ }).click()
  await page.getByLabel(/^Value/).fill('0.7 m')
  await page.getByRole('button', { name: 'Add entry' }).click()
  await bench.saved()
  const { feed } = (await bench.stored(id, 'fuel')) as { feed: { legs: { name: string; lengthM: number }[] } }
  expect(feed.legs.map((l) => [l.name, l.lengthM])[1]).toEqual([name, 0.7])
  expect(feed.legs[0]!.lengthM).not.toBe(0.7)
  await page.getByRole('link', { name: 'History' }).click()
  await expect(page.getByText(`Feed line, leg “${name}”: length, seat to seat`).first()).toBeVisible()
  await expect(page.getByText('Feed line: order of the legs').first()).toBeVisible()
})
