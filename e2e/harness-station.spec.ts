import type { Page } from '@playwright/test'
import { DEMO, expect, test } from './bench.ts'

const goTo = async (page: Page, tab: string): Promise<void> => {
  await page.getByRole('navigation', { name: 'Tabs of the harness' }).getByRole('link', { name: tab }).click()
}
const entry = (page: Page, label: string) => page.locator('#measured').getByLabel(label, { exact: true })
/** Waits until the looms are found and no longer improved. */
const found = async (page: Page): Promise<void> => {
  await expect(page.getByText('Search finished.')).toBeVisible()
}
const cellOf = (page: Page, row: string, column: number) =>
  page
    .getByRole('region', { name: 'What each place means' })
    .getByRole('row', { name: new RegExp(`^${row}`) })
    .getByRole('cell')
    .nth(column)

test('a plan is chosen, corridors are measured, and what is wrong is named', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy without a plan')
  await bench.openStation(id, 'harness')
  await entry(page, 'Body').selectOption('separate-chassis')
  await page.getByRole('button', { name: 'Use this plan' }).click()
  await expect(page.getByRole('region', { name: 'Corridors of the plan' })).toContainText('Left frame rail')
  await expect(bench.judgement).toContainText('Corridors not measured')

  // In the table, then in the fields; everything by keyboard.
  await page
    .getByRole('region', { name: 'Corridors of the plan' })
    .getByRole('button', { name: 'Left frame rail' })
    .focus()
  await page.keyboard.press('Enter')
  await entry(page, 'Length').fill('2.35')
  await entry(page, 'Length').press('Enter')
  await expect(page.getByRole('row', { name: /Left frame rail/ })).toContainText('2.35')
  await expect(page.getByRole('row', { name: /Left frame rail/ })).not.toContainText('est.')

  // A place of one's own, moved on the drawing.
  await entry(page, 'Enter').selectOption('places')
  await page.getByRole('button', { name: 'Add place' }).click()
  await entry(page, 'From the front').fill('2')
  await entry(page, 'Left of the middle').fill('0')
  await entry(page, 'Left of the middle').press('Enter')
  const drawing = page.getByRole('img', { name: 'Plan of the car' })
  const dot = drawing.locator('circle[fill="var(--accent)"]')
  await dot.scrollIntoViewIfNeeded()
  const box = (await dot.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + 60, box.y + 20, { steps: 4 })
  await page.mouse.up()
  await expect(entry(page, 'From the front')).not.toHaveValue(/^2(\.0+)?$/)

  // A corridor of one's own has no length yet: said, and where.
  await entry(page, 'Enter').selectOption('corridors')
  await page.getByRole('button', { name: 'Add corridor' }).click()
  await expect(bench.judgement).toContainText('Plan has mistakes')
  await expect(bench.judgement).toContainText('length is not known')
  await entry(page, 'Length').fill('0.8')
  await entry(page, 'Length').press('Enter')
  await expect(bench.judgement).not.toContainText('Plan has mistakes')
})

test('moving the ECU from wing to cabin: every figure beforehand, and the other stations follow', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy with its ECU on the wing')
  await bench.openStation(id, 'harness/noise')
  await entry(page, 'HT leads suppressed').selectOption('yes')
  await goTo(page, 'Routes')
  await found(page)
  await expect(page.getByRole('img', { name: /Loom over the car, ECU: Left wing/ })).toBeVisible()
  await page.getByRole('button', { name: 'Accept this loom' }).click()
  await expect(page.getByText('Accepted, with the ECU here: Left wing.')).toBeVisible()

  await goTo(page, 'ECU place')
  await expect(page.getByRole('region', { name: 'Places of the ECU ranked' })).toContainText('Left wing (accepted)')
  await entry(page, 'Shown').waitFor()
  await page.getByLabel('One place', { exact: true }).selectOption('ecu-left-wing')
  await page.getByLabel('The other', { exact: true }).selectOption('ecu-toe-board')
  const figures = ['Minutes of work', 'New wire', 'Leads to lengthen', 'Fullest hole', 'ECU, deepest sag', 'Pump, deepest sag', 'Rail pressure at full load'] // prettier-ignore
  for (const row of figures) for (const column of [1, 2]) await expect(cellOf(page, row, column)).toHaveText(/\d/)
  expect(parseFloat((await cellOf(page, 'Minutes of work', 2).textContent())!)).toBeGreaterThan(
    parseFloat((await cellOf(page, 'Minutes of work', 1).textContent())!),
  )
  await page.getByRole('button', { name: /Probability that it starts/ }).click()
  await expect(page.getByText(/^Above the left toe board: [\d.]+\s?%/)).toBeVisible()

  await found(page)
  const inCabin: string[] = []
  for (const row of figures) inCabin.push((await cellOf(page, row, 2).textContent())!)

  // Before: what power computes with. Then the other place, and again.
  const lengthOf = async (): Promise<number> => {
    await bench.openStation(id, 'power/network')
    await entry(page, 'Wire').selectOption('ecuFeed')
    await expect(page.getByText(/By the accepted loom: /)).toBeVisible()
    return parseFloat((await entry(page, 'Length').getAttribute('placeholder')) ?? '')
  }
  const voltsAtEcu = async (): Promise<string> => {
    await bench.openStation(id, 'power/network')
    return (await page.getByRole('region', { name: /^Circuit: / }).textContent())!
  }
  const [lengthBefore, voltsBefore] = [await lengthOf(), await voltsAtEcu()]
  await bench.openStation(id, 'harness/routes')
  await expect(page.getByText('Accepted, with the ECU here: Left wing.')).toBeVisible()
  await expect(entry(page, 'Shown')).toContainText('Above the left toe board')
  await entry(page, 'Shown').selectOption('ecu-toe-board')
  await found(page)
  const way = page.getByRole('region', { name: 'Way of one wire' })
  await way.getByLabel('Wire', { exact: true }).selectOption('ecu-feed')
  const cutM = parseFloat(/cut length\s+([\d.]+)/.exec((await way.textContent())!)![1]!)
  await page.getByRole('button', { name: 'Accept this loom' }).click()
  await expect(page.getByText('Accepted, with the ECU here: Above the left toe board.')).toBeVisible()

  // After: power has the length that was shown, other volts with it, and the figures are those of before.
  const lengthAfter = await lengthOf()
  expect(lengthAfter).not.toBe(lengthBefore)
  expect(Math.abs(lengthAfter - cutM)).toBeLessThan(0.011)
  expect(await voltsAtEcu()).not.toBe(voltsBefore)
  await bench.openStation(id, 'harness/ecu-place')
  await expect(page.getByRole('region', { name: 'Places of the ECU ranked' })).toContainText('Above the left toe board (accepted)') // prettier-ignore
  await page.getByLabel('One place', { exact: true }).selectOption('ecu-left-wing')
  await page.getByLabel('The other', { exact: true }).selectOption('ecu-toe-board')
  await found(page)
  for (const [n, row] of figures.entries()) {
    await expect(cellOf(page, row, 2), row).toHaveText(inCabin[n]!)
  }
})

test('a wire’s way, a rule for it, and the proof that no loom is cheaper', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy with a rule')
  await bench.openStation(id, 'harness/routes')
  await found(page)
  const way = page.getByRole('region', { name: 'Way of one wire' })
  await way.getByLabel('Wire', { exact: true }).selectOption('coolant-signal')
  await expect(way.getByRole('region', { name: 'Sections of the wire' })).toContainText('Front cover, left')
  await way.getByLabel('Rule for Front cover, left').selectOption('keep-out')
  await expect(way).toContainText('Must not take “Front cover, left”.')
  await expect(way.getByRole('region', { name: 'Sections of the wire' })).not.toContainText('Front cover, left')
  await way.getByRole('button', { name: 'Remove rule for Front cover, left' }).click()
  await found(page)

  // In the built application, with the policy that forbids everything else.
  await page.getByRole('button', { name: /^Prove it/ }).click()
  const proof = page.getByRole('region', { name: 'How good it is' }).getByRole('status')
  await expect(proof).toContainText(/Proven: |Not proven in its time/)
})

test('a kit: what reaches, what is short, and the smallest change that would do', async ({ page, bench }) => {
  await bench.openStation(DEMO.warden, 'harness/routes')
  await found(page)
  await entry(page, 'Shown').selectOption('ecu-toe-board')
  await expect(page.getByRole('region', { name: 'What is in the way' })).toContainText(
    'a longer lead for “Oxygen sensor”',
  )
  await expect(page.getByText(/A grommet with \d+\smm bore in “.*” saves \d+ minutes\./)).toBeVisible()
  await goTo(page, 'ECU place')
  const reach = page.getByRole('region', { name: 'Reach of every lead' })
  await expect(reach.getByRole('row', { name: /Oxygen sensor/ })).toContainText(/short by 0\.\d+\sm, must not be cut/)
  await expect(reach.getByRole('row', { name: /Idle valve/ })).toContainText('reaches')
})

test('circuits of one’s own, and leads of a kit', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy with a circuit of its own')
  await bench.openStation(id, 'harness/circuits')
  await page.getByRole('button', { name: 'Add circuit' }).click()
  await entry(page, 'Called').fill('Oil-pressure lamp')
  await entry(page, 'To').selectOption('ecu')
  await expect(page.getByRole('region', { name: 'Circuits of the loom' })).toContainText('Oil-pressure lamp')
  await entry(page, 'Made from').selectOption('kit')
  await page.getByRole('button', { name: 'Add lead' }).click()
  await entry(page, 'Length as delivered').fill('1.7')
  await entry(page, 'Length as delivered').press('Enter')
  await entry(page, 'Not used on this car').selectOption('yes')
  await entry(page, 'What it waits for, and where it is stowed').fill('a second sensor, behind the dash')
  await expect(bench.judgement).toContainText('Unused lead not capped')
})

test('noise: a run that was measured adds up, and what is over its budget is said where it is', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.carrier, 'Copy beside the coil')
  await bench.openStation(id, 'harness/noise')
  const exposures = page.getByRole('region', { name: 'Exposure against budget' })
  await expect(exposures.getByRole('row').nth(1)).toContainText('Within')
  await page.getByRole('button', { name: 'Add run' }).click()
  await entry(page, 'Wire').selectOption('crank-signal')
  await entry(page, 'Beside').selectOption('ignition')
  await entry(page, 'Length').fill('1.2')
  await entry(page, 'Length').press('Enter')
  await entry(page, 'Spacing, nearest').fill('10 mm')
  await entry(page, 'Spacing, nearest').press('Enter')
  await expect(exposures.getByRole('row').nth(1)).toContainText(/Crank sensor, signal.*Over.*measured run/)
  await expect(bench.judgement).toContainText('Crank sensor, signal picks up too much')
  // Led across squarely it adds nothing.
  await entry(page, 'Angle between them').fill('90')
  await entry(page, 'Angle between them').press('Enter')
  await expect(exposures.getByRole('row').nth(1)).toContainText('Within')
  await entry(page, 'Shields earthed').selectOption('both-ends')
  await expect(bench.judgement).toContainText('Shields earthed at both ends')
})

test('cut and label: lists that follow the loom, cavities, old wires; files of the bench', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.carrier, 'Copy on the bench')
  await bench.openStation(id, 'harness/cut')
  const list = page.getByRole('region', { name: 'Wire list' })
  await expect(list.getByRole('row').nth(1)).toContainText('ECU feed')
  await entry(page, 'Plug').selectOption('fuel-pump')
  await entry(page, '6 Pump feed').fill('B')
  await expect(list).toContainText('FUEL PUMP/B')
  await entry(page, 'Wire bought in lengths of').fill('2')
  await entry(page, 'Wire bought in lengths of').press('Enter')
  await expect(bench.judgement).toContainText('Wire longer than what is bought at once')
  await page.getByRole('button', { name: 'List what this car is likely to have' }).click()
  await expect(bench.judgement).toContainText('Old wire undecided')
  for (const file of ['Wire list as CSV', 'Cut list as CSV', 'Labels, A4']) {
    const download = page.waitForEvent('download')
    await page.getByRole('link', { name: file }).click()
    expect((await download).suggestedFilename()).toMatch(/Copy on the bench, .*\.(csv|pdf)$/)
  }
  // A device more: the loom is not that of this car any more, and the next one is a link away.
  await goTo(page, 'Circuits')
  await entry(page, 'Display fitted').selectOption('yes')
  await goTo(page, 'Cut and label')
  await expect(page.getByText('The accepted loom no longer fits the car: cut nothing by it.')).toBeVisible()
  await page.getByRole('link', { name: 'tab “Routes”' }).click()
  await expect(page).toHaveURL(/harness\/routes$/)
  await expect(page.getByText('Minutes of a practised hand')).toBeVisible()
})

test('form board: as long as the loom, at any scale, as PDF, SVG and DXF', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.carrier, 'Copy on a board')
  await bench.openStation(id, 'harness/board')
  const picture = page.getByRole('img', { name: /Board 1: the loom laid flat/ })
  const widthPx = async () => Number(await picture.getAttribute('width'))
  const whole = await widthPx()
  await entry(page, 'Shown').selectOption('1')
  await expect.poll(widthPx).toBeGreaterThan(4 * whole)
  await page.getByRole('region', { name: 'Branches with their lengths' }).getByRole('button').first().press('Enter')
  await expect(page.getByRole('row').and(page.locator('[class*="outline"]'))).toHaveCount(1)
  for (const [file, ending] of [[/sheets of A4/, 'pdf'], ['SVG', 'svg'], ['DXF', 'dxf']] as const) {
    const download = page.waitForEvent('download')
    await page.getByRole('link', { name: file }).click()
    expect((await download).suggestedFilename()).toBe(`Copy on a board, form board.${ending}`)
  }
}) // prettier-ignore

test('proof: a wire in the wrong plug is found from the readings, mended, and recorded', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.carrier, 'Copy with a wire in the wrong plug')
  await bench.openStation(id, 'harness/proof')
  await expect(bench.headline).toContainText('Loom is wired wrongly')
  const finding = page.getByRole('region', { name: 'What is wrong' })
  // The meter is heard where the other wire should be.
  while ((await finding.getByRole('heading').textContent()) === 'One more reading narrows it down') {
    const asks = (await finding.textContent())!
    await finding.getByRole('button', { name: 'It rings' }).click()
    await expect(finding).not.toHaveText(asks)
    await expect(finding.getByRole('heading')).toBeVisible()
  }
  await expect(finding).toContainText(/wire \d+ \(Coolant sensor, signal\) and wire \d+ \(Intake air sensor, signal\) are swapped/i)
  await page.getByRole('button', { name: 'Record in the job log' }).click()

  // Mended and read anew.
  await page.getByRole('button', { name: 'Read it again' }).click()
  await expect(finding).toHaveCount(0)
  const first = page.getByRole('button', { name: /: all right$/ }).first()
  await first.click()
  await expect(page.getByText('clip positions read, all right so far.', { exact: false })).toBeVisible()
  await bench.saved()
  await page.goto(`${bench.address}/jobs/${id}/log`)
  await expect(page.getByText(/failed: \d+ of \d+ clip positions read, 2 readings wrong; wire/)).toBeVisible()
}) // prettier-ignore

test('on a phone the tab and the station that one is at are in sight', async ({ page, bench }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await bench.openStation(DEMO.carrier, 'harness/proof')
  const [tabs, rail] = ['Tabs of the harness', 'Stations'].map((name) => page.getByRole('navigation', { name }))
  await expect(tabs!.getByRole('link', { name: 'Proof and order' })).toBeInViewport({ ratio: 1 })
  await expect(rail!.getByRole('button', { name: /Design \/ Harness/ })).toBeInViewport({ ratio: 1 })
}) // prettier-ignore
