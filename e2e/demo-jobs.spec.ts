import { DEMO, expect, test } from './bench.ts'

test('the board shows the demo jobs, each with its own readiness, and opens one', async ({ page, bench }) => {
  await page.goto(`${bench.address}/jobs?sort=title&direction=up`)
  await expect(page.getByRole('region', { name: 'What this is' })).toContainText('from carburettors to fuel injection')
  const row = (title: string) =>
    page.getByRole('listitem').filter({ has: page.getByRole('link', { name: title, exact: true }) })
  await expect(row('Aldmoor Curlew GT')).toContainText('Next: Fix failed checks: fuel system')
  await expect(row('Hesket Warden saloon')).toContainText('On hold: Module and hose on their way')
  await expect(row('Brindle Carrier van')).toContainText('Repair first: Convert to negative earth, and 5 more repairs')
  await expect(row('Aldmoor Turnstone saloon')).toContainText('every station right: this is what good looks like')
  await expect(row('Aldmoor Turnstone saloon')).toContainText('Next: All stations built')
  await expect(row('Thornkeld Plover tourer')).toContainText('Next: Measure displacement')
  await page.getByRole('link', { name: 'Brindle Carrier van', exact: true }).click()
  await expect(bench.headline).toContainText('Repair first')
  // One line at every station, which unfolds to all of them and stays as it was left.
  const line = page.getByRole('note', { name: 'Repair first' })
  await expect(line.getByText('Fit a modern alternator')).toBeHidden()
  await line.getByRole('button').click()
  for (const station of [/\bSystem\b/, 'Fuel']) {
    await bench.byRail(station)
    await expect(line.getByText('Fit a modern alternator')).toBeVisible()
  }
  await line.getByRole('button').click()
  await expect(line.getByText('Fit a modern alternator')).toBeHidden()
  await expect(line).toContainText('Repair first: Convert to negative earth, and 5 more repairs')
})

test('the van says what its own wiring and pipe ask for: positive earth, a dead lead, a dynamo, a touch', async ({
  page,
  bench,
}) => {
  await page.goto(`${bench.address}/jobs?sort=title&direction=up`)
  await page.getByRole('link', { name: 'Brindle Carrier van', exact: true }).click()
  await expect(bench.judgement).toContainText('First: Convert to negative earth.')
  await expect(bench.judgement).toContainText('It is the wrong lead, not a weak battery')
  await page.getByRole('navigation', { name: 'Tabs of the walk-around' }).getByRole('link', { name: 'Tests' }).click()
  await expect(page.locator('#test-starter')).toContainText('Current while cranking')
  await expect(page.locator('#test-supply')).toContainText(
    'The earthed terminal (positive) comes off first and goes back on last.',
  )
  await expect(page.locator('#test-ripple')).toHaveCount(0)
  await bench.byRail('Exhaust')
  await expect(bench.judgement).toContainText('The exhaust touches the car')
})

test('the rail lifted by its return is cured by a larger return, and the cure can be undone', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy for the return')
  await bench.open(id)
  await expect(bench.headline).toContainText('Rail pressure too high: cold idle')
  await bench.judgement.getByRole('button', { name: /^Try: Fit a return of Fleet injection hose 6 mm/ }).click()
  await expect(bench.headline).not.toContainText('Rail pressure too high')
  await expect(bench.field('Hose or tube').last()).toHaveValue('fleet-inj-6')
  await page.getByRole('button', { name: /^Undo/ }).click()
  await expect(bench.headline).toContainText('Rail pressure too high: cold idle')
  await page.keyboard.press('Control+y')
  await expect(bench.headline).not.toContainText('Rail pressure too high')
  await bench.saved()
  await page.reload()
  await expect(bench.headline).not.toContainText('Rail pressure too high')
})

test('the pump that falls short is cured by voltage and by another pump', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.carrier, 'Copy for the pump')
  await bench.open(id)
  await expect(bench.headline).toContainText('Pressure not maintained: full load, low voltage')
  const tries = bench.judgement.getByRole('button', { name: /^Try:/ })
  await expect(tries).toHaveCount(2)
  for (const i of [0, 1]) {
    await tries.nth(i).click()
    await expect(bench.headline).not.toContainText('Pressure not maintained')
    await page.getByRole('button', { name: /^Undo/ }).click()
    await expect(tries).toHaveCount(2)
  }
})
