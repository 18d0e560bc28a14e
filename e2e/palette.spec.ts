import { DEMO, expect, test } from './bench.ts'

test('every command can be found by name: a remedy, a moment, a field, the units', async ({ page, bench }) => {
  await bench.signInAsNewPerson()
  const id = await bench.copyOf(DEMO.curlew, 'Copy for the palette')
  await bench.open(id)
  const choose = async (text: string) => {
    await page.keyboard.press('Control+k')
    await expect(page.getByPlaceholder('What do you want to do?')).toBeFocused()
    await page.keyboard.type(text)
    await page.keyboard.press('Enter')
    await expect(page.getByRole('dialog')).toHaveCount(0)
  }
  await choose('fit return fleet 6')
  await expect(bench.headline).not.toContainText('Rail pressure too high')
  await choose('undo the tried')
  await expect(bench.headline).toContainText('Rail pressure too high: cold idle')
  await choose('show full load')
  await expect(page.getByRole('button', { name: 'Full load', exact: true })).toHaveAttribute('aria-pressed', 'true')
  await choose('set pressure')
  await expect(bench.field('Set pressure')).toBeFocused()
  await choose('american units')
  await expect(bench.field('Set pressure')).toHaveValue('14.504')
  await page.keyboard.press('Control+k')
  await page.keyboard.type('there is no such thing')
  await expect(page.getByText('No matching command.')).toBeVisible()
  await page.keyboard.press('Escape')
  await choose('list of jobs')
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
})

test('single keys show moments and voltages, but not while a field is typed in', async ({ page, bench }) => {
  await bench.open(DEMO.warden)
  const pressed = (name: string | RegExp) =>
    expect(page.getByRole('button', { name, exact: true })).toHaveAttribute('aria-pressed', 'true')
  await page.keyboard.press('3')
  await pressed('Cruise')
  await page.keyboard.press('7')
  await pressed(/14\.5.*Maximum/)
  await bench.field('Year').focus()
  await page.keyboard.press('1')
  await pressed('Cruise')
  await page.keyboard.press('Escape')
})

test('single keys lead from station to station', async ({ page, bench }) => {
  await bench.open(DEMO.warden)
  for (const [key, path] of [
    ['w', 'walk-around'],
    ['s', 'system'],
    ['f', 'fuel'],
    ['l', 'log'],
    ['h', 'history'],
  ] as const) {
    await page.keyboard.press(key)
    await expect(page).toHaveURL(new RegExp(`/${path}$`))
  }
})
