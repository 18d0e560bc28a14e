import type { Page } from '@playwright/test'
import { startTestServer } from '../tools/launch/startTestServer.mjs'
import { Bench, DEMO, expect, test } from './bench.ts'

/** What the outbox keeps in the browser's own database, as text. */
const waitingInBrowser = (page: Page): Promise<string> =>
  page.evaluate(
    () =>
      new Promise<string>((resolve, reject) => {
        const opening = indexedDB.open('lochmoor')
        opening.onerror = () => reject(new Error('the outbox could not be opened'))
        opening.onsuccess = () => {
          const all = opening.result.transaction('waiting').objectStore('waiting').getAll()
          all.onerror = () => reject(new Error('the outbox could not be read'))
          all.onsuccess = () => {
            opening.result.close()
            resolve(JSON.stringify(all.result))
          }
        }
      }),
  )

interface Book {
  records: { at: string; body: { kind: string; quantity: string; text: string; field: string } }[]
}

test('walks round a new car with mixed units and the keyboard alone, the server stopped in the middle: nothing is lost, in order', async ({
  page,
}) => {
  const application = await startTestServer(0, { durable: true })
  const { keyboard } = page
  try {
    const bench = new Bench(page, application.address)
    const type = async (label: string, text: string) => {
      await bench.field(label).focus()
      await keyboard.type(text)
      await keyboard.press('Enter')
    }
    const choose = async (label: string, letters: string) => {
      await bench.field(label).focus()
      await keyboard.type(letters)
      await keyboard.press('Tab')
    }
    await page.goto(application.address)
    // Keyboard alone: the demo's first button, then the field for a new job.
    await page.getByRole('button', { name: 'As the owner' }).focus()
    await keyboard.press('Enter')
    await page.getByLabel('Name of the car').focus()
    await keyboard.type('Thornkeld Heron estate')
    await keyboard.press('Enter')
    await expect(bench.headline).toContainText('Not known yet')
    const id = /jobs\/([0-9a-f-]+)/.exec(page.url())![1]!

    await choose('Layout', 'In line')
    await type('Cylinders', '6')
    await type('Bore', '3 3/8 in')
    await expect(bench.field('Bore')).toHaveValue('3 3/8 in')
    await type('Stroke', '3.5"')
    await expect(page.getByRole('region', { name: 'Derived figures' })).toContainText('3.08\u2009L')
    await type('Firing order', '1-5-3-6-2-4')
    await expect(page.getByText('1+6, 5+2, 3+4')).toBeVisible()
    await bench.saved()

    await application.stopServer()
    // Folded groups are opened by the keyboard too.
    await page.getByText('Tank', { exact: true }).first().locator('xpath=ancestor::summary').focus()
    await keyboard.press('Enter')
    await bench.field('Tank capacity').focus()
    await keyboard.type('12 gal')
    await expect(page.getByText(/"12 gal" can mean/)).toBeVisible()
    await page.getByRole('button', { name: '12 imp gal?' }).focus()
    await keyboard.press('Enter')
    await expect(bench.field('Tank capacity')).toHaveValue('12 imp gal')
    await expect(bench.field('Tank capacity')).toBeFocused()
    await keyboard.press('Tab')
    await type('Depth where the pump goes', '8 1/2 in')
    await type('Gap above the tank, to the floor', '1,5 in')
    await page.getByRole('link', { name: /Tests/ }).focus()
    await keyboard.press('Enter')
    await type('Battery at rest, after a night', '12,62')
    await type('Vacuum at warm idle', '18 1/2 in hg')
    await choose('Tank inside', 'Rust')
    await expect(bench.headline).toContainText('Repair first')
    await expect(page.getByRole('status').filter({ hasText: 'Saved here, not sent' })).toBeVisible()

    // The last of them is in the browser's own database: that takes a moment after it stands on the page.
    await expect.poll(() => waitingInBrowser(page)).toContain('"tankInside":"rust"')

    // A reload while nothing answers: the page itself cannot come, the edits stay in the browser.
    await page.reload().catch(() => undefined)
    await application.startServer()
    await page.goto(`${application.address}/jobs/${id}/walk-around`)
    await expect(bench.headline).toContainText('Repair first')
    await bench.saved()

    const walk = (await bench.stored(id, 'walkAround')) as { tank: object; tests: object; engine: object }
    expect(walk).toMatchObject({
      engine: { boreM: expect.closeTo(0.085725, 7), firingOrder: '1-5-3-6-2-4' },
      tank: {
        volumeM3: expect.closeTo(0.05455308, 7),
        depthM: expect.closeTo(0.2159, 7),
        gapAboveM: expect.closeTo(0.0381, 7),
      },
      tests: { restingV: 12.62, idleVacuumPa: expect.closeTo(62_648.2, 0), tankInside: 'rust' },
    })
    const { records } = (await bench.api('GET', `/jobs/${id}/records`)) as Book
    expect(records.map((r) => `${r.body.quantity}: ${r.body.text}`).reverse()).toEqual([
      'Layout: In line',
      'Cylinders: 6',
      'Bore: 3 3/8 in',
      'Stroke: 3.5"',
      'Firing order: 1-5-3-6-2-4',
      'Tank capacity: 12 imp gal',
      'Depth where the pump goes: 8 1/2 in',
      'Gap above the tank, to the floor: 1,5 in',
      'Battery at rest, after a night: 12,62 V',
      'Vacuum at warm idle: 18 1/2 in hg',
      'Tank inside: Rust',
    ])
    const times = records.map((r) => r.at).reverse()
    expect(times).toEqual([...times].sort())
  } finally {
    await application.end()
  }
})

test('still to measure leads to the field; the entry leaves the list', async ({ page, bench }) => {
  const id = await bench.copyOf(DEMO.plover, 'Copy for the list')
  await bench.openStation(id, 'walk-around')
  const list = page.getByRole('region', { name: 'Still to measure' })
  await list.getByRole('button', { name: /^Displacement/ }).click()
  await expect(bench.field('Displacement')).toBeFocused()
  await page.keyboard.type('1489 cc')
  await page.keyboard.press('Tab')
  await expect(list.getByRole('button', { name: /^Displacement/ })).toHaveCount(0)
  await bench.saved()
  expect(await bench.stored(id, 'vehicle')).toMatchObject({ displacementM3: expect.closeTo(1.489e-3, 9) })
})

test('signing out with edits that could not be sent keeps them for the same person', async ({ page }) => {
  const application = await startTestServer(0, { durable: true })
  try {
    const bench = new Bench(page, application.address)
    await bench.signIn('installer')
    await bench.open(DEMO.carrier)
    await application.killDatabase()
    await bench.field('Minimum voltage at the pump').fill('12.4')
    await expect(page.getByRole('status').filter({ hasText: 'Saved here, not sent' })).toBeVisible()
    // Signed out elsewhere, as by "sign out everywhere" on another machine, before the edit could be sent again.
    await page.context().clearCookies()
    await application.startDatabase()
    await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
    await expect(page.getByText('1 edit is waiting in this browser')).toBeVisible()
    await page.getByRole('button', { name: 'As the owner' }).click()
    await expect(bench.field('Minimum voltage at the pump')).toHaveValue('11.6')
    await page.getByRole('button', { name: /^Account/ }).click()
    await page.getByRole('button', { name: 'Sign out' }).click()
    await page.getByRole('button', { name: 'As an installer' }).click()
    await expect(bench.field('Minimum voltage at the pump')).toHaveValue('12.4')
    await bench.saved()
    expect(await bench.stored(DEMO.carrier, 'fuel')).toMatchObject({ lowV: 12.4 })
  } finally {
    await application.end()
  }
})
