// throwaway
import { chromium } from '@playwright/test'
const [,, path, out, w='1280', h='800', theme='light', ...acts] = process.argv
const b = await chromium.launch({ executablePath:'/usr/bin/chromium', args:['--no-sandbox','--disable-gpu','--disable-quic','--no-first-run','--disable-background-networking','--disable-component-update','--disable-sync'] })
const p = await b.newPage({ viewport:{width:+w,height:+h}, colorScheme: theme })
p.on('console', m => ['error','warning'].includes(m.type()) && console.log('console', m.text()))
p.on('pageerror', e => console.log('pageerror', e.message))
if(!process.env.OUT){await p.goto('http://127.0.0.1:4600/jobs'); await p.waitForTimeout(500); await p.getByRole('button',{name:process.env.AS||'As the owner'}).click(); await p.waitForTimeout(500)}; await p.goto('http://127.0.0.1:4600'+path)
await p.waitForTimeout(700)
for (const a of acts) { await eval(`(async()=>{${a}})()`); await p.waitForTimeout(250) }
await p.screenshot({ path: '/tmp/shots/'+out+'.png', fullPage: false })
console.log(await p.evaluate(()=>({sw:document.documentElement.scrollWidth,cw:document.documentElement.clientWidth})))
await b.close()
