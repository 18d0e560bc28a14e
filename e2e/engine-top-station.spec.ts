import type { Page } from '@playwright/test'
import { DEMO, expect, test } from './bench.ts'

const goTo = async (page: Page, tab: string): Promise<void> => {
  await page.getByRole('navigation', { name: 'Tabs of the engine top' }).getByRole('link', { name: tab }).click()
}
const entry = (page: Page, label: string) => page.locator('#measured').getByLabel(label, { exact: true })
const measure = async (page: Page, label: string, figure: string): Promise<void> => {
  await entry(page, label).fill(figure)
  await entry(page, label).press('Enter')
}

test('a bonnet that hits by millimetres: seen in section, cured by a dropped base, recorded and printed', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy under its bonnet')
  await bench.openStation(id, 'engine-top')
  await expect(bench.headline).toContainText('Bonnet hits the rim of the air cleaner')
  const section = page.getByRole('img', { name: /Section through stack and bonnet/ })
  await expect(section.locator('[data-gap="fouls"]')).toContainText(/−5\.1\smm/)
  await page.getByRole('button', { name: 'From behind' }).click()
  await expect(page.getByRole('img', { name: /from behind/ })).toBeVisible()
  await page.getByRole('button', { name: 'Through the tightest place' }).click()
  await expect(page.getByRole('region', { name: 'Gaps under the bonnet' })).toContainText('Rim of the air cleaner, front left')

  await bench.judgement.getByRole('button', { name: 'Show working: bonnet gap' }).click()
  await expect(page.getByRole('dialog')).toContainText('rotation about the axis through the mounts')
  await page.keyboard.press('Escape')

  await bench.judgement.getByRole('button', { name: /^Try: Base of the air cleaner dropped by/ }).click()
  await expect(section.locator('[data-gap="clear"]')).toBeVisible()
  await expect(bench.judgement).toContainText('Bonnet shuts with clearance')

  // A lump more, by keyboard, goes to the job log.
  await entry(page, 'Enter').selectOption('clay')
  await page.getByRole('button', { name: 'Over its rim, front', exact: false }).first().press('Enter')
  await measure(page, 'Clay, squeezed', '31')
  await bench.saved()
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Engine top sheet' }).click()
  expect((await download).suggestedFilename()).toBe('Copy under its bonnet, engine top.pdf')
  await page.goto(`${bench.address}/jobs/${id}/log`)
  await expect(page.getByText(/Over its rim, front: clay, squeezed/i).first()).toBeVisible()
}) // prettier-ignore

test('a stack of one’s own: pieces, clay, what stands beside it, what comes off', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy with a stack to measure')
  await bench.openStation(id, 'engine-top')
  await expect(bench.headline).toContainText('New stack not entered')
  await page.getByRole('button', { name: 'List the usual pieces' }).click()
  for (const [piece, height] of [['Gasket, as tightened', '1.5'], ['Spacer', '12'], ['Throttle body', '68'], ['Air cleaner base', '-10'], ['Element', '60'], ['Lid', '6'], ['Nut and stud', '9']] as const) {
    await page.getByRole('list', { name: 'New stack, from the pad up' }).getByRole('button', { name: new RegExp(`\\d ${piece}`) }).first().click()
    await measure(page, piece === 'Air cleaner base' ? 'Raises by (lower is negative)' : 'Height', height)
  }
  await page.getByRole('list', { name: 'New stack, from the pad up' }).getByRole('button', { name: /^3 Gasket/ }).click()
  await measure(page, 'Height', '1.5')
  await measure(page, 'Element diameter', '280')
  await measure(page, 'Rim of lid or base', '300')
  // The gap of the walk-around stands for the centre; the rim is not known.
  await expect(bench.judgement).toContainText('Bonnet not known over the rim of the air cleaner')
  await entry(page, 'Enter').selectOption('clay')
  await page.getByRole('button', { name: 'List centre and rim' }).click()
  await expect(page.getByRole('list', { name: 'Lumps of clay' }).getByRole('listitem')).toHaveCount(8)

  await entry(page, 'Enter').selectOption('beside')
  await page.getByRole('button', { name: 'Add point' }).click()
  await measure(page, 'Top, above the body’s foot', '48')
  await measure(page, 'Right of the pad’s middle', '20')
  await measure(page, 'Ahead of it', '-170')
  await page.getByRole('button', { name: 'Add neighbour' }).click()
  await measure(page, 'From the pad’s middle', '165')
  await expect(bench.judgement).toContainText('No room: throttle lever and bulkhead')
  await entry(page, 'Faces').selectOption('180')
  await expect(bench.judgement).not.toContainText('No room: throttle lever and bulkhead')

  await entry(page, 'Enter').selectOption('off')
  await entry(page, 'What becomes of it').selectOption('stored')
  await expect(page.getByRole('region', { name: 'What comes off' })).toContainText('stored with the car')
}) // prettier-ignore

test('bolts: one that bottoms is exchanged, the order is drawn and goes on a card', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy with its bolts')
  await bench.openStation(id, 'engine-top')
  await goTo(page, 'Manifold and bolts')
  await expect(bench.judgement).toContainText('Throttle body and spacer: bolt bottoms before it clamps')
  await bench.judgement.getByRole('button', { name: /^Try: Bolts of 55/ }).click()
  await expect(bench.judgement).not.toContainText('bolt bottoms')
  await page.getByRole('region', { name: 'Bolts with torque' }).getByRole('button', { name: 'Manifold to heads' }).click()
  const order = page.getByRole('img', { name: /Tightening order of Manifold to heads: 12 bolts/ })
  await expect(order.locator('[data-bolt]')).toHaveCount(12)

  // A group of one's own, on a circle.
  await page.getByRole('button', { name: 'Add bolts' }).click()
  await entry(page, 'Thread').selectOption('5/16-18')
  await entry(page, 'Pattern').selectOption('circle')
  await measure(page, 'Circle diameter', '120')
  await expect(page.getByRole('img', { name: /Tightening order of Spacer: 4 bolts/ })).toBeVisible()
  await expect(page.getByRole('region', { name: 'Divider: recommended practice' })).toContainText('Open spacer above it')
  await bench.saved()
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: 'Tightening card, A4' }).click()
  expect((await download).suggestedFilename()).toBe('Copy with its bolts, tightening card.pdf')
}) // prettier-ignore

test('a linkage that binds: the pedal pressed on the drawing, the ball moved, the plate opens', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.carrier, 'Copy whose pedal sticks')
  await bench.openStation(id, 'engine-top/throttle')
  await expect(bench.judgement).toContainText('Linkage binds: Bell crank to throttle body')
  await page.getByLabel('Pedal', { exact: true }).focus()
  await page.keyboard.press('End')
  await expect(page.getByText('The rod no longer reaches: the linkage has bound')).toBeVisible()
  await bench.judgement.getByRole('button', { name: /^Try: Ball on the plate side/ }).first().click()
  await expect(bench.judgement).toContainText('Plate opens fully')
  await expect(page.getByText('The rod no longer reaches: the linkage has bound')).toHaveCount(0)

  await measure(page, 'Slack at the pad', '9')
  await expect(bench.judgement).toContainText('Slack in the throttle linkage')
  await entry(page, 'Kickdown').selectOption('throttle-valve-cable')
  await expect(bench.judgement).toContainText('Gearbox cable not measured')
  for (const [label, figure] of [['Arm on the plate’s shaft', '34'], ['Angle to its cable, closed', '50'], ['Pulled out, closed', '2'], ['Maker’s travel, closed', '2'], ['Maker’s travel, fully open', '42']] as const) await measure(page, label, figure)
  await expect(bench.judgement).toContainText('Gearbox cable pulled too far at full throttle')
  await bench.judgement.getByRole('button', { name: /^Try: Arm of/ }).click()
  await expect(bench.judgement).toContainText('Gearbox pressure not proved')
}) // prettier-ignore
