import { overflowPx, violationsInBothThemes } from './accessibility.ts'
import { expect, test } from './bench.ts'
import { OVERLAYS, SCREENS } from './screens.ts'

for (const { name, path, show } of SCREENS)
  test(`open to everybody and inside the edge of a phone: ${name}`, async ({ page, bench }) => {
    await page.goto(bench.address + path)
    await expect(page.getByRole('heading').first()).toBeVisible()
    await page.waitForLoadState('networkidle')
    await show?.(page, bench)
    expect(await violationsInBothThemes(page)).toEqual([])
    await page.setViewportSize({ width: 390, height: 844 })
    await expect.poll(() => overflowPx(page)).toBe(0)
  })

for (const { name, path, show } of OVERLAYS)
  test(`open to everybody: ${name}`, async ({ page, bench }) => {
    await page.goto(bench.address + path)
    await show!(page, bench)
    expect(await violationsInBothThemes(page)).toEqual([])
  })
