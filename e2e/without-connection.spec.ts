import { createServer, request } from 'node:http'
import type { AddressInfo } from 'node:net'
import type { Page } from '@playwright/test'
import { Bench, DEMO, expect, test } from './bench.ts'

test.use({ serviceWorkers: 'allow' })

/** Waits until the browser has the whole program. */
const kept = async (page: Page): Promise<void> => {
  await page.evaluate(() => navigator.serviceWorker.ready)
  await page.waitForFunction(
    () => navigator.serviceWorker.controller !== null || caches.keys().then((k) => k.length > 0),
  )
}
const notice = (page: Page) => page.getByText('No connection.')

/** Everything that the browser keeps for the way, as one text. */
const keptText = (page: Page): Promise<string> =>
  page.evaluate(
    () =>
      new Promise<string>((resolve, reject) => {
        const open = indexedDB.open('lochmoor-along')
        open.onerror = () => reject(new Error('it cannot be opened'))
        open.onsuccess = () => {
          const all = open.result.transaction('answers').objectStore('answers').getAll()
          all.onsuccess = () => resolve(JSON.stringify(all.result) + (localStorage.getItem('lochmoor-places') ?? ''))
        }
      }),
  )

test('a reload without a network opens the job, takes edits, and sends them when it is back', async ({
  page,
  bench,
}) => {
  const context = page.context()
  const id = await bench.copyOf(DEMO.curlew, 'Taken along')
  await bench.openStation(id, 'fuel')
  await kept(page)
  await context.setOffline(true)
  await page.reload()
  await expect(bench.headline).toContainText('Rail pressure too high')
  await expect(page.getByRole('heading', { name: 'Taken along' })).toBeVisible()
  await expect(notice(page)).toBeVisible()

  await bench.field('Minimum voltage at the pump').fill('11.7')
  await page.keyboard.press('Tab')
  await expect(page.getByRole('status').filter({ hasText: /Saved in this browser|Kept here|Saved here/ })).toBeVisible()
  await page.reload()
  await expect(bench.field('Minimum voltage at the pump')).toHaveValue('11.7')

  // The board as it was asked for last, with what can be opened here.
  await context.setOffline(false)
  await expect(notice(page)).toBeHidden()
  await expect.poll(() => bench.stored(id, 'fuel').then((f) => f['lowV'])).toBe(11.7)
  await page.goto(`${bench.address}/jobs`)
  await expect(page.getByRole('link', { name: 'Taken along' })).toBeVisible()
  await context.setOffline(true)
  await page.reload()
  await expect(page.getByRole('link', { name: 'Taken along' })).toBeVisible()
  await expect(page.getByText('not in this browser').first()).toBeVisible()
  await page.getByRole('link', { name: 'Taken along' }).click()
  await expect(bench.field('Minimum voltage at the pump')).toHaveValue('11.7')
})

test('what somebody else changed meanwhile is taken in when the network is back', async ({ page, bench, browser }) => {
  const id = await bench.copyOf(DEMO.curlew, 'Changed meanwhile')
  await bench.openStation(id, 'fuel')
  await kept(page)
  await page.context().setOffline(true)
  await page.reload()
  await expect(notice(page)).toBeVisible()
  const other = await browser.newContext({ locale: 'en-GB' })
  const theirs = await other.newPage()
  await theirs.request.post(`${bench.address}/api/session/demo`, { data: { as: 'installer' } })
  await theirs.goto(`${bench.address}/jobs/${id}/fuel`)
  const field = theirs
    .getByRole('region', { name: 'Measured' })
    .getByLabel('Minimum voltage at the pump', { exact: true })
  await field.fill('11.4')
  await expect(theirs.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()
  await other.close()
  await page.context().setOffline(false)
  await expect(notice(page)).toBeHidden()
  await expect(bench.field('Minimum voltage at the pump')).toHaveValue('11.4')
})

test('signing out leaves nothing private: without a network nobody reads the job', async ({ page, bench }) => {
  await bench.open(DEMO.warden)
  await kept(page)
  await expect.poll(() => keptText(page)).toContain('Hesket Warden')
  await page.getByRole('button', { name: /^Account/ }).click()
  await page.getByRole('button', { name: 'Sign out' }).click()
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
  await expect.poll(() => keptText(page)).not.toMatch(/Hesket|Maren|8b7d2e94/)
  await page.context().setOffline(true)
  await page.reload()
  await expect(page.getByText('Lochmoor’s server cannot be reached')).toBeVisible()
  await expect(page.locator('body')).not.toContainText('Hesket')
})

/** A server between page and Lochmoor, which gives out another version of the program when it is told. */
const between = async (
  target: string,
): Promise<{ address: string; newer: () => void; end: () => Promise<unknown> }> => {
  let suffix = ''
  const server = createServer((asked, answer) => {
    const isProgram = asked.url === '/sw.js'
    const { 'if-none-match': _tag, 'if-modified-since': _since, ...anew } = asked.headers
    const on = request(
      target + asked.url!,
      { method: asked.method!, headers: isProgram ? anew : asked.headers },
      (got) => {
        const { 'content-length': _length, ...headers } = got.headers
        answer.writeHead(got.statusCode!, isProgram ? headers : got.headers)
        if (!isProgram) return void got.pipe(answer)
        got.on('data', (part) => answer.write(part))
        got.on('end', () => answer.end(suffix))
      },
    )
    asked.pipe(on)
  })
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  const { port } = server.address() as AddressInfo
  return {
    address: `http://127.0.0.1:${port}`,
    newer: () => (suffix = '\n// newer'),
    end: () => new Promise((resolve) => (server.closeAllConnections(), server.close(resolve))),
  }
}

test('a newer version says so, and is taken when one wants it', async ({ page, bench }) => {
  const server = await between(bench.address)
  const here = new Bench(page, server.address)
  await here.signIn()
  await here.open(DEMO.curlew)
  await kept(page)
  await page.reload()
  await expect(here.headline).toBeVisible()
  const news = page.getByText('A new version of Lochmoor is ready.')
  await expect(news).toBeHidden()
  server.newer()
  await page.evaluate(async () => (await navigator.serviceWorker.ready).update())
  await expect(news).toBeVisible()
  await page.getByRole('button', { name: 'Reload with it' }).click()
  await expect(news).toBeHidden()
  await expect(here.headline).toBeVisible()
  await server.end()
})

test('it can be installed: name, icons and a start address', async ({ page, bench }) => {
  const answer = await page.request.get(`${bench.address}/manifest.webmanifest`)
  const manifest = (await answer.json()) as {
    name: string
    start_url: string
    display: string
    icons: { src: string; sizes: string }[]
  }
  expect([manifest.name, manifest.start_url, manifest.display]).toEqual(['Lochmoor', '/jobs', 'standalone'])
  for (const { src, sizes } of manifest.icons) {
    const icon = await page.request.get(bench.address + src)
    expect([icon.status(), icon.headers()['content-type']]).toEqual([200, 'image/png'])
    // Width and height of a PNG stand at its 17th byte.
    const bytes = await icon.body()
    expect(`${bytes.readUInt32BE(16)}x${bytes.readUInt32BE(20)}`).toBe(sizes)
  }
})
