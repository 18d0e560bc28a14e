// @ts-check
/* global document, innerWidth */
// Builds the rail of the copy that this is run in, and measures it at three widths; prints what is wrong as JSON.
import { createServer } from 'node:http'
import { readFileSync } from 'node:fs'
import { extname, join } from 'node:path'
import { pathToFileURL } from 'node:url'

const [root = ''] = process.argv.slice(2)
/** A package as the page's own build finds it. */
const own = (/** @type {string} */ name) => import(name)
const { build } = await own('vite')
const { default: react } = await own('@vitejs/plugin-react')
const { default: tailwind } = await own('@tailwindcss/vite')
const { chromium } = await own('@playwright/test')
const { CHROMIUM } = await import(pathToFileURL(join(root, 'tools/launch/chromium.mjs')).href)

const WIDTHS = [1280, 768, 390]
const folder = import.meta.dirname
const out = join(folder, 'built')
await build({
  root: folder,
  configFile: false,
  logLevel: 'error',
  plugins: [react({ jsxImportSource: '#words' }), tailwind()],
  resolve: { conditions: ['@lochmoor/source', 'module', 'browser', 'production', 'import', 'default'] },
  build: { outDir: out, minify: false, reportCompressedSize: false },
})

/** @type {Record<string, string>} */
const TYPES = { '.html': 'text/html', '.js': 'text/javascript', '.css': 'text/css', '.woff2': 'font/woff2' }
const server = createServer((request, response) => {
  const path = new URL(request.url ?? '/', 'http://rail').pathname
  const file = path.startsWith('/assets/') ? path : '/index.html'
  response.setHeader('content-type', TYPES[extname(file)] ?? 'application/octet-stream')
  response.end(readFileSync(join(out, file)))
})
await new Promise((resolve) => server.listen(0, '127.0.0.1', () => resolve(null)))
const address = server.address()
const base = `http://127.0.0.1:${typeof address === 'object' && address ? address.port : 0}`

/** What of the rail cannot be seen or pressed: in the page. */
const faultsOfRail = () => {
  const nav = document.querySelector('nav[aria-label="Stations"]')
  if (!nav) return ['there is no rail']
  const faults = []
  if (document.documentElement.scrollWidth > innerWidth) faults.push('the page is wider than its window')
  if (nav.scrollWidth > nav.clientWidth + 1) faults.push(`the rail is ${nav.scrollWidth - nav.clientWidth} px too wide`)
  const shown = [...nav.querySelectorAll('a, button')].filter((e) => e.checkVisibility())
  const boxes = shown.map((e) => ({ said: e.textContent, box: e.getBoundingClientRect(), e }))
  boxes.forEach(({ box, e, said }, i) => {
    if (box.left < -0.5 || box.right > innerWidth + 0.5) faults.push(`${said} is out of the window`)
    if (e.scrollWidth > e.clientWidth + 1) faults.push(`${said} is cut`)
    for (const other of boxes.slice(i + 1)) {
      const wide = Math.min(box.right, other.box.right) - Math.max(box.left, other.box.left)
      const high = Math.min(box.bottom, other.box.bottom) - Math.max(box.top, other.box.top)
      if (wide > 1 && high > 1) faults.push(`${said} lies over ${other.said}`)
    }
  })
  return faults
}

const browser = await chromium.launch(CHROMIUM)
/** @type {string[]} */
const faults = []
let looks = 0
try {
  for (const colorScheme of ['light', 'dark'])
    for (const width of WIDTHS) {
      const page = await browser.newPage({ viewport: { width, height: 800 }, colorScheme })
      await page.goto(`${base}/jobs/job/walk-around`)
      const nav = page.getByRole('navigation', { name: 'Stations' })
      await nav.waitFor()
      const note = async (/** @type {string} */ when) => {
        looks++
        // With the states of all stations, which come after the first drawing.
        await page.waitForFunction(() => !document.querySelector('nav[aria-label=Stations]')?.textContent.includes('…'))
        for (const f of await page.evaluate(faultsOfRail)) faults.push(`${width} px, ${colorScheme}, ${when}: ${f}`)
      }
      const phone = width < 640
      const opener = nav.getByRole('button').first()
      if (phone) await opener.click()
      const phases = nav.getByRole('group')
      if ((await phases.count()) !== 4) faults.push(`${width} px: ${await phases.count()} phases`)
      // Every phase unfolded: all fourteen, each by its name.
      while ((await nav.getByRole('button', { expanded: false }).count()) > 0)
        await nav.getByRole('button', { expanded: false }).first().click()
      const stations = await phases.getByRole('link').all()
      if (stations.length !== 14) faults.push(`${width} px: ${stations.length} stations unfolded`)
      await note('all unfolded')
      const paths = await Promise.all(stations.map((s) => s.getAttribute('href')))
      await page.evaluate(() => localStorage.clear())
      // The themes differ in colours alone: one look in the dark one will do.
      for (const path of colorScheme === 'dark' ? [] : paths) {
        await page.goto(`${base}/jobs/job/${(path ?? '').replace(/^.*\/job\//, '')}`)
        await nav.waitFor()
        // The one that one is at, by its name; on a phone in the line that opens the rest.
        const current = phone ? opener : nav.locator('a[aria-current="page"]')
        const box = await current.boundingBox()
        if (!box || box.y < 0 || box.y + box.height > 200) faults.push(`${width} px: ${path} is not in sight`)
        await note(String(path))
      }
      await page.close()
    }
} finally {
  await browser.close()
  server.close()
}
process.stdout.write(JSON.stringify({ looks, faults }))
