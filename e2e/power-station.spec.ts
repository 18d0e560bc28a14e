import type { Page } from '@playwright/test'
import { DEMO, expect, test } from './bench.ts'

const goTo = async (page: Page, tab: string): Promise<void> => {
  await page.getByRole('navigation', { name: 'Tabs of the power' }).getByRole('link', { name: tab }).click()
}
const entry = (page: Page, label: string) => page.locator('#measured').getByLabel(label, { exact: true })

test('a battery in the boot resets the ECU; fed and cabled as proposed, it starts', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy with its battery in the boot')
  await bench.openStation(id, 'power')
  // The cause stands first, what it does beneath it.
  await expect(bench.headline).toContainText('ECU fed from the starter stud')
  await expect(bench.judgement.getByRole('listitem').nth(1)).toContainText(
    /Effect of the above.*ECU resets while cranking cold/,
  )
  await expect(page.getByRole('region', { name: 'Legs of the starter circuit, cranking cold' })).toContainText('16 mm²')

  // In the drawing: a wire taken out leaves its device without volts, and nothing is stored.
  await goTo(page, 'Network')
  const circuit = page.getByRole('region', { name: /^Circuit: cranking, cold/ })
  await expect(circuit).toBeVisible()
  await circuit.getByRole('button', { name: /^Pump feed/ }).focus()
  await page.keyboard.press('Enter')
  const panel = page.getByRole('region', { name: 'Pump feed' })
  await expect(panel).toContainText(/Drop\s*0\.\d\d\sV/)
  const pump = circuit.locator('text', { hasText: 'Fuel pump' }).locator('xpath=following-sibling::*[1]')
  await expect(pump).toContainText(/10\.\d\sV/)
  await panel.getByRole('button', { name: 'Take it out of the drawing' }).click()
  await expect(pump).toContainText(/^−?0\.\d\sV/)
  await expect(page.getByRole('status').filter({ hasText: 'Taken out' })).toContainText('Pump feed')
  await page.getByRole('button', { name: 'Restore', exact: true }).click()
  await expect(pump).toContainText(/10\.\d\sV/)

  // Two designs side by side.
  await page.getByLabel('Compare', { exact: true }).selectOption('place')
  const sides = page.getByRole('region', { name: 'Two designs side by side' })
  await expect(sides).toContainText('Battery in the bay')
  await expect(sides).toContainText(/Battery in the boot: lowest at the ECU while cranking cold \d\.\d\sV/)
  await sides.getByRole('button', { name: 'Draw both' }).click()
  await expect(sides.getByRole('region', { name: 'Battery in the boot' })).toBeVisible()

  // In time: inrush, compression, reset.
  await goTo(page, 'Conditions')
  await expect(page.getByRole('img', { name: /volts over time: lowest at the ECU 4\.\d\sV/ })).toBeVisible()
  await expect(page.getByRole('list', { name: 'What happens during the start' })).toContainText('ECU resets after')

  // The remedies, one after the other, until nothing resets.
  await page.getByRole('button', { name: 'Try: Feed the ECU from the battery terminals' }).first().click()
  await expect(bench.headline).not.toContainText('ECU fed from the starter stud')
  await expect(page.getByRole('list', { name: 'What happens during the start' })).toContainText('No reset')
})

test('how likely it starts, from a thousand starts, and what to measure next', async ({ page, bench }) => {
  await bench.openStation(DEMO.plover, 'power/conditions')
  await page.getByRole('button', { name: 'Work it out from 1000 starts' }).click()
  const odds = page.getByRole('region', { name: 'Probability that it starts' })
  await expect(odds.getByRole('status')).toContainText(/95 % interval of 1000 draws/)
  await expect(odds.getByRole('status')).toContainText(/Measure next: /)
})

test('a car with positive earth is refused first, a dynamo that loses at idle with its reason', async ({
  page,
  bench,
}) => {
  await bench.openStation(DEMO.carrier, 'power')
  await expect(bench.headline).toContainText('Positive earth')
  await expect(page.getByRole('region', { name: 'What must change first' })).toContainText('Battery turned round')
  await bench.openStation(DEMO.linnet, 'power')
  await expect(bench.headline).toContainText('Dynamo loses at idle, whatever its pulley')
  await expect(page.getByRole('img', { name: /Generator output over engine speed: 0\sA at idle/ })).toBeVisible()
})

test('from nothing known to volts at every device; the pump’s wire moves the volts at the fuel system', async ({
  page,
  bench,
}) => {
  await page.goto(`${bench.address}/jobs`)
  await page.getByLabel('Name of the car').fill('Kelder Siskin coupe')
  await page.getByRole('button', { name: 'New job' }).click()
  await expect(page).toHaveURL(/walk-around$/)
  await bench.byRail('Power')
  await expect(bench.headline).toContainText('Voltage and polarity not known')
  await entry(page, 'System voltage').selectOption('12')
  await entry(page, 'Earthed terminal').selectOption('negative')
  await entry(page, 'Generator type').selectOption('alternator')
  await entry(page, 'Cold cranking rating').fill('540 A')
  await entry(page, 'Coldest start').fill('-5')
  await entry(page, 'Regulator voltage').fill('14.3')
  await page.getByRole('button', { name: 'Add point' }).click()
  await entry(page, 'Point 1: speed').fill('1200')
  await entry(page, 'Point 1: current').fill('14')
  await goTo(page, 'Network')
  await entry(page, 'Wire').selectOption('pumpFeed')
  await entry(page, 'Length').fill('4.2 m')
  await entry(page, 'Size').selectOption('mm2-0.75')
  await bench.saved()
  const runningV = async (): Promise<number> => {
    await bench.byRail('Fuel')
    const field = page.locator('#measured').getByLabel('Voltage at the pump, running', { exact: true })
    const volts = Number(await field.getAttribute('placeholder'))
    await bench.byRail('Power')
    await goTo(page, 'Network')
    return volts
  }
  const thin = await runningV()
  await entry(page, 'Wire').selectOption('pumpFeed')
  await entry(page, 'Size').selectOption('mm2-4')
  const thick = await runningV()
  expect(thick).toBeGreaterThan(thin)
})

test('feeds: the finder tells wires apart, drawings follow the choices, a kill switch that does not stop is found and cured', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy with a kill switch')
  await bench.openStation(id, 'power')
  await goTo(page, 'Feeds and relays')
  const finder = page.getByRole('region', { name: 'Finder of the keyed feed' })
  await expect(finder).toContainText('the wrong wire, not a weak battery')
  await page.getByRole('button', { name: 'Add keyed wire' }).click()
  await page.getByLabel('Called', { exact: true }).fill('choke heater')
  for (const [label, volts] of [
    ['Key off', '0'],
    ['Key on', '12.2'],
    ['Starter turning', '10.4'],
    ['Battery terminals, same start', '10.5'],
  ] as const)
    await entry(page, label).fill(volts)
  await expect(finder).toContainText(/choke heater may feed the ECU’s keyed input as it is/)

  // Terminals are numbered; a choice draws it anew.
  const pump = page.getByRole('region', { name: 'Fuel pump', exact: true })
  await expect(pump.getByRole('img')).toHaveAttribute(
    'aria-label',
    /Pump relay from 86 to 85.*Pump relay from 30 to 87/,
  )
  await expect(pump.getByRole('img')).not.toHaveAttribute('aria-label', /Oil-pressure switch/)
  await entry(page, 'Pump stops with the engine by').selectOption('oil-pressure')
  await expect(pump.getByRole('img')).toHaveAttribute('aria-label', /Oil-pressure switch/)
  await entry(page, 'Pump stops with the engine by').selectOption('ecu')

  // A test on the car, by the keyboard, into the job log.
  const reading = pump.getByLabel('Reading: Pump supply')
  await reading.fill('0.24 V')
  await reading.press('Tab')
  await page.keyboard.press('Enter')
  await expect(pump.getByRole('listitem').filter({ hasText: 'Pump supply' })).toContainText(/Passed.*0\.24 V/)
  await bench.saved()

  const stops = page.getByRole('region', { name: 'What stops when' })
  await expect(stops).toContainText(/All \d+ combinations stop what they must/)
  await entry(page, 'Old wiring: kill switch').selectOption('battery')
  await expect(bench.headline).toContainText('Kill switch does not stop the engine')
  await expect(stops).toContainText(/Key on, kill switch open, engine turning.*must be dead/)
  await page
    .getByRole('button', { name: /^Try: A kill switch that cuts battery, keyed feed and generator field/ })
    .click()
  await expect(stops).toContainText(/All \d+ combinations stop what they must/)
  await bench.saved()
  await page.getByRole('link', { name: 'Job log' }).click()
  await expect(page.getByText('Power test: Pump supply').first()).toBeVisible()
})

test('wires: a lead too thin for its fuse is refused with the size that will do, and a full box gets a sub-panel', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy with a thin lead')
  await bench.openStation(id, 'power')
  await goTo(page, 'Wires and fuses')
  await entry(page, 'Size').selectOption('mm2-0.5')
  await expect(bench.headline).toContainText('ECU feed too thin for its fuse')
  const detail = page.getByRole('region', { name: 'ECU feed: what it must be' })
  await expect(detail).toContainText(/Minimum size, metric\s*1\.5 mm², for its fuse/)
  await expect(detail).toContainText(/Minimum size, AWG\s*AWG 14/)
  await page
    .getByRole('button', { name: /^Try: ECU feed of/ })
    .first()
    .click()
  await expect(bench.headline).not.toContainText('too thin')
  // The one free position is taken by something else.
  const plan = page.getByRole('region', { name: 'Fuse plan' })
  await expect(plan).not.toContainText('Sub-panel')
  await page
    .getByRole('list', { name: 'Positions of the old fuse box' })
    .getByRole('button', { name: /Position 3/ })
    .click()
  await page.locator('#measured').getByLabel('Feeds (empty: free)').fill('rear fog lamp')
  await expect(plan).toContainText(/Sub-panel.*Added gauges/)
  await expect(bench.headline).toContainText('No free position in the old fuse box')
  await bench.saved()
})

test('earths and charging: a sensor returned to the block is named with its error; what a weak generator loses by the hour', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy with a wrong return')
  await bench.openStation(id, 'power')
  await goTo(page, 'Earths')
  const sensed = page.getByRole('region', { name: 'What a lifted return does to a reading' })
  await expect(sensed.getByRole('row', { name: /Coolant temperature/ })).toContainText('none')
  await entry(page, 'Coolant temperature').selectOption('block')
  await expect(bench.headline).toContainText('Coolant temperature returned to the engine block')
  await expect(sensed.getByRole('row', { name: /Coolant temperature/ })).toContainText(/\d\.\d\s(K|°C)/)
  await page.getByRole('button', { name: /^Try: Return every sensor to the ECU/ }).click()
  await expect(bench.headline).not.toContainText('Coolant')
  await goTo(page, 'Charging')
  const balance = page.getByRole('region', { name: 'Charging balance', exact: true })
  await expect(balance.getByRole('row', { name: /^Idle, night in rain/ })).toContainText('never')
  await entry(page, 'Generator pulley ratio').fill('1.4')
  await expect(balance.getByRole('row', { name: /^Idle, night in rain/ })).toContainText(
    /loses \d+\.\d\sAh\s*\d+\.\d h/,
  )
  await bench.saved()
})

test('the pump’s wire moves the volts at the pump and the rail pressure on the fuel system’s screen in the same frame', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy with a long thin pump feed')
  // Volts that somebody has measured at the pump would win: without them the network says.
  await bench.openStation(id, 'fuel')
  for (const label of ['Minimum voltage at the pump', 'Voltage at the pump, running', 'Highest charging voltage'])
    await entry(page, label).fill('')
  await bench.saved()
  await bench.openStation(id, 'power')
  await goTo(page, 'Wires and fuses')
  await entry(page, 'Wire').selectOption('pumpFeed')
  await entry(page, 'Length').fill('14 m')
  await entry(page, 'Size').selectOption('mm2-0.35')
  await bench.byRail('Fuel')
  await expect(page.getByRole('img', { name: /^Rail against set pressure/ })).toBeVisible()
  // Undone on the fuel system's own screen: what the wire was is back, and one frame later both figures have moved.
  const [before, after] = await page.evaluate(async () => {
    const seen = () => ({
      rail: document.querySelector('[aria-label^="Rail against set pressure"]')!.getAttribute('aria-label'),
      volts: [...document.querySelectorAll<HTMLInputElement>('#measured input')]
        .map((i) => i.placeholder || i.value)
        .join(),
    })
    const then = seen()
    document.querySelector<HTMLButtonElement>('button[aria-label^="Undo "]')!.click()
    await new Promise((next) => requestAnimationFrame(() => requestAnimationFrame(next)))
    return [then, seen()]
  })
  expect(after.rail).not.toBe(before.rail)
  expect(after.volts).not.toBe(before.volts)
  await bench.saved()
})

test('order: what to buy, and diagrams, fuse plan and tests on paper', async ({ page, bench }) => {
  await bench.openStation(DEMO.curlew, 'power')
  await goTo(page, 'Order')
  const parts = page.getByRole('region', { name: 'Parts to order' })
  await expect(parts).toContainText('Blade fuse 20 A with sealed holder')
  await expect(parts).toContainText(/Relay with socket/)
  const link = page.getByRole('link', { name: 'Diagrams, fuse plan and tests, A4' })
  const [file] = await Promise.all([page.waitForEvent('download'), link.click()])
  const bytes = await (await file.createReadStream()).toArray()
  expect(
    Buffer.concat(bytes as Buffer[])
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-')
})
