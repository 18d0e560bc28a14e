import type { Page } from '@playwright/test'
import { DEMO, expect, test } from './bench.ts'

const entry = (page: Page, label: string) => page.locator('#measured').getByLabel(label, { exact: true })
const measure = async (page: Page, label: string, figure: string): Promise<void> => {
  await entry(page, label).fill(figure)
  await entry(page, label).press('Enter')
}

test('a shortage of ports: who is left over is drawn, a port is drilled, a hose fixed by hand is judged', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy short of ports')
  await bench.openStation(id, 'engine-top/vacuum')
  await expect(bench.judgement).toContainText('No vacuum port for: manifold pressure sensor')
  const map = page.getByRole('img', { name: /Plan of the vacuum hoses: 4 ports, 5 consumers, 1 without a port/ })
  await expect(map.locator('[data-consumer="nothing"]')).toContainText('Manifold pressure sensor')
  await bench.judgement.getByRole('button', { name: /^Try: A port drilled and tapped/ }).click()
  await expect(bench.judgement).toContainText('Port to be drilled for: manifold pressure sensor')

  // A port more, of one's own, by keyboard.
  await entry(page, 'Enter').selectOption('ports')
  await page.getByRole('button', { name: 'Add port' }).press('Enter')
  await measure(page, 'Bore', '5')
  await entry(page, 'Vacuum').selectOption('full')
  await entry(page, 'Draws from').selectOption('plenum')
  await expect(bench.judgement).toContainText('Every consumer has a vacuum port')

  // The servo by hand on the runner's small port is refused, and put right.
  await entry(page, 'Enter').selectOption('consumers')
  await entry(page, 'Hose is on').selectOption({ label: 'Runner of cylinder two' })
  await expect(bench.judgement).toContainText('Brake servo on the wrong port: Runner of cylinder two, too small')
  await bench.judgement.getByRole('button', { name: /^Try: Brake servo on the port/ }).first().click()
  await expect(bench.judgement).toContainText('Brake servo on a port that does')

  await page.getByRole('list', { name: 'Vacuum consumers' }).getByRole('button', { name: /Manifold pressure sensor/ }).click()
  await page.locator('#measured').getByRole('textbox', { name: /^Hose to/ }).fill('450')
  await page.keyboard.press('Enter')
  await expect(bench.judgement).toContainText('Pressure line on a port of its own')
  await entry(page, 'Enter').selectOption('line')
  await entry(page, 'Secured by').selectOption('tie-tight')
  await expect(bench.judgement).toContainText('Pressure line pinched by a cable tie')
  await bench.judgement.getByRole('button', { name: /^Try: Grommet and clips/ }).click()
  await expect(bench.judgement).not.toContainText('pinched by a cable tie')
  await bench.saved()
  await page.goto(`${bench.address}/jobs/${id}/log`)
  await expect(page.getByText(/Manifold pressure sensor: vacuum hose/i).first()).toBeVisible()
}) // prettier-ignore

test('sensors and threads: a dead end refused, a wheel drawn, a hole tapped, a curve checked and taken out', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy with its sensors')
  await bench.openStation(id, 'engine-top/sensors')
  await entry(page, 'Sensor goes into').selectOption({ label: 'Rear of the left head' })
  await expect(bench.judgement).toContainText('Coolant sensor in a dead end: Rear of the left head')
  await bench.judgement.getByRole('button', { name: /^Try: Coolant sensor in the port “Thermostat housing”/ }).click()
  await expect(bench.judgement).toContainText('Coolant sensor in flow: Thermostat housing')
  await entry(page, 'Intake air sensor').selectOption('hot-metal')
  await expect(bench.judgement).toContainText('Intake air sensor in hot metal')

  await entry(page, 'Enter').selectOption('wheel')
  await measure(page, 'Tooth positions, gap included', '60')
  await measure(page, 'Tooth under the sensor at top dead centre', '15')
  await expect(page.getByRole('img', { name: /Crank wheel, 60 tooth positions with 0 missing: tooth 15/ })).toBeVisible()

  await entry(page, 'Enter').selectOption('holes')
  await page.getByRole('button', { name: 'Add hole' }).click()
  await entry(page, 'Thread of the sensor').selectOption('M12x1.5')
  for (const [label, figure] of [['Metal across, at its narrowest', '22'], ['Metal in the way of the drill', '18'], ['Thread length of the sensor', '12']] as const) await measure(page, label, figure)
  await entry(page, 'Chips kept out').selectOption('yes')
  await entry(page, 'Sealed by').selectOption('washer')
  await expect(page.getByRole('region', { name: 'Which sensor into which hole' })).toContainText(/10\.50\smm/)
  await expect(bench.judgement).toContainText('Coolant sensor: tapped M12 × 1.5')

  await entry(page, 'Enter').selectOption('thermistors')
  await page.getByRole('button', { name: 'Add thermistor' }).click()
  for (const [label, figure] of [['Cold point', '0'], ['Resistance there, cold', '5896'], ['Middle point', '25'], ['Resistance there, middle', '2057'], ['Hot point', '100'], ['Resistance there, hot', '177'], ['Bias resistor in the ECU', '2490'], ['Air around it, after a night', '11'], ['Resistance measured then', '2057']] as const) await measure(page, label, figure)
  await expect(bench.judgement).toContainText('Coolant sensor reads wrong at rest')
  await bench.judgement.getByRole('button', { name: 'Show working: thermistor' }).click()
  await expect(page.getByRole('dialog')).toContainText('Steinhart and Hart')
  await page.keyboard.press('Escape')
  await bench.saved()
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Thermistor tables as CSV' }).click()
  expect((await download).suggestedFilename()).toBe('Copy with its sensors, thermistors.csv')
}) // prettier-ignore

test('a rotor between two terminals is centred; a driver that kills its coil; wires traced by the continuity sheet', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.carrier, 'Copy with its rotor')
  await bench.openStation(id, 'engine-top/ignition')
  await expect(bench.judgement).toContainText('Rotor between two terminals at minimum advance')
  const rotor = page.getByRole('img', { name: /Rotor under the cap/ })
  await expect(rotor.locator('[data-rotor="least"]')).toHaveAttribute('data-overlap', 'none')
  await bench.judgement.getByRole('button', { name: /^Try: Housing turned by 6\.5/ }).click()
  await expect(rotor.locator('[data-rotor="least"]')).toHaveAttribute('data-overlap', 'some')
  await expect(bench.judgement).toContainText('Rotor meets its terminal over the whole advance')

  await entry(page, 'Enter').selectOption('coil')
  await entry(page, 'ECU ignition output').selectOption('logic')
  await expect(bench.judgement).toContainText('Plain coil on a logic output')
  await bench.judgement.getByRole('button', { name: /^Try: An igniter/ }).click()
  await expect(bench.judgement).not.toContainText('Plain coil on a logic output')

  await entry(page, 'Enter').selectOption('order')
  await entry(page, 'Wires labelled from the').selectOption('front')
  await expect(bench.judgement).toContainText('Number one at the wrong end')
  await entry(page, 'Wires labelled from the').selectOption('bulkhead')
  await entry(page, 'Firing order').fill('1-4-3-3')
  await expect(bench.judgement).toContainText('Firing order not known')
  await entry(page, 'Firing order').fill('1-4-3-2')
  await expect(page.getByRole('region', { name: 'Firing groups' }).first()).toContainText('from the bulkhead')

  await entry(page, 'Enter').selectOption('wires')
  for (const [label, found] of [['Injector 1', '1'], ['Injector 2', '3'], ['Injector 3', '2']] as const) await measure(page, label, found)
  await expect(bench.judgement).toContainText('Injector 2 leads to cylinder 3')
  await bench.saved()
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Continuity sheet, A4' }).click()
  expect((await download).suggestedFilename()).toBe('Copy with its rotor, continuity sheet.pdf')
  await page.goto(`${bench.address}/jobs/${id}/log`)
  await expect(page.getByText(/Injector 2 found at cylinder/i).first()).toBeVisible()
}) // prettier-ignore

test('what to order and the steps at the car, with what the other stations order', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.carrier, 'Copy to be ordered')
  await bench.openStation(id, 'engine-top/order')
  await expect(page.getByRole('region', { name: 'Parts of the engine top, list' })).toContainText('Vacuum hose, petrol-proof')
  await expect(page.getByRole('region', { name: 'Steps at the car' })).toContainText('Trace 8 wires by the continuity sheet')
  await expect(page.getByRole('region', { name: 'What the other stations order, list' })).toContainText('Fuel')
  await page.locator('#measured').getByLabel('Between output and coil', { exact: true }).selectOption('igniter')
  await expect(page.getByRole('region', { name: 'Parts of the engine top, list' })).toContainText('Igniter')
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Engine top sheet, A4' }).click()
  expect((await download).suggestedFilename()).toBe('Copy to be ordered, engine top.pdf')
}) // prettier-ignore
