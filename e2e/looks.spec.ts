import AxeBuilder from '@axe-core/playwright'
import { DEMO, expect, test } from './bench.ts'

for (const colorScheme of ['light', 'dark'] as const)
  test.describe(colorScheme, () => {
    test.use({ colorScheme })
    test(`no accessibility violation, ${colorScheme}`, async ({ page, bench }) => {
      const check = async () => {
        const { violations } = await new AxeBuilder({ page }).analyze()
        expect(violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).join(', ')}`)).toEqual([])
      }
      await page.goto(bench.address)
      await expect(page.getByRole('link', { name: 'Brindle Carrier van' })).toBeVisible()
      await check()
      await bench.open(DEMO.curlew)
      await check()
      await bench.judgement.getByRole('button', { name: 'Working: return' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
      await check()
      await page.keyboard.press('Escape')
      await page.keyboard.press('Control+k')
      await expect(page.getByPlaceholder('What do you want to do?')).toBeVisible()
      await check()
    })
  })

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
  await page.goto(bench.address)
  await page.getByRole('button', { name: 'Change to the dark theme' }).click()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
  await page.reload()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })
  test('nothing runs over the edge and the three parts can be reached', async ({ page, bench }) => {
    await bench.open(DEMO.carrier)
    const overflow = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    )
    expect(overflow).toBe(0)
    await page.getByRole('link', { name: 'Measured' }).click()
    await expect(bench.field('Name of the car')).toBeInViewport()
    await expect(bench.headline).toBeInViewport()
    await page.getByRole('link', { name: 'Judgement', exact: true }).click()
    await expect(bench.judgement.getByRole('heading', { name: 'Judgement' })).toBeInViewport()
  })
})
