import type { Page } from '@playwright/test'
import { overflowPx, violationsInBothThemes } from './accessibility.ts'
import { Bench, expect, test } from './bench.ts'
import { OVERLAYS, SCREENS } from './screens.ts'
import { textFaults } from './textFaults.ts'
import { touchFaults } from './touch.ts'

const DESK = { width: 1280, height: 800 }
/** A desk on which nothing has to be scrolled to be seen. */
const TALL = { width: 1280, height: 3200 }

/** Text that cannot be read at a width, in the light theme and in the dark one. */
const unreadable = async (page: Page, size: { width: number; height: number }): Promise<string[]> => {
  const faults: string[] = []
  await page.setViewportSize(size)
  for (const colorScheme of ['dark', 'light'] as const) {
    await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
    await page.waitForFunction((theme) => document.documentElement.dataset['theme'] === theme, colorScheme)
    faults.push(...(await textFaults(page)).map((f) => `${size.width} px, ${colorScheme}: ${f}`))
  }
  return faults
}

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
    expect(await unreadable(page, TALL)).toEqual([])
    expect(await unreadable(page, { width: 390, height: 844 })).toEqual([])
    await expect.poll(() => overflowPx(page)).toBe(0)
    expect(await touchFaults(page)).toEqual([])
    expect(await unreadable(page, { width: 768, height: 1024 })).toEqual([])
    expect(await touchFaults(page)).toEqual([])
    expect(failures).toEqual([])
  })

for (const { name, path, show } of OVERLAYS)
  test(`open to everybody: ${name}`, async ({ page, bench }) => {
    await page.goto(bench.address + path)
    await show!(page, bench)
    expect(await violationsInBothThemes(page)).toEqual([])
  })

const PLANTED: readonly (readonly [name: string, html: string, fault: string | null])[] = [
  ['nothing wrong', '<p>Rail pressure</p><p>100 kPa</p>', null],
  [
    'a label over another',
    '<p style="position:absolute;top:40px;left:40px">Rail pressure</p><p style="position:absolute;top:46px;left:60px">100 kPa</p>',
    'over each other: “Rail pressure” and “100 kPa”',
  ],
  ['a text cut by its box', '<p style="width:60px;overflow:hidden;white-space:nowrap">Rail pressure at full load</p>', 'cut off: “Rail pressure at full load”'],
  ['an entry longer than its field', '<input value="Coil feed from the key switch" style="width:60px">', 'too long for its field: “Coil feed from the key switch”'],
  ['a line through a figure', '<svg width="200" height="60"><text x="20" y="34">240 mm</text><path d="M0 30H200" stroke="black" stroke-width="2"/></svg>', 'crossed by a line: “240 mm”'],
  ['a line behind a figure with a rim', '<svg width="200" height="60"><path d="M0 30H200" stroke="black" stroke-width="2"/><text x="20" y="34" stroke="white" stroke-width="4" paint-order="stroke">240 mm</text></svg>', null],
  ['a line that something covers', '<svg width="200" height="60"><path d="M0 30H200" stroke="black"/><rect x="10" y="10" width="120" height="40" fill="white"/><text x="20" y="34">240 mm</text></svg>', null],
  ['a table pushed sideways', '<main><div aria-label="Wires" style="width:200px;overflow-x:auto"><div style="width:400px">a</div></div></main>', 'wider than its place by 200 px: “Wires”'],
  ['text under something opaque', '<p style="position:absolute;top:40px;left:40px">Rail pressure</p><p style="position:absolute;top:30px;left:30px;width:200px;height:40px;background:rgb(255,255,255)">100 kPa</p>', null],
] // prettier-ignore

for (const [name, html, fault] of PLANTED)
  looking(`what cannot be read is found: ${name}`, async ({ looker }) => {
    const { page } = looker.bench
    await page.setViewportSize(DESK)
    await page.setContent(`<body style="margin:0;font:16px sans-serif">${html}</body>`)
    expect(await textFaults(page)).toEqual(fault === null ? [] : [fault])
  })
