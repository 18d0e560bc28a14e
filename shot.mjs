import { chromium } from '@playwright/test'
// node shot.mjs PATH NAME [w h theme acts…]; acts: click:NAME, tab:, scroll:selector:px, fill:label=value
const [path, name, w = '1280', h = '800', theme = 'light', ...acts] = process.argv.slice(2)
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
const ctx = await b.newContext({ viewport: { width: +w, height: +h }, colorScheme: theme })
const p = await ctx.newPage()
p.on('console', (m) => m.type() === 'error' && console.log('console:', m.text()))
p.on('pageerror', (e) => console.log('pageerror:', e.message))
await p.goto('http://127.0.0.1:4600/jobs')
await p.getByRole('button', { name: /owner/i }).first().click()
await p.getByRole('heading',{name:'Jobs'}).waitFor()
await p.goto('http://127.0.0.1:4600' + path)
await p.waitForTimeout(1800)
for (const a of acts) {
  const [k, v] = [a.slice(0, a.indexOf(':')), a.slice(a.indexOf(':') + 1)]
  if (k === 'click') await p.getByRole('button', { name: v }).first().click()
  if (k === 'scroll') { const [s, y] = v.split('|'); await p.locator(s).evaluate((e, n) => e.scrollTo(0, n), +y) }
  if (k === 'wait') await p.waitForTimeout(+v)
}
await p.waitForTimeout(400)
await p.screenshot({ path: `/tmp/shots/${name}.png` })
const over = await p.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
console.log('overflow x', over)
await b.close()
