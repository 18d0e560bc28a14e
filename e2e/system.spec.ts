import { DEMO, expect, test } from './bench.ts'

test('wishes order the candidates, three stand side by side, and the choice sets defaults at the fuel system', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.plover, 'Copy for the system')
  await bench.openStation(id, 'system')
  await expect(bench.headline).toContainText('No system is chosen yet')
  const side = page.getByRole('region', { name: 'Side by side' })
  const all = side.getByRole('region', { name: 'All candidates' })
  await page.getByLabel('Timing control by the ECU', { exact: true }).selectOption('wanted')
  await expect(all.getByRole('listitem').filter({ hasText: 'old ignition keeps its timing' }).first()).toContainText(
    'You want timing control by the ECU.',
  )
  const boxes = all.getByRole('checkbox', { name: /^Compare: Port injection/ })
  for (const i of [0, 1, 2]) await boxes.nth(i).check()
  await expect(side.getByRole('article')).toHaveCount(3)
  await side.getByRole('article').first().getByRole('button').click()
  await expect(bench.headline).toContainText('Port injection')
  await expect(bench.judgement.getByText('default until decided').first()).toBeVisible()
  await expect(bench.judgement.getByText('Blanking plate and gasket for the mechanical pump')).toBeVisible()
  await bench.saved()
  await bench.byRail('Fuel system')
  await expect(bench.field('Injector location')).toHaveValue('')
  await expect(bench.field('Injector location')).toContainText('by system: in the ports')
  await expect(bench.field('Set pressure')).toHaveAttribute('placeholder', '300')
  await page.getByRole('link', { name: 'Job log' }).click()
  await expect(page.getByRole('region', { name: 'Job log' })).toContainText('System chosen: Port injection')
})
