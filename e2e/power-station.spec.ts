import type { Page } from '@playwright/test'
import { DEMO, expect, test } from './bench.ts'

const goTo = async (page: Page, tab: string): Promise<void> => {
  await page.getByRole('navigation', { name: 'Tabs of the power' }).getByRole('link', { name: tab }).click()
}
const entry = (page: Page, label: string) => page.locator('#measured').getByLabel(label, { exact: true })

test('a battery in the boot resets the ECU; fed and cabled as proposed, it starts', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy with its battery in the boot')
  await bench.openStation(id, 'power')
  await expect(bench.headline).toContainText('ECU resets while cranking cold')
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
  await expect(bench.headline).not.toContainText('ECU resets')
  await expect(page.getByRole('list', { name: 'What happens during the start' })).toContainText('No reset')
})

test('how likely it starts, from a thousand starts, and what to measure next', async ({ page, bench }) => {
  await bench.openStation(DEMO.plover, 'power/conditions')
  await page.getByRole('button', { name: 'Work it out from 1000 starts' }).click()
  const odds = page.getByRole('region', { name: 'Probability that it starts' })
  await expect(odds.getByRole('status')).toContainText(/95 % interval of 1000 draws/, { timeout: 80_000 })
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
  await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: 'Power' }).click()
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
    await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: 'Fuel' }).click()
    const field = page.locator('#measured').getByLabel('Voltage at the pump, running', { exact: true })
    const volts = Number(await field.getAttribute('placeholder'))
    await page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: 'Power' }).click()
    await goTo(page, 'Network')
    return volts
  }
  const thin = await runningV()
  await entry(page, 'Wire').selectOption('pumpFeed')
  await entry(page, 'Size').selectOption('mm2-4')
  const thick = await runningV()
  expect(thick).toBeGreaterThan(thin)
})
