import { Secret, TOTP } from 'otpauth'
import { expect, test } from './bench.ts'

const PASSWORD = 'long enough for all'

test('an authenticator app is set up, asked for at the sign-in, helped out by a recovery code, and turned off', async ({
  page,
  bench,
}) => {
  await bench.signInAsNewPerson()
  const { email } = (await bench.api('GET', '/session')) as { email: string }
  await page.goto(`${bench.address}/account`)
  const section = page.getByRole('region', { name: 'Second factor' })
  await section.getByRole('button', { name: 'Set up', exact: true }).click()
  await section.getByRole('button', { name: 'Set up an authenticator app' }).click()
  await section.getByRole('button', { name: 'Show the QR code' }).click()
  await expect(section.getByAltText('QR code for the authenticator app')).toBeVisible()
  const said = (await section.getByText(/^Or type this key in/).textContent())!
  const secret = said.split(': ')[1]!.replace(/\s/g, '')
  const code = () => new TOTP({ secret: Secret.fromBase32(secret) }).generate()
  await section.getByLabel('Your password').fill(PASSWORD)
  await section.getByLabel('Code from the app').fill(code())
  await section.getByRole('button', { name: 'Turn it on' }).click()
  const paper = page.getByRole('region', { name: 'Recovery codes' })
  await expect(paper.getByRole('listitem')).toHaveCount(10)
  const recovery = (await paper.getByRole('listitem').first().textContent())!
  await paper.getByRole('button', { name: 'I have them' }).click()
  await expect(section).toContainText('Authenticator app: on')
  await expect(section).toContainText('10 recovery codes left')

  await page.context().clearCookies()
  await page.goto(bench.address)
  await page.getByLabel('E-mail address').fill(email)
  await page.getByLabel('Password').fill(PASSWORD)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Second factor' })).toBeVisible()
  await page.getByLabel(/Code from the authenticator app/).fill('000000')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('alert')).toContainText('This code or key is not right')
  await page.getByLabel(/Code from the authenticator app/).fill(recovery)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()

  await page.goto(`${bench.address}/account`)
  await expect(section).toContainText('9 recovery codes left')
  await section.getByRole('button', { name: 'Turn off' }).click()
  await section.getByLabel('Your password').fill(PASSWORD)
  await section.getByRole('button', { name: 'Turn the second factor off' }).click()
  await expect(section).toContainText('a stolen password alone lets nobody in')
})

test('a passkey is added where the browser has them, and lets in after the password', async ({ page, bench }) => {
  // A key of its own for this page, as the browser's test tools make one. Passkeys want a name, no number.
  const devtools = await page.context().newCDPSession(page)
  await devtools.send('WebAuthn.enable')
  await devtools.send('WebAuthn.addVirtualAuthenticator', {
    options: {
      protocol: 'ctap2',
      transport: 'internal',
      hasResidentKey: true,
      hasUserVerification: true,
      isUserVerified: true,
      automaticPresenceSimulation: true,
    },
  })
  await bench.signInAsNewPerson()
  const { email } = (await bench.api('GET', '/session')) as { email: string }
  const address = bench.address.replace('127.0.0.1', 'localhost')
  const signIn = async () => {
    await page.getByLabel('E-mail address').fill(email)
    await page.getByLabel('Password').fill(PASSWORD)
    await page.keyboard.press('Enter')
  }
  await page.goto(`${address}/account`)
  await signIn()
  const section = page.getByRole('region', { name: 'Second factor' })
  await section.getByRole('button', { name: 'Set up', exact: true }).click()
  await section.getByRole('button', { name: 'Add a passkey' }).click()
  await section.getByLabel('Name of this key').fill('Shop laptop')
  await section.getByLabel('Your password').fill(PASSWORD)
  await section.getByRole('button', { name: 'Add a passkey' }).click()
  await page.getByRole('button', { name: 'I have them' }).click()
  await expect(section).toContainText('Passkey: Shop laptop')

  await page.context().clearCookies()
  await page.goto(address)
  await signIn()
  await page.getByRole('button', { name: 'Use the passkey' }).click()
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible()
})

test('a link that is still open is listed and can be revoked', async ({ page, bench, browser }) => {
  await page.goto(`${bench.address}/workshop`)
  const form = page.getByRole('form', { name: 'Invite' })
  await form.getByLabel('E-mail address').fill('wenna@fellgate.example')
  await form.getByRole('button', { name: 'Create invitation' }).click()
  const letter = page
    .getByRole('region', { name: 'Mailbox' })
    .getByRole('listitem')
    .filter({ hasText: 'wenna@fellgate.example' })
  const link = (await letter.getByRole('link').getAttribute('href'))!
  await page.getByRole('button', { name: 'Revoke the link of wenna@fellgate.example' }).click()
  await expect(page.getByRole('region', { name: 'Open links' })).not.toContainText('wenna@fellgate.example')
  const guest = await (await browser.newContext()).newPage()
  await guest.goto(bench.address + link)
  await expect(guest.getByRole('alert')).toContainText('has expired or was never valid')
  await guest.context().close()
})
