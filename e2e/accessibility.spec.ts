import { overflowPx, violationsInBothThemes } from './accessibility.ts'
import { expect, test } from './bench.ts'
import { OVERLAYS, SCREENS } from './screens.ts'
import { touchFaults } from './touch.ts'

for (const { name, path, show } of SCREENS)
  test(`open to everybody, inside the edge of a phone and under a thumb: ${name}`, async ({ page, bench }) => {
    await page.goto(bench.address + path)
    await expect(page.getByRole('heading').first()).toBeVisible()
    await page.waitForLoadState('networkidle')
    await show?.(page, bench)
    expect(await violationsInBothThemes(page)).toEqual([])
    await page.setViewportSize({ width: 390, height: 844 })
    await expect.poll(() => overflowPx(page)).toBe(0)
    expect(await touchFaults(page)).toEqual([])
    await page.setViewportSize({ width: 768, height: 1024 })
    expect(await touchFaults(page)).toEqual([])
  })

for (const { name, path, show } of OVERLAYS)
  test(`open to everybody: ${name}`, async ({ page, bench }) => {
    await page.goto(bench.address + path)
    await show!(page, bench)
    expect(await violationsInBothThemes(page)).toEqual([])
  })
