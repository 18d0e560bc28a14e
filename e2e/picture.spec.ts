import { DEMO, expect, test } from './bench.ts'

test('idle, cruise, full load and every load between move the picture', async ({ page, bench }) => {
  await bench.open(DEMO.warden)
  const takes = bench.picture.getByText(/^engine uses/).first()
  const flow = async () => Number(/[\d.]+/.exec((await takes.textContent()) ?? '')![0])
  await page.getByRole('button', { name: 'Idle', exact: true }).click()
  const idle = await flow()
  await page.getByRole('button', { name: 'Full load', exact: true }).click()
  const full = await flow()
  await page.getByRole('button', { name: 'Cruise', exact: true }).click()
  const cruise = await flow()
  expect(idle).toBeLessThan(cruise)
  expect(cruise).toBeLessThan(full)
  await page.getByRole('slider', { name: /Load between idle/ }).focus()
  await page.keyboard.press('PageUp')
  const between = await flow()
  expect(between).toBeGreaterThan(cruise)
  expect(between).toBeLessThan(full)
  await expect(page.getByRole('slider')).toHaveAttribute('aria-valuetext', 'Between cruise and full load')
  await page.getByRole('button', { name: 'Overrun', exact: true }).click()
  expect(await flow()).toBe(0)
})

test('the profile draws a metre of feed as long as a metre of return', async ({ bench }) => {
  await bench.open(DEMO.curlew)
  const sheet = bench.picture.getByRole('img', { name: /Aldmoor Curlew GT, Cold idle/ })
  const d = await sheet.locator('path[stroke-width="2.6"]').first().getAttribute('d')
  const xs = d!.match(/[ML]?[\d.]+,/g)!.map((s) => parseFloat(s.replace(/[MLZ]/g, '')))
  // tank, strainer, suction, pump, filter, feed, rail, regulator, return, tank: two x for each piece
  const [feed, back] = [xs[11]! - xs[10]!, xs[17]! - xs[16]!]
  expect(feed / 4.1).toBeCloseTo(back / 4.3, 1)
  await expect(sheet).toContainText('feed 4.10')
})

test('a figure opens its working with formula, numbers and source', async ({ page, bench }) => {
  await bench.open(DEMO.curlew)
  await bench.picture.getByRole('button', { name: 'Feed drop: show working' }).click()
  const dialog = page.getByRole('dialog')
  await expect(dialog).toContainText('v = 4 · Q / (π · d²)')
  await expect(dialog).toContainText('Source: Darcy-Weisbach')
  await page.keyboard.press('Escape')
  await expect(dialog).toHaveCount(0)
  await bench.judgement.getByRole('button', { name: /Fuel by power against/ }).click()
  await bench.judgement.getByRole('button', { name: 'Show working: by power' }).click()
  await expect(dialog).toContainText('rule of thumb')
})

test('a verdict shows its moment', async ({ page, bench }) => {
  await bench.open(DEMO.carrier)
  await page.getByRole('button', { name: 'Idle', exact: true }).click()
  await bench.judgement.getByRole('button', { name: 'Show this condition' }).first().click()
  await expect(page.getByRole('button', { name: 'Full load', exact: true })).toHaveAttribute('aria-pressed', 'true')
  await expect(page.getByRole('button', { name: /11\.6/ })).toHaveAttribute('aria-pressed', 'true')
})
