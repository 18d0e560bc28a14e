import { DEMO, expect, test } from './bench.ts'

test('the list shows the three demo jobs with their outcomes and opens one', async ({ page, bench }) => {
  await page.goto(bench.address)
  const row = (title: string) => page.getByRole('link', { name: title })
  await expect(row('Aldmoor Curlew GT')).toContainText('Fails')
  await expect(row('Hesket Warden saloon')).toContainText('Holds')
  await expect(row('Brindle Carrier van')).toContainText('Fails')
  await row('Hesket Warden saloon').click()
  await expect(bench.headline).toContainText('holds its pressure from idle to full load')
})

test('the rail lifted by its return is cured by a larger return, and the cure can be undone', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy for the return')
  await bench.open(id)
  await expect(bench.headline).toContainText('Rail lifted: idle')
  await bench.judgement.getByRole('button', { name: /^Try: Return in Fleet injection hose 6 mm/ }).click()
  await expect(bench.headline).toContainText('holds its pressure')
  await expect(bench.field('Hose or tube').last()).toHaveValue('fleet-inj-6')
  await page.getByRole('button', { name: /^Undo/ }).click()
  await expect(bench.headline).toContainText('Rail lifted: idle')
  await page.keyboard.press('Control+y')
  await expect(bench.headline).toContainText('holds its pressure')
  await bench.saved()
  await page.reload()
  await expect(bench.headline).toContainText('holds its pressure')
})

test('the pump that falls short is cured by voltage and by another pump', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.carrier, 'Copy for the pump')
  await bench.open(id)
  await expect(bench.headline).toContainText('Pressure not held: full load, low voltage')
  const tries = bench.judgement.getByRole('button', { name: /^Try:/ })
  await expect(tries).toHaveCount(2)
  for (const i of [0, 1]) {
    await tries.nth(i).click()
    await expect(bench.headline).toContainText('holds its pressure')
    await page.getByRole('button', { name: /^Undo/ }).click()
    await expect(tries).toHaveCount(2)
  }
})
