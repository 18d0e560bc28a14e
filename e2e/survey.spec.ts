import type { Page } from '@playwright/test'
import { overflowPx, violationsInBothThemes } from './accessibility.ts'
import { Bench, DEMO, expect, test } from './bench.ts'
import { textFaults } from './textFaults.ts'

const unfold = (page: Page, title: string) => page.locator('summary', { hasText: title }).first().click()
const picture = async (page: Page, name: string) => ({ name, mimeType: 'image/png', buffer: await page.screenshot() })
const fileFrom = async (page: Page, link: string): Promise<string> => {
  const download = page.waitForEvent('download')
  await page.getByRole('link', { name: link }).click()
  const stream = await (await download).createReadStream()
  return (await stream.toArray()).join('')
}

test('the survey in full: what is ticked, what comes out first, baseline, means, facts; photographs; sheet and CSV', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.plover, 'Copy to be surveyed')
  await bench.openStation(id, 'walk-around')
  const measured = page.getByRole('region', { name: 'Measured' })

  // A tick that says there is none stands alone.
  await unfold(page, 'Intake')
  const vacuum = measured.getByRole('group', { name: 'On vacuum now' })
  await vacuum.getByLabel('Brake servo').check()
  await vacuum.getByLabel('Heater flaps').check()
  await vacuum.getByLabel('Nothing').check()
  await expect(vacuum.getByLabel('Brake servo')).not.toBeChecked()
  await vacuum.getByLabel('Brake servo').check()
  await expect(vacuum.getByLabel('Nothing')).not.toBeChecked()

  await unfold(page, 'What must come out first')
  await measured.getByRole('button', { name: 'Add part in the way' }).click()
  await measured.getByLabel('Called', { exact: true }).fill('Rear seat')
  await measured.getByLabel('Out and in again', { exact: true }).fill('40')
  await page.keyboard.press('Tab')
  await measured.getByRole('button', { name: 'Add fastener' }).click()
  await measured.getByLabel('How many', { exact: true }).fill('2')
  await page.keyboard.press('Tab')

  await unfold(page, 'What you have')
  await measured.getByLabel('The car goes up on', { exact: true }).selectOption('none')
  const before = page.getByRole('region', { name: 'Before the work' })
  await expect(before).toContainText('Nothing to put the car up on')
  await measured.getByLabel('The car goes up on', { exact: true }).selectOption('stands')
  await expect(before).not.toContainText('Nothing to put the car up on')
  // Forty minutes and half an hour for the fastener, to the next quarter.
  await expect(before).toContainText('What must come out first')
  await expect(before).toContainText(/1\.3\sh/)

  await unfold(page, 'Baseline, carburettor still on')
  await expect(before).toContainText('Baseline not taken yet')
  for (const [label, typed] of [['Speed at idle', '780'], ['Vacuum at that idle', '18 in Hg'], ['Mixture at that idle', '13.2 afr'], ['Coolant, warm', '84'], ['Volts at that idle', '13.7']] as const) { await bench.field(label).fill(typed); await page.keyboard.press('Tab') } // prettier-ignore
  await expect(before).toContainText('Baseline taken')
  await bench.field('Coolant, warm').fill('40')
  await page.keyboard.press('Tab')
  await expect(before).toContainText('Baseline does not hold together')
  await bench.field('Coolant, warm').fill('84')
  await page.keyboard.press('Tab')

  await unfold(page, 'Vehicle')
  await measured.getByRole('group', { name: 'What the car is for' }).getByLabel('Towing').check()
  await expect(page.getByRole('region', { name: 'Tried at hand-over' })).toContainText('A long hill with the trailer')

  await unfold(page, 'Owner and papers')
  await measured.getByLabel('Owner', { exact: true }).first().fill('M. Birkett')
  await measured.getByRole('group', { name: 'Printed on papers' }).getByLabel('Owner').check()

  // Two photographs at once, at the test they belong to.
  await page.getByRole('link', { name: 'Tests' }).click()
  await measured.getByLabel('Photographs: Makeshift exhaust repairs', { exact: true }).and(page.locator('input')).setInputFiles([await picture(page, 'one.png'), await picture(page, 'two.png')]) // prettier-ignore
  await expect(measured.getByText('2 photographs in the job log')).toBeVisible()
  // They are shown where they belong, and open at a press.
  const shown = measured.getByRole('list', { name: 'Photographs: Makeshift exhaust repairs' })
  await expect(shown.getByRole('button')).toHaveCount(2)
  await shown.getByRole('button', { name: 'Open the photograph: Makeshift exhaust repairs, 1 of 2' }).click()
  await expect(page.getByRole('dialog').getByRole('img')).toBeVisible()
  await page.getByRole('button', { name: 'Close', exact: true }).click()
  await measured.getByRole('group', { name: 'Makeshift repairs of the exhaust' }).getByLabel('Wire').check()
  await expect(bench.judgement).toContainText('Mended with wire')
  await bench.saved()

  const csv = await fileFrom(page, 'Survey as CSV')
  expect(csv).toMatch(/Speed at idle,780\srpm,780,what hand-over is compared with,walkAround\.baseline\.idleRpm/)
  expect(csv).not.toContain('Birkett')
  expect(await fileFrom(page, 'Walk-around sheet, A4')).toMatch(/^%PDF/)
  const { records } = (await bench.api('GET', `/jobs/${id}/records?kind=photo`)) as { records: { body: { field: string; text: string } }[] } // prettier-ignore
  expect(records.map((r) => [r.body.field, r.body.text])).toEqual([
    ['walkAround.tests.exhaustRepairs', 'Makeshift exhaust repairs, 2 of 2'],
    ['walkAround.tests.exhaustRepairs', 'Makeshift exhaust repairs, 1 of 2'],
  ])
  // Whose car it is stands in no log.
  expect(JSON.stringify(await bench.api('GET', `/jobs/${id}/records`))).not.toContain('Birkett')
  expect(await bench.stored(id, 'facts')).toMatchObject({ owner: 'M. Birkett', onPapers: ['owner'] })
})

test('further inputs, a later stage, the ECU as delivered', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.turnstone, 'Copy with extras')
  await bench.openStation(id, 'system')
  const wanted = page.getByRole('group', { name: 'Wanted of the ECU' })
  await wanted.getByLabel('Knock sensor').check()
  const judged = page.getByRole('region', { name: 'Assessment', exact: true })
  await expect(judged).toContainText('Thwaite T2, fuel and one coil')
  await expect(judged).toContainText('lacks no knock input')
  await page.getByRole('group', { name: 'Left for a later stage' }).getByLabel('Further inputs and outputs').check()
  await expect(judged).toContainText('Stage 1: run works by itself')
  await expect(judged).toContainText('Stage 2: extras does not work')
  await wanted.getByLabel('Knock sensor').uncheck()
  await wanted.getByLabel('Brake switch').check()
  await expect(judged).toContainText('Stage 2: extras works by itself')

  await page.getByLabel(/^Pump switch is at/).fill('2')
  await expect(judged).toContainText('Pump switch set for another fuel loop')
  await page.getByLabel(/^Pump switch is at/).fill('1')
  await expect(judged).toContainText('Pump switch set for this fuel loop')
  await bench.saved()
  expect(await fileFrom(page, 'System sheet, A4')).toMatch(/^%PDF/)
  await bench.byRail('Harness')
  await page.getByRole('link', { name: 'Circuits' }).click()
  await expect(page.getByText('Brake switch').first()).toBeVisible()
})

test('the tank is strapped up once the pump was heard; a second fuel is judged with the first', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.warden, 'Copy with two fuels')
  await bench.openStation(id, 'fuel/tank')
  await expect(page.getByText('The tank is strapped up once the pump was heard.')).toBeVisible()
  await bench.field('Pump at key-on, tank still down').selectOption('silent')
  await expect(bench.judgement).toContainText('Pump silent at key-on')
  await expect(bench.field('Tank strapped up')).toHaveCount(0)
  await bench.field('Pump at key-on, tank still down').selectOption('hums')
  await bench.field('Tank strapped up').selectOption('yes')
  await expect(bench.judgement).toContainText('Pump heard at key-on')
  await bench.field('Earth at the new plate').selectOption('nothing')
  await page.getByRole('button', { name: 'Try: Give the sender an earth lead of its own' }).first().click()
  await expect(bench.judgement).toContainText('Sender has an earth of its own')

  await page.getByRole('link', { name: 'Pressure' }).click()
  await bench.field('Ethanol in a second fuel').fill('30')
  await page.keyboard.press('Tab')
  await page.getByRole('link', { name: 'Choose parts' }).click()
  await expect(bench.judgement).toContainText(/second fuel/)
  await bench.saved()
  const { records } = (await bench.api('GET', `/jobs/${id}/records?field=fuel.tank.pumpHeard`)) as { records: { body: { text: string } }[] } // prettier-ignore
  expect(records.map((r) => r.body.text)).toContain('hums and stops')
})

test('a bung as found is judged, and used on record; the trip, the leads and the coating', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.turnstone, 'Copy with an old bung')
  await bench.openStation(id, 'exhaust/spots')
  await bench.field('A bung is there already').selectOption('yes')
  await expect(bench.judgement).toContainText('Bung as found not measured')
  await bench.field('It sits on').selectOption('common')
  await bench.field('Middle, along the pipe').fill('120')
  await page.keyboard.press('Tab')
  // The first is what is typed over: a clock position below level.
  await bench.page
    .getByRole('group', { name: 'Bung as found' })
    .getByLabel('Clock position', { exact: true })
    .fill('180')
  await page.keyboard.press('Tab')
  // The sensor sits elsewhere already.
  await expect(bench.judgement).toContainText('Bung as found not used')
  await bench.field('Used as it is').selectOption('yes')
  await expect(bench.picture.getByText('bung as found', { exact: true })).toBeVisible()
  await expect(bench.judgement).toContainText('Reason for using the bung missing')
  await bench.field('Because').fill('no room elsewhere on this body')
  await page.keyboard.press('Tab')
  await expect(bench.judgement).toContainText('Bung as found used on record')

  await page.getByRole('link', { name: 'Fitting' }).click()
  const decided = page.getByRole('region', { name: 'Decided' })
  await decided.getByLabel('Sensor fitting', { exact: true }).selectOption('weld')
  await decided.getByLabel('Driven to the welder with', { exact: true }).selectOption('sensor-unpowered')
  await expect(bench.judgement).toContainText('Unpowered sensor in a running exhaust')
  await page.getByRole('button', { name: 'Try: Close the hole with the blanking plug' }).first().click()
  await expect(bench.judgement).toContainText('Plugged for the trip')
  await decided.getByLabel('Leads', { exact: true }).selectOption('sensor-lead-cut')
  await expect(bench.judgement).toContainText('Calibrated lead cut')
  await decided.getByLabel('Coating or wrap goes on', { exact: true }).selectOption('before-holes')
  await expect(bench.judgement).toContainText('Coated before the last hole')
  await bench.saved()
  const { records } = (await bench.api('GET', `/jobs/${id}/records?kind=deviation`)) as { records: { body: { reason: string } }[] } // prettier-ignore
  expect(records.map((r) => r.body.reason)).toEqual(['no room elsewhere on this body'])
})

test('parts of the job: when, from whom, for how much, what came, and whether it goes in', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.curlew, 'Copy that is ordered')
  await page.goto(`${bench.address}/jobs/${id}/parts`)
  const list = page.getByRole('region', { name: 'Parts of the job' })
  await list.getByRole('button', { name: 'Bield R1 low' }).click()
  const order = page.getByRole('complementary', { name: 'Order of a part' })
  // To look at a part enters nothing.
  await expect(order).toContainText('Bield R1 low')
  expect(await bench.stored(id, 'orders')).toMatchObject({ purchases: [] })
  await order.getByRole('button', { name: 'Enter its order' }).click()
  await expect(list.getByRole('row', { name: /Bield R1 low/ })).toContainText('not said')
  await order.getByLabel('Buy', { exact: true }).selectOption('now')
  await order.getByLabel('Supplier', { exact: true }).fill('Fellside Fuel Parts')
  await order.getByLabel('Price, all of it', { exact: true }).fill('62.5')
  await page.keyboard.press('Tab')
  await order.getByLabel('Currency of all prices', { exact: true }).fill('EUR')
  await expect(list).toContainText(/62\.50\s*EUR/)
  await order.getByLabel('Largest dimension', { exact: true }).fill('90')
  await page.keyboard.press('Tab')
  await order.getByLabel('Room at its place', { exact: true }).fill('80')
  await page.keyboard.press('Tab')
  await expect(list).toContainText(/90\smm does not go into 80\smm/)
  await order.getByLabel('Delivered', { exact: true }).selectOption('damaged')
  await expect(list).toContainText('It came damaged')
  await bench.saved()
  const csv = await fileFrom(page, 'Parts and orders as CSV')
  expect(csv).toMatch(/Bield R1 low,1,given,.*,now,Fellside Fuel Parts,62\.5,EUR,damaged,not yet,no,/)
  await order.getByRole('button', { name: 'Remove what is entered here' }).click()
  await expect(list).toContainText('0 priced')
  // Whichever line is pressed, at a desk and on a phone, its order is in sight and next for the keyboard.
  for (const width of [1280, 390]) {
    await page.setViewportSize({ width, height: 800 })
    await list.getByRole('button').last().click()
    const enter = order.getByRole('button', { name: 'Enter its order' })
    await expect(enter).toBeInViewport()
    await page.keyboard.press('Tab')
    await expect(enter).toBeFocused()
    await list.getByRole('button').last().click()
    await expect(enter).toBeInViewport()
    await enter.press('Enter')
    await expect(order.getByLabel('Buy', { exact: true })).toBeFocused()
    await order.getByRole('button', { name: 'Remove what is entered here' }).click()
    await list.getByRole('button').first().click()
  }
})

test('the job log has a kind for each thing that is lost else; what was done for now holds up hand-over', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf(DEMO.turnstone, 'Copy to be handed over')
  await page.goto(`${bench.address}/jobs/${id}/log`)
  const form = page.getByRole('complementary', { name: 'New entry' })
  const rows = page.getByRole('region', { name: 'Job log' }).getByRole('listitem')
  const kind = (name: string) => form.getByRole('button', { name, exact: true }).click()
  const enter = () => form.getByRole('button', { name: 'Add entry' }).click()
  await kind('Deviation')
  await form.getByLabel('What is done otherwise').fill('Pump fused at 15 A')
  await expect(form.getByRole('button', { name: 'Add entry' })).toBeDisabled()
  await form.getByLabel('Because').fill('Long thin feed')
  await form.getByLabel('What it risks').fill('A warm fuse')
  await enter()
  await expect(rows.first()).toContainText('Risk: A warm fuse')
  await kind('Hearsay')
  await form.getByLabel('What was said').fill('Rebuilt in 1990')
  await form.getByLabel('By whom').fill('the last owner')
  await enter()
  await expect(rows.first()).toContainText('Said by the last owner; not measured')
  await kind('Altered permanently')
  await form.getByLabel('What was altered permanently').fill('Hole in the bulkhead')
  await enter()
  await kind('As delivered')
  await form.getByLabel('What was delivered').fill('ECU')
  await form.getByLabel('Revision, switch positions').fill('hardware C, pump switch at 1')
  await enter()
  await expect(rows).toHaveCount(4)
  await kind('Done for now')
  await form.getByLabel('What is fixed for now').fill('Fuel hose on a cable tie')
  await form.getByLabel('A danger').check()
  await enter()
  await expect(rows.first()).toContainText('A danger')
  await page.getByLabel('Kind of entry').selectOption('for-now')
  await expect(rows).toHaveCount(1)

  await page.getByRole('button', { name: /^State: / }).click()
  const state = page.getByRole('dialog', { name: 'State' })
  await state.getByLabel('State', { exact: true }).selectOption('handed-over')
  await expect(state).toContainText('Not handed over: Fuel hose on a cable tie')
  await page.keyboard.press('Escape')
  await page.getByRole('button', { name: /^Correct: Fuel hose/ }).click()
  await form.getByRole('button', { name: 'Void entry' }).click()
  await bench.saved()
  await page.getByRole('button', { name: /^State: / }).click()
  await state.getByLabel('State', { exact: true }).selectOption('handed-over')
  // What was wanted of the car is tried first; with one not passed it takes a reason.
  await expect(state).toContainText('points are against handing over now')
  const tried = state.getByRole('group', { name: 'Tried and passed' }).getByRole('checkbox')
  for (const box of (await tried.all()).slice(1)) await box.check()
  await state.getByRole('button', { name: 'Hand over anyway' }).click()
  await expect(state).toContainText('Say why in a few words')
  await tried.first().check()
  await state.getByRole('button', { name: 'Hand over', exact: true }).click()
  // It was never ordered, and that is asked as well.
  await state.getByRole('button', { name: 'The parts are ordered' }).click()
  await bench.saved()
  expect(await bench.stored(id, 'work')).toMatchObject({
    state: 'handed-over',
    passed: ['anybody', 'idle', 'cruise', 'intake-air', 'long-trip'],
  })
})

test('on a phone the menu of the job has its state, and takes the last edit back', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.turnstone, 'Copy on a phone')
  await page.setViewportSize({ width: 390, height: 844 })
  await bench.openStation(id, 'walk-around')
  const menu = page.getByRole('button', { name: 'This job' })
  await menu.click()
  await page.getByRole('menuitem', { name: 'State: Enquiry' }).click()
  const state = page.getByRole('dialog', { name: 'State of the job' })
  await state.getByLabel('State', { exact: true }).selectOption('surveyed')
  expect(await overflowPx(page)).toBe(0)
  await state.getByRole('button', { name: 'Close' }).click()
  await bench.saved()
  expect(await bench.stored(id, 'work')).toMatchObject({ state: 'surveyed' })
  await menu.click()
  await page.getByRole('menuitem', { name: 'Undo state of work' }).click()
  await menu.click()
  await expect(page.getByRole('menuitem', { name: 'State: Enquiry' })).toBeVisible()
})

test('a guest reads a summary and the log, and nothing of the owner or of prices', async ({ bench, browser }) => {
  const id = DEMO.curlew
  const { path } = (await bench.api('POST', `/jobs/${id}/guest-links`, { days: 3 })) as { path: string }
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } })
  const guest = new Bench(await context.newPage(), bench.address)
  await guest.page.goto(`${bench.address}${path}`)
  const summary = guest.page.getByRole('article', { name: 'Summary' })
  await expect(summary).toContainText('Walk-around: checked')
  await expect(summary).toContainText('Two hours at cruising speed')
  expect(await overflowPx(guest.page)).toBe(0)
  expect(await violationsInBothThemes(guest.page)).toEqual([])
  expect(await textFaults(guest.page)).toEqual([])
  await expect(guest.page.getByRole('navigation', { name: 'Stations' })).toHaveCount(0)
  await guest.page.goto(`${bench.address}/jobs/${id}/fuel`)
  await expect(summary).toBeVisible()
  const job = await (await guest.page.request.get(`${bench.address}/api/jobs/${id}`)).text()
  expect(job).toContain('Aldmoor Curlew GT')
  for (const secret of ['Wharfe', '01632', 'CRL 69', 'GT6-004417', 'Fellside Fuel Parts', '"price":138'])
    expect(job).not.toContain(secret)
  await guest.page.getByRole('link', { name: 'Job log' }).first().click()
  await expect(guest.page.getByRole('region', { name: 'Job log' })).toBeVisible()
  await context.close()
})
