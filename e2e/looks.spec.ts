import { overflowPx } from './accessibility.ts'
import { DEMO, expect, test } from './bench.ts'

test('the headline stays in sight at the end of every column', async ({ page, bench }) => {
  await bench.open(DEMO.curlew)
  await bench.field('Connectors and tees').last().scrollIntoViewIfNeeded()
  await expect(bench.field('Connectors and tees').last()).toBeInViewport()
  await expect(bench.headline).toBeInViewport()
  const height = await page.evaluate(
    () => document.documentElement.scrollHeight - document.documentElement.clientHeight,
  )
  expect(height).toBe(0)
})

test('the theme can be chosen and is remembered', async ({ page, bench }) => {
  await bench.signInAsNewPerson()
  await page.goto(bench.address)
  await page.getByRole('button', { name: 'Change to the dark theme' }).click()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
  await page.reload()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
})

test('on a phone the three parts of a bench can be reached, the headline stays in sight', async ({ page, bench }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await bench.open(DEMO.carrier)
  expect(await overflowPx(page)).toBe(0)
  await page.getByRole('link', { name: 'Measured' }).click()
  await expect(bench.field('Name of the car')).toBeInViewport()
  await expect(bench.headline).toBeInViewport()
  await page.getByRole('link', { name: 'Assessment', exact: true }).click()
  await expect(bench.judgement.getByRole('heading', { name: 'Assessment' })).toBeInViewport()
})
