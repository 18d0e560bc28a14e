import { overflowPx, violationsInBothThemes } from './accessibility.ts'
import { Bench, expect, test } from './bench.ts'
import { OVERLAYS, SCREENS } from './screens.ts'
import { touchFaults } from './touch.ts'

const DESK = { width: 1280, height: 800 }

/** One window for all screens of a worker: they are only looked at, and what was loaded once need not be again. */
const looking = test.extend<object, { looker: { readonly bench: Bench; readonly failures: string[] } }>({
  looker: [
    async ({ browser }, use) => {
      const context = await browser.newContext({ viewport: DESK, locale: 'en-GB' })
      const page = await context.newPage()
      const failures: string[] = []
      page.on('pageerror', (e) => failures.push(e.message))
      const bench = new Bench(page, process.env['LOCHMOOR_E2E_ADDRESS']!)
      await bench.signIn()
      await use({ bench, failures })
      await context.close()
    },
    { scope: 'worker' },
  ],
})

for (const { name, path, show } of SCREENS)
  looking(`open to everybody, inside the edge of a phone and under a thumb: ${name}`, async ({ looker }) => {
    const { bench, failures } = looker
    const { page } = bench
    failures.length = 0
    await page.setViewportSize(DESK)
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
    expect(failures).toEqual([])
  })

for (const { name, path, show } of OVERLAYS)
  test(`open to everybody: ${name}`, async ({ page, bench }) => {
    await page.goto(bench.address + path)
    await show!(page, bench)
    expect(await violationsInBothThemes(page)).toEqual([])
  })
