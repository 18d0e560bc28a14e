import { startTestServer } from '../tools/launch/startTestServer.mjs'
import { violationsOf } from './accessibility.ts'
import { Bench, DEMO, expect, test } from './bench.ts'

test('signs in by one click in the demo, out again, and by e-mail and password', async ({ page, bench }) => {
  await page.context().clearCookies()
  await page.goto(bench.address)
  await page.getByRole('button', { name: 'As an installer' }).click()
  await expect(page.getByRole('button', { name: 'Account: Tobin Raithe' })).toBeVisible()
  await page.getByRole('button', { name: 'Account: Tobin Raithe' }).click()
  await expect(page.getByRole('link', { name: 'Workshop and people' })).toHaveCount(0)
  await page.getByRole('button', { name: 'Sign out' }).click()
  await page.getByLabel('E-mail address').fill('ishbel@skerrow-bank.example')
  await page.getByLabel('Password').fill('not the one')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toContainText('address or the password is wrong')
  await expect(page.getByLabel('E-mail address')).toHaveValue('ishbel@skerrow-bank.example')
  await page.getByLabel('Password').fill('peat-and-petrol')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('button', { name: 'Account: Ishbel Corrie' })).toBeVisible()
})

test('an owner asks somebody in, who follows the letter of the stand-in mailbox once', async ({
  page,
  bench,
  browser,
}) => {
  await page.goto(`${bench.address}/workshop`)
  const form = page.getByRole('form', { name: 'Invite' })
  await form.getByLabel('E-mail address').fill('Hob@fellgate.example')
  await form.getByRole('button', { name: 'Create invitation' }).click()
  const box = page.getByRole('region', { name: 'Mailbox' })
  await expect(box).toContainText('This is a stand-in: no mail leaves this machine')
  const letter = box.getByRole('listitem').filter({ hasText: 'hob@fellgate.example' })
  const link = (await letter.getByRole('link').getAttribute('href'))!
  const guest = await (await browser.newContext()).newPage()
  await guest.goto(bench.address + link)
  await expect(guest.getByRole('heading')).toContainText('Welcome to Skerrow Bank Garage')
  await guest.getByLabel('Your name').fill('Hob Fellgate')
  await guest.getByLabel(/^Password/).fill('short')
  await guest.getByRole('button', { name: 'Create account' }).click()
  await expect(guest.getByRole('alert')).toContainText('allowed: 12 to 200 characters')
  await guest.getByLabel(/^Password/).fill('a hill behind the shop')
  await guest.getByRole('button', { name: 'Create account' }).click()
  await expect(guest.getByRole('heading', { name: 'Jobs' })).toBeVisible()
  await guest.goto(bench.address + link)
  await expect(guest.getByRole('alert')).toContainText('has been used')

  await page.reload()
  await page.getByLabel('Role of Hob Fellgate').selectOption('owner')
  await expect(page.getByRole('region', { name: 'Audit trail' })).toContainText(
    'hob@fellgate.example: installer to owner',
  )
  await page.getByRole('button', { name: 'Remove access of Hob Fellgate' }).click()
  await expect(page.getByRole('button', { name: 'Restore access of Hob Fellgate' })).toBeVisible()
  await guest.goto(`${bench.address}/jobs`)
  await expect(guest.getByRole('heading', { name: 'Sign in' })).toBeVisible()
  await guest.context().close()
})

test('a new password, and out of every browser', async ({ page, bench, browser }) => {
  await bench.signInAsNewPerson()
  const { email } = (await bench.api('GET', '/session')) as { email: string }
  const other = await (await browser.newContext()).newPage()
  await other.request.post(`${bench.address}/api/session`, { data: { email, password: 'long enough for all' } })
  await page.goto(`${bench.address}/account`)
  await page.getByLabel('Current password').fill('long enough for all')
  await page.getByLabel(/^New password/).fill('longer than the one before')
  await page.getByRole('button', { name: 'Change password' }).click()
  await expect(page.getByText('Other browsers have to sign in again')).toBeVisible()
  await other.goto(bench.address)
  await expect(other.getByRole('heading', { name: 'Sign in' })).toBeVisible()
  await page.getByRole('button', { name: 'Sign out everywhere' }).click()
  await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
  await other.context().close()
})

test('a guest reads one job by a link until it is ended', async ({ page, bench, browser }) => {
  const id = await bench.copyOf(DEMO.carrier, 'Copy for a guest')
  await bench.openStation(id, 'walk-around')
  await page.getByRole('button', { name: 'This job' }).click()
  await page.getByRole('menuitem', { name: 'Guest links' }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByLabel('Expires after').fill('900')
  await dialog.getByRole('button', { name: 'Create a link' }).click()
  await expect(dialog.getByRole('alert')).toContainText('days is 900; allowed: a whole number of days, 1 to 90')
  await dialog.getByLabel('Expires after').fill('3')
  await dialog.getByRole('button', { name: 'Create a link' }).click()
  const link = await dialog.getByLabel('The new link').inputValue()

  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } })
  const guest = new Bench(await context.newPage(), bench.address)
  await guest.page.goto(link)
  await expect(guest.page.getByRole('article', { name: 'Summary' })).toContainText('To be repaired first')
  await expect(guest.page.getByText('read only')).toBeVisible()
  await guest.page.getByRole('navigation').getByRole('link', { name: 'Job log' }).click()
  await expect(guest.page.getByText('Nothing here yet')).toBeVisible()
  await expect(guest.page.getByRole('button', { name: 'Add entry' })).toHaveCount(0)
  const elsewhere = await guest.page.request.get(`${bench.address}/api/jobs/${DEMO.warden}`)
  expect(elsewhere.status()).toBe(404)

  await dialog.getByRole('button', { name: 'Revoke link' }).click()
  await expect(dialog).toContainText('No guest links')
  await guest.page.reload()
  await expect(guest.page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
  await context.close()
})

test('outside the demo the first start asks for the owner', async ({ page }) => {
  const application = await startTestServer(0, { demo: false })
  try {
    await page.goto(application.address)
    await expect(page.getByRole('heading', { name: 'Set up this workshop' })).toBeVisible()
    expect(await violationsOf(page)).toEqual([])
    await page.getByLabel('Workshop').fill('Fellgate Motors')
    await page.getByLabel('Your name').fill('Una Brock')
    await page.getByLabel('E-mail address').fill('una@fellgate.example')
    await page.getByLabel(/^Password/).fill('sheep on the hill')
    await page.keyboard.press('Enter')
    await expect(page.getByText('No jobs yet. Give the car a name above')).toBeVisible()
    await page.getByRole('button', { name: 'Account: Una Brock' }).click()
    await page.getByRole('button', { name: 'Sign out' }).click()
    await expect(page.getByRole('button', { name: 'As the owner' })).toHaveCount(0)
    await page.getByLabel('E-mail address').fill('una@fellgate.example')
    await page.getByLabel('Password').fill('sheep on the hill')
    await page.keyboard.press('Enter')
    await expect(page.getByRole('button', { name: 'Account: Una Brock' })).toBeVisible()
  } finally {
    await application.end()
  }
})
