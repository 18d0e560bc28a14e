import { expect, test as base, type Page } from '@playwright/test'

export const DEMO = {
  curlew: '3f0c6a52-8a0e-4b60-8a53-2f6f2b1c9d11',
  warden: '8b7d2e94-1c35-4f0b-b0a2-77d1e5a4c222',
  carrier: 'c51e9b07-6f48-4d2a-9e6b-0a9b8c7d3e33',
} as const

/** The fuel bench as a person uses it. */
export class Bench {
  constructor(
    readonly page: Page,
    readonly address: string,
  ) {}

  async open(jobId: string): Promise<void> {
    await this.page.goto(`${this.address}/jobs/${jobId}`)
    await expect(this.headline).toBeVisible()
  }

  /** A job of one's own with the sections of a demo job, so that tests do not meet. */
  async copyOf(demoId: string, title: string): Promise<string> {
    const { request } = this.page
    const source = await (await request.get(`${this.address}/api/jobs/${demoId}`)).json()
    const made = await (await request.post(`${this.address}/api/jobs`, { data: { title } })).json()
    for (const section of ['vehicle', 'fuel'] as const) {
      const value = section === 'vehicle' ? { ...source.sections.vehicle.value, title } : source.sections.fuel.value
      const put = await request.put(`${this.address}/api/jobs/${made.id}/sections/${section}`, {
        data: { baseVersion: 1, value },
      })
      expect(put.status()).toBe(200)
    }
    return made.id as string
  }

  async stored(jobId: string, section: 'vehicle' | 'fuel'): Promise<Record<string, unknown>> {
    const job = await (await this.page.request.get(`${this.address}/api/jobs/${jobId}`)).json()
    return job.sections[section].value as Record<string, unknown>
  }

  get headline() {
    return this.page.getByRole('status', { name: 'Judgement in short' })
  }

  get judgement() {
    return this.page.getByRole('region', { name: 'Judgement', exact: true })
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

export const test = base.extend<{ bench: Bench }>({
  bench: async ({ page }, use) => {
    const failures: string[] = []
    page.on('pageerror', (e) => failures.push(e.message))
    await use(new Bench(page, process.env['LOCHMOOR_E2E_ADDRESS']!))
    expect(failures).toEqual([])
  },
})
export { expect }
