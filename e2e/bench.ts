import { expect, test as base, type Page } from '@playwright/test'
import { startTestServer } from '../tools/launch/startTestServer.mjs'
import { noteWhatStoppedDrawing } from './drawing.ts'
import { slowDown } from './slowly.ts'

export const DEMO = {
  curlew: '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11',
  warden: '8b7d2e94-1c35-4f0b-b0a2-77d1e5a4c222',
  carrier: 'c51e9b07-6f48-4d2a-9e6b-0a9b8c7d3e33',
  plover: 'd62fac18-7059-4e3b-af7c-1b0c9d8e4f44',
  heron: 'e7a0d3b2-4c61-4f58-8d2e-5b6a7c8d9e55',
  linnet: 'f1b9c4a6-7d25-4e83-9a1f-2c3d4e5f6a66',
  turnstone: '9a4e7b1c-2d38-4f65-8c07-3e1f5a6b7c77',
} as const

/** The fuel bench as a person uses it. */
export class Bench {
  constructor(
    readonly page: Page,
    readonly address: string,
  ) {}

  /** Signs in by the demo's button, as the page would. */
  async signIn(as: 'owner' | 'installer' = 'owner'): Promise<void> {
    const answer = await this.page.request.post(`${this.address}/api/session/demo`, { data: { as } })
    expect(answer.status()).toBe(200)
  }

  /** Somebody of one's own, for tests that change what belongs to a person. */
  async signInAsNewPerson(): Promise<void> {
    await this.signIn('owner')
    const email = `${Math.random().toString(36).slice(2)}@new.example`
    await this.api('POST', '/workshop/invitations', { email, role: 'installer' })
    const { letters } = (await this.api('GET', '/workshop/mailbox')) as { letters: { to: string; link: string }[] }
    const token = letters
      .find((l) => l.to === email)!
      .link.split('/')
      .at(-1)!
    await this.api('POST', '/invitations', { token, name: 'New person', password: 'long enough for all' })
  }

  /** A call of the API with this browser's session. */
  async api(method: string, path: string, data?: unknown): Promise<unknown> {
    const { request } = this.page
    const session = (await (await request.get(`${this.address}/api/session`)).json()) as { csrf?: string }
    const answer = await request.fetch(`${this.address}/api${path}`, {
      method,
      headers: session.csrf ? { 'x-lochmoor-csrf': session.csrf } : {},
      ...(data !== undefined && { data }),
    })
    const body = (await answer.json()) as unknown
    expect([answer.status() < 400, body], `${method} ${path}`).toEqual([true, body])
    return body
  }

  /** The fuel bench of a job. */
  async open(jobId: string): Promise<void> {
    await this.openStation(jobId, 'fuel')
  }

  async openStation(jobId: string, station: string): Promise<void> {
    await this.page.goto(`${this.address}/jobs/${jobId}/${station}`)
    await expect(this.headline).toBeVisible()
  }

  /** To a station by the rail, as somebody would: its phase is unfolded first where it is folded. */
  async byRail(station: string | RegExp): Promise<void> {
    const rail = this.page.getByRole('navigation', { name: 'Stations' })
    const link = rail.getByRole('link', { name: station })
    await expect(rail.getByRole('link').first()).toBeVisible()
    while (!(await link.isVisible())) await rail.getByRole('button', { expanded: false }).first().click()
    await link.click()
  }

  /** A job of one's own with the sections of a demo job, so that tests do not meet. */
  async copyOf(demoId: string, title: string): Promise<string> {
    const made = (await this.api('POST', '/jobs', { title, copyOf: demoId })) as { id: string }
    return made.id
  }

  async stored(jobId: string, section: string): Promise<Record<string, unknown>> {
    const job = (await this.api('GET', `/jobs/${jobId}`)) as { sections: Record<string, { value: unknown }> }
    return job.sections[section]!.value as Record<string, unknown>
  }

  get headline() {
    return this.page.getByRole('status', { name: 'Assessment in brief' })
  }

  get judgement() {
    return this.page.getByRole('region', { name: 'Assessment', exact: true })
  }

  get picture() {
    return this.page.getByRole('region', { name: 'Picture' })
  }

  field(label: string) {
    return this.page.getByRole('region', { name: 'Measured' }).getByLabel(label, { exact: true })
  }

  async saved(): Promise<void> {
    await expect(this.page.getByRole('status').filter({ hasText: /^Saved$/ })).toBeVisible()
  }
}

export const test = base.extend<{ address: string; bench: Bench }>({
  /** One application for all tests; a second try has one of its own, without what the first left behind. */
  // eslint-disable-next-line no-empty-pattern -- the runner reads from the braces what is asked for
  address: async ({}, use, info) => {
    if (info.retry === 0) return use(process.env['LOCHMOOR_E2E_ADDRESS']!)
    const own = await startTestServer()
    await use(own.address)
    await own.end()
  },
  page: async ({ page, browser }, use, info) => {
    await slowDown(page)
    await use(page)
    await noteWhatStoppedDrawing(browser, info)
  },
  bench: async ({ page, address }, use) => {
    const failures: string[] = []
    page.on('pageerror', (e) => failures.push(e.message))
    const bench = new Bench(page, address)
    await bench.signIn()
    await use(bench)
    expect(failures).toEqual([])
  },
})
export { expect }
