import { readFile } from 'node:fs/promises'
import type { Page } from '@playwright/test'
import { DEMO, expect, test } from './bench.ts'

const goTo = async (page: Page, sheet: string): Promise<void> => {
  await page.getByRole('navigation', { name: 'Tabs of the exhaust sensor' }).getByRole('link', { name: sheet }).click()
}
const entry = (page: Page, label: string) => page.locator('#measured').getByLabel(label, { exact: true })
const unrolled = (page: Page) => page.getByRole('application', { name: /unrolled/ })
const looked = (page: Page) => page.getByRole('region', { name: 'Point under the cursor' })

test('from an exhaust under the car to a template, a tight pipe and a parts list', async ({ page, bench }) => {
  await page.goto(`${bench.address}/jobs`)
  await page.getByLabel('Name of the car').fill('Lowther Heron estate')
  await page.getByRole('button', { name: 'New job' }).click()
  await expect(page).toHaveURL(/walk-around$/)
  await bench.byRail('Exhaust sensor')
  await expect(bench.headline).toContainText('Enter the exhaust piece by piece')

  // Measured piece by piece, drawn as it is entered.
  await page.getByRole('button', { name: 'Start from the walk-around' }).click()
  await expect(page.getByRole('group', { name: /to scale: side view and plan/ })).toBeVisible()
  const pieces = page.getByRole('list', { name: 'Pieces' })
  await pieces.getByRole('button', { name: /Manifold/ }).click()
  await entry(page, 'Length').fill('420 mm')
  await pieces.getByRole('button', { name: /Pipe to the tail/ }).click()
  await entry(page, 'Length').fill('1.4 m')
  await entry(page, 'Circumference (by tape)').fill('159.6 mm')
  await expect(page.locator('#measured').getByText(/From the tape: 50\.8/)).toBeVisible()
  await entry(page, 'Cylinders').fill('1, 2, 3, 4')
  await entry(page, 'Height of first port above ground').fill('480 mm')

  // Unrolled: no spot yet, the best one is taken.
  await goTo(page, 'Position')
  await expect(unrolled(page)).toBeVisible()
  await expect(bench.headline).toContainText('no position chosen')
  await page.getByRole('button', { name: 'Put sensor at position 1' }).click()
  await expect(looked(page)).toContainText('Sensor sits here')

  await goTo(page, 'Fitting')
  await entry(page, 'Who welds').selectOption('self')
  await entry(page, 'Pipe material').selectOption('mild-steel')
  await entry(page, 'Sensor fitting').selectOption('weld')
  await entry(page, 'Bung').selectOption('lintel-w')
  await entry(page, 'Oxygen sensor').selectOption('ember-w2')
  await entry(page, 'Length to the harness').fill('0.8 m')
  await entry(page, 'Closest to the pipe').fill('40 mm')
  await entry(page, 'Sensor type set first').selectOption('yes')
  await expect(page.getByRole('img', { name: /Strip 159\.6\smm long/ })).toBeVisible()
  await bench.saved()
  const svg = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Template as SVG' }).click()
  expect(await readFile(await (await svg).path(), 'utf8')).toMatch(/<rect id="strip"[^>]*width="159\.6"/)
  const pdf = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Template, A4' }).click()
  expect((await readFile(await (await pdf).path())).subarray(0, 5).toString()).toBe('%PDF-')

  await goTo(page, 'False readings')
  await entry(page, 'Air pump').selectOption('none')
  await entry(page, 'Heat-riser flap').selectOption('none')
  await entry(page, 'Leaded fuel or lead substitute').selectOption('no')

  // Every joint tested; each result stands in the log book.
  await goTo(page, 'Leaks and order')
  const leaks = page.getByRole('region', { name: 'Leak check' })
  await leaks.getByRole('button', { name: /Pipe to the tail: flange: leaks/ }).click()
  await expect(bench.headline).toContainText('A joint ahead of the sensor leaks')
  for (const button of await leaks.getByRole('button', { name: /: tight$/ }).all()) await button.click()
  await expect(bench.headline).not.toContainText('Fails')
  await expect(page.getByRole('table')).toContainText('Ember W2')
  await bench.saved()
  const csv = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Parts as CSV' }).click()
  expect(await readFile(await (await csv).path(), 'utf8')).toContain('Lintel weld-in bung, mild steel')
  const sheet = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Working sheet, Letter' }).click()
  expect((await sheet).suggestedFilename()).toBe('Lowther Heron estate, exhaust sensor.pdf')
  await page.getByRole('link', { name: 'Job log' }).click()
  await expect(page.getByText(/Leak check: Bank A, Pipe to the tail: flange/).first()).toBeVisible()
})

test('the obvious spot is fouled by the linkage: the reason is told, another is dragged to and stays', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy for the spot')
  await bench.openStation(id, 'exhaust/spots')
  await expect(bench.headline).toContainText('Sensor: position ruled out')
  await expect(bench.judgement).toContainText('Gearbox linkage comes 50')
  await expect(unrolled(page)).toBeVisible()

  // The mouse over any point tells why.
  const box = (await unrolled(page).boundingBox())!
  await page.mouse.move(box.x + box.width * 0.75, box.y + 218)
  await expect(looked(page)).toContainText('No room for sensor, cable bend and tool: Floor of the tunnel')
  await page.mouse.move(box.x + box.width * 0.5, box.y + 60)
  await expect(looked(page)).toContainText('Ruled out, below level')

  // Dragged by its marker, from beside the linkage to the free side.
  const marker = unrolled(page).locator('g.cursor-grab')
  const from = (await marker.locator('circle').nth(1).boundingBox())!
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2)
  await page.mouse.down()
  // To 320 mm and 72 degrees: the picture shows 945 mm of pipe, 66 px of axis on the left and 14 px of margin on the right.
  const perM = (box.width - 80) / 0.945
  const to = {
    x: from.x + from.width / 2 + (0.32 - 0.175) * perM,
    y: from.y + from.height / 2 + ((72 - 45) * 340) / 360,
  }
  await page.mouse.move(to.x - 20, to.y - 20, { steps: 4 })
  await page.mouse.move(to.x, to.y, { steps: 4 })
  await page.mouse.up()
  await expect(bench.headline).not.toContainText('position ruled out')
  const dragged = await entry(page, 'Clock position').inputValue()
  expect(Number(dragged)).toBeGreaterThan(58)
  expect(Number(dragged)).toBeLessThan(77)

  // Undone, cured by the remedy, and there after a reload.
  await page.getByRole('button', { name: /^Undo/ }).click()
  await expect(bench.headline).toContainText('Sensor: position ruled out')
  await bench.judgement.getByRole('button', { name: /^Try: Put the sensor on the common pipe/ }).click()
  await expect(bench.headline).not.toContainText('position ruled out')
  await bench.saved()
  await page.reload()
  await expect(bench.headline).not.toContainText('position ruled out')
  const { spots } = (await bench.stored(id, 'exhaust')) as { spots: { run: string; clockDeg: number }[] }
  expect(spots).toMatchObject([{ run: 'common' }])
})

test('the unrolled pipe by the keyboard alone', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.carrier, 'Copy for the keys')
  await bench.openStation(id, 'exhaust/spots')
  await unrolled(page).focus()
  await expect(looked(page)).toContainText('180')
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Shift+ArrowUp')
  await expect(looked(page)).toContainText(/195.*30/)
  await page.keyboard.press('Enter')
  await expect(entry(page, 'After the turbo outlet')).toHaveValue('195')
  await expect(entry(page, 'Clock position')).toHaveValue('30')
  await page.keyboard.press('Control+k')
  await page.getByPlaceholder('What do you want to do?').fill('exhaust sensor: fitting')
  await page.keyboard.press('Enter')
  await expect(page).toHaveURL(/exhaust\/fitting$/)
})

test('a clamp that is too short for the pipe is seen before it is bought twice', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy for the clamp')
  await bench.openStation(id, 'exhaust/fitting')
  await expect(bench.headline).toContainText('clamp too short for this pipe')
  await expect(
    page.getByRole('img', { name: /Clamp-on bung on a pipe of 50\.8.*the nut does not start/ }),
  ).toBeVisible()
  await bench.judgement.getByRole('button', { name: 'Try: Fit Lintel clamp-on bung, 48 to 54 mm' }).click()
  await expect(page.getByRole('img', { name: /Clamp-on bung on a pipe of 50\.8.*it fits/ })).toBeVisible()
  await expect(bench.headline).not.toContainText('Fails')
})

test('after a turbine: before it every point is refused, behind it a leak still holds the start', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.carrier, 'Copy for the turbine')
  await bench.openStation(id, 'exhaust/spots')
  await page.getByRole('button', { name: 'Bank A' }).click()
  await expect(page.getByText('No usable position on this run of pipe')).toBeVisible()
  await expect(looked(page)).toContainText('before the turbo')
  await goTo(page, 'How many')
  await entry(page, 'How many').selectOption('2')
  await expect(bench.headline).toContainText('Two sensors after one turbo')
  await bench.judgement.getByRole('button', { name: 'Try: Use one sensor' }).click()
  await goTo(page, 'Leaks and order')
  await expect(bench.judgement).toContainText('A joint ahead of the sensor leaks')
  await expect(page.getByText(/First start on hold: to the turbine/)).toBeVisible()
  await page.getByRole('button', { name: 'Bank B, To the turbine: slip joint: tight' }).click()
  await expect(bench.judgement).not.toContainText('A joint ahead of the sensor leaks')
})

test('schools side by side, and a hole tried by size and place', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy for the schools')
  await bench.openStation(id, 'exhaust/spots')
  const schools = page.getByRole('region', { name: 'Recommendations on this pipe' })
  // Four of them, side by side: a column each, beside the one of the headings.
  await expect(schools.getByRole('columnheader')).toHaveCount(5)
  await schools.getByRole('button', { name: /^Use the recommendation: Far/ }).click()
  await expect(entry(page, 'Distance')).toHaveValue('far')
  await goTo(page, 'False readings')
  const air = page.getByRole('region', { name: 'False air by operating condition' })
  const idle = air.getByRole('row', { name: /Idle/ })
  const before = await idle.textContent()
  await page.getByLabel('Hole, as a round hole', { exact: true }).fill('5 mm')
  await expect(idle).not.toHaveText(before!)
  await page.getByLabel('Location', { exact: true }).selectOption({ label: 'Bank A: Silencer, clamp' })
  await expect(idle).toContainText('0.0')
  await page
    .getByRole('button', { name: /rpm, 95 kPa: care/ })
    .first()
    .click()
  await expect(page.getByRole('region', { name: 'Closed-loop region' })).toContainText('small trims')
})
