import type { Page } from '@playwright/test'
import { overflowPx, violationsInBothThemes, violationsOf } from './accessibility.ts'
import { Bench, expect, test } from './bench.ts'
import { drawnAnew, noteWhatStoppedDrawing } from './drawing.ts'
import { OVERLAYS, SCREENS } from './screens.ts'
import { textFaults } from './textFaults.ts'
import { touchFaults } from './touch.ts'

const DESK = { width: 1280, height: 800 }
/** A desk on which nothing has to be scrolled to be seen, a phone, and a tablet. */
const SIZES = [
  { width: 1280, height: 3200 },
  { width: 390, height: 844 },
  { width: 768, height: 1024 },
] as const
/** What a page says while it is not there yet. */
const NOT_YET = /^(Loading|Opening|Checking)\b.*…$/

/** To a screen within the page, as links lead there; the page is loaded where it is not there yet. */
const goTo = async ({ address, page }: Bench, path: string): Promise<void> => {
  if (!page.url().startsWith(`${address}/`)) return void (await page.goto(address + path))
  await page.evaluate((to) => {
    document.querySelector('h1')?.setAttribute('data-left', '')
    history.pushState(null, '', to)
    dispatchEvent(new PopStateEvent('popstate', { state: null }))
  }, path)
  // The screen before is shown until the next one is drawn. Screens of one job share its heading.
  await expect(
    /^.(jobs|catalogue)./.test(path)
      ? page.locator(`a[aria-current="page"][href="${path}"]`).first()
      : page.locator('h1:not([data-left])'),
  ).toBeAttached()
}

/** Waits until a screen has all that it shows. */
const settled = async (page: Page): Promise<void> => {
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible()
  await expect(page.getByText(NOT_YET)).toHaveCount(0)
  await page.evaluate(() => document.fonts.ready)
}

const inTheme = async (page: Page, colorScheme: 'light' | 'dark'): Promise<void> => {
  await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' })
  await page.waitForFunction((theme) => document.documentElement.dataset['theme'] === theme, colorScheme)
}

/** One window for all screens of a worker: they are only looked at, and what was loaded once need not be again. */
const looking = test.extend<{ drawing: void }, { looker: { readonly bench: Bench; readonly failures: string[] } }>({
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
  drawing: [
    async ({ looker: _, browser }, use, info) => {
      await use()
      await noteWhatStoppedDrawing(browser, info)
    },
    { auto: true },
  ],
})

for (const { name, path, show } of SCREENS)
  looking(`open to everybody, inside the edge of a phone and under a thumb: ${name}`, async ({ looker }) => {
    const { bench, failures } = looker
    const { page } = bench
    failures.length = 0
    await page.setViewportSize(DESK)
    await goTo(bench, path)
    await settled(page)
    await show?.(page, bench)
    const faults: string[] = []
    for (const theme of ['light', 'dark'] as const) {
      await inTheme(page, theme)
      // The themes differ in colours alone: every other rule is asked once.
      const violations = await violationsOf(page, theme === 'light' ? undefined : ['color-contrast'])
      faults.push(...violations.map((v) => `${theme}: ${v}`))
      // Where nothing moves between themes the narrowest room is asked of both.
      for (const size of theme === 'light' ? SIZES : SIZES.filter((s) => s.width < 400)) {
        await page.setViewportSize(size)
        // Tables and drawings see their new room with the next picture.
        await drawnAnew(page)
        faults.push(...(await textFaults(page)).map((f) => `${theme}, ${size.width} px: ${f}`))
        if (theme === 'dark' || size.width > 1023) continue
        await expect.poll(() => overflowPx(page)).toBe(0)
        faults.push(...(await touchFaults(page)).map((f) => `${size.width} px: ${f}`))
      }
      await page.setViewportSize(DESK)
    }
    await inTheme(page, 'light')
    expect(faults).toEqual([])
    expect(failures).toEqual([])
  })

for (const { name, path, show } of OVERLAYS)
  test(`open to everybody: ${name}`, async ({ page, bench }) => {
    await page.goto(bench.address + path)
    await show!(page, bench)
    expect(await violationsInBothThemes(page)).toEqual([])
    expect(await textFaults(page)).toEqual([])
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
