import { expect, test } from './bench.ts'

test('from an empty job to a judgement, with mixed units and the keyboard alone', async ({ page, bench }) => {
  await page.goto(bench.address)
  await page.getByLabel('Name of the car').focus()
  await page.keyboard.type('Thornkeld roadster')
  await page.keyboard.press('Enter')
  await expect(
    page.getByRole('navigation', { name: 'Stations' }).getByRole('button', { name: /^Design/ }),
  ).toBeVisible()
  await page.keyboard.press('f')
  await expect(bench.headline).toContainText('Choose a pump')

  const enter = async (label: string, text: string, understood: string) => {
    await bench.field(label).focus()
    await page.keyboard.type(text)
    await page.keyboard.press('Enter')
    await expect(bench.field(label)).toHaveValue(text)
    if (text !== understood) await expect(page.locator('#measured').getByText(`= ${understood}`)).toBeVisible()
  }
  await enter('Cylinders', '4', '4')
  await enter('Displacement', '122 cu in', '1.9992')
  await enter('Target power', '98 hp', '73.08')
  await enter('At engine speed', '5200', '5200')
  await enter('Idle speed', '850', '850')
  await enter('Set pressure', '14.5 psi', '99.974')
  const choose = async (label: string, option: string | RegExp, which = 0) => {
    const select = bench.field(label).nth(which)
    const value = await select.locator('option').filter({ hasText: option }).first().getAttribute('value')
    await select.selectOption(value)
  }
  await choose('Regulator', 'Bield R1')
  await choose('Pump', 'Ousel L100')
  await expect(bench.headline).toContainText('Choose the feed hose')
  await choose('Hose or tube', 'Wath lined hose dash 6', 0)
  await choose('Hose or tube', 'Wath lined hose dash 6', 1)
  await bench.field('Length').first().fill('13 ft 6')
  await expect(page.getByText(/= 4\.1148\u2009m/)).toBeVisible()
  await bench.field('Length').last().fill('4,2')
  await choose('Strainer, before the pump', '100 micron')
  await choose('Fine filter, after the pump', '10 micron, 7')
  await choose('Injectors', 'Skell B280')
  await expect(bench.headline).toContainText('Tank vent')
  await expect(bench.judgement.getByText('Pressure maintained: full load, low voltage')).toBeVisible()
  await expect(bench.judgement.getByText('Still to measure')).toBeVisible()
  await bench.saved()

  await page.reload()
  await expect(bench.field('Displacement')).toHaveValue('122 cu in')
  await expect(bench.field('Length').first()).toHaveValue('13 ft 6')
  await expect(bench.headline).toContainText('Tank vent')
})

test('what cannot be read or is out of range is refused with the reason and stays in the field', async ({
  page,
  bench,
}) => {
  const id = await bench.copyOf('8b7d2e94-1c35-4f0b-b0a2-77d1e5a4c222', 'Copy for bad input')
  await bench.open(id)
  const measured = page.getByRole('region', { name: 'Measured' })
  const refuse = async (label: string, text: string, reason: string | RegExp) => {
    await bench.field(label).fill(text)
    await page.keyboard.press('Tab')
    await expect(measured.getByText(reason)).toBeVisible()
    await expect(bench.field(label)).toHaveValue(text)
    await expect(bench.field(label)).toHaveAttribute('aria-invalid', 'true')
  }
  await refuse('Set pressure', '90 bar', /9000\u2009kPa is not allowed here: 20\u2009kPa to 1000\u2009kPa/)
  await refuse('Idle speed', 'about 800', /is not a figure/)
  await refuse('Displacement', '4 gallons', /unit "gallons" is not one that fits here/)
  await refuse('Cylinders', '7.5', /whole numbers only/)
  await bench.openStation(id, 'fuel/tank')
  await refuse('Bore, if measured', '-7', /Dash 7 has no bore on file/)
  expect(await bench.stored(id, 'fuel')).toMatchObject({ setPressurePa: 400e3 })
  await bench.field('Bore, if measured').fill('-6')
  await expect(measured.getByText(/dash 6 hose, typically 8\.0 to 8\.7 mm/)).toBeVisible()
})

test('an empty name of a new job is refused with a sentence', async ({ page, bench }) => {
  await page.goto(bench.address)
  await page.getByRole('button', { name: 'New job' }).click()
  await expect(page.getByRole('alert')).toContainText('1 to 80 characters')
})

test('units are shown as chosen and go with the person to another browser', async ({ page, bench }) => {
  await bench.signInAsNewPerson()
  await bench.open('8b7d2e94-1c35-4f0b-b0a2-77d1e5a4c222')
  await expect(bench.field('Set pressure')).toHaveValue('400')
  await page.getByRole('button', { name: 'Units and English' }).click()
  await page.getByRole('button', { name: 'American', exact: true }).click()
  await page.keyboard.press('Escape')
  await expect(bench.field('Set pressure')).toHaveValue('58.015')
  await expect(bench.picture.getByRole('img').first()).toContainText('set 58.0\u2009psi')
  await page.reload()
  await expect(bench.field('Set pressure')).toHaveValue('58.015')
  await page.evaluate(() => localStorage.clear())
  await page.reload()
  await expect(bench.field('Set pressure')).toHaveValue('58.015')
})
