import { chromium } from '@playwright/test'
const [,, width='1280', theme='light', ...paths] = process.argv
const b = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] })
const p = await b.newPage({ viewport: { width: Number(width), height: width === '390' ? 844 : 800 } })
p.on('pageerror', e => console.log('PAGEERROR', e.message)); p.on('console', m => { if (m.type()==='error') console.log('CONSOLE', m.text()) })
const base='http://127.0.0.1:4600'
await p.request.post(base+'/api/session/demo', { data: { as: 'owner' } })
if (theme==='dark') await p.addInitScript(() => { document.documentElement.dataset.theme='dark'; new MutationObserver(()=>{ if (document.documentElement.dataset.theme!=='dark') document.documentElement.dataset.theme='dark' }).observe(document.documentElement,{attributes:true}) })
for (const spec of paths) {
  const [path, name, scroll] = spec.split('@')
  await p.goto(base + path); await p.waitForTimeout(1500)
  if (scroll) await p.evaluate(([y]) => { const e = document.querySelector('#picture'); if (e.scrollHeight > e.clientHeight) e.scrollTop = y; else window.scrollTo(0, y) }, [Number(scroll)])
  await p.waitForTimeout(300)
  console.log(name, await p.evaluate(() => [document.documentElement.scrollWidth, innerWidth]))
  await p.screenshot({ path: '/tmp/shots/' + name + '.png' })
}
await b.close()
