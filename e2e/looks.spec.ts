import type { Page } from '@playwright/test'
import { DEMO, expect, test, violationsOf } from './bench.ts'

/** Every screen, with what makes it show all it has. */
const SCREENS: readonly (readonly [path: string, act?: (page: Page) => Promise<void>])[] = [
  ['/jobs'],
  ['/account'],
  ['/workshop'],
  [`/jobs/${DEMO.carrier}/walk-around`],
  [`/jobs/${DEMO.carrier}/walk-around`, (page) => page.getByRole('tab', { name: /Tests/ }).click()],
  [`/jobs/${DEMO.curlew}/system`],
  [`/jobs/${DEMO.curlew}/fuel`],
  [`/jobs/${DEMO.curlew}/log`],
  [`/jobs/${DEMO.curlew}/history`],
  ['/nowhere'],
  ['/invitation/nosuchtokennosuchtoken'],
  ['/guest/nosuchtokennosuchtoken'],
]

for (const colorScheme of ['light', 'dark'] as const)
  test.describe(colorScheme, () => {
    test.use({ colorScheme })
    for (const [path, act] of SCREENS)
      test(`no accessibility violation on ${path}${act ? ', opened' : ''}, ${colorScheme}`, async ({ page, bench }) => {
        await page.goto(bench.address + path)
        await expect(page.getByRole('heading').first()).toBeVisible()
        await page.waitForLoadState('networkidle')
        await act?.(page)
        expect(await violationsOf(page)).toEqual([])
      })

    test(`no accessibility violation in what opens over the screens, ${colorScheme}`, async ({ page, bench }) => {
      await bench.open(DEMO.curlew)
      const check = async () => {
        expect(await violationsOf(page)).toEqual([])
        await page.keyboard.press('Escape')
      }
      await bench.judgement.getByRole('button', { name: 'Working: return' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
      await check()
      await page.keyboard.press('Control+k')
      await expect(page.getByPlaceholder('What do you want to do?')).toBeVisible()
      await check()
      await page.getByRole('button', { name: 'This job' }).click()
      await page.getByRole('menuitem', { name: 'Links for guests' }).click()
      await expect(page.getByText('No link is open')).toBeVisible()
      await check()
      await page.getByRole('button', { name: /^Account/ }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
      await check()
      await page.context().clearCookies()
      await page.goto(bench.address)
      await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
      expect(await violationsOf(page)).toEqual([])
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
  await bench.signInAsNewPerson()
  await page.goto(bench.address)
  await page.getByRole('button', { name: 'Change to the dark theme' }).click()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
  await page.reload()
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })
  test('nothing runs over the edge and the three parts can be reached', async ({ page, bench }) => {
    const overflow = () =>
      page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
    for (const path of [
      '/jobs',
      '/workshop',
      `/jobs/${DEMO.carrier}/walk-around`,
      `/jobs/${DEMO.curlew}/system`,
      `/jobs/${DEMO.curlew}/log`,
      `/jobs/${DEMO.curlew}/history`,
    ]) {
      await page.goto(bench.address + path)
      await page.waitForLoadState('networkidle')
      expect([path, await overflow()]).toEqual([path, 0])
    }
    await bench.open(DEMO.carrier)
    expect(await overflow()).toBe(0)
    await page.getByRole('link', { name: 'Measured' }).click()
    await expect(bench.field('Name of the car')).toBeInViewport()
    await expect(bench.headline).toBeInViewport()
    await page.getByRole('link', { name: 'Judgement', exact: true }).click()
    await expect(bench.judgement.getByRole('heading', { name: 'Judgement' })).toBeInViewport()
  })
})
