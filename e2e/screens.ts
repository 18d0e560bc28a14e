import { PART_KINDS } from '@lochmoor/contract'
import { STATION_LIST } from '@lochmoor/core'
import { expect, type Page } from '@playwright/test'
import { DEMO, type Bench } from './bench.ts'

/** A screen as somebody reaches it, and what makes it show all it has. */
export interface Screen {
  readonly name: string
  readonly path: string
  readonly show?: (page: Page, bench: Bench) => Promise<void>
}

/** Every tab of every station: of a job that was measured, and of one that nobody has begun. */
const TABS: readonly Screen[] = STATION_LIST.flatMap((station) =>
  (
    [
      ['measured', DEMO.curlew],
      ['empty', DEMO.plover],
    ] as const
  ).flatMap(([of, jobId]) =>
    station.tabs.map(({ path, title }) => ({
      name: `${station.title}${path ? `, ${title.toLowerCase()}` : ''}, ${of}`,
      path: `/jobs/${jobId}/${station.path}${path ? `/${path}` : ''}`,
      show: async (page: Page, bench: Bench) => {
        await expect(bench.headline).toBeVisible()
        if (of === 'measured' && path === 'choose') await expect(page.getByText(/combinations pass/)).toBeVisible()
        if (of === 'measured' && path === 'spots')
          await expect(page.getByRole('application', { name: /unrolled/ })).toBeVisible()
      },
    })),
  ),
)

export const SCREENS: readonly Screen[] = [
  { name: 'board', path: '/jobs' },
  { name: 'account', path: '/account' },
  { name: 'workshop', path: '/workshop' },
  {
    name: 'walk-around, tests, a van',
    path: `/jobs/${DEMO.carrier}/walk-around/tests`,
  },
  ...TABS,
  // With an accepted loom, made and being proved.
  ...['noise', 'cut', 'board', 'proof'].map((tab) => ({
    name: `harness, ${tab}, with a loom`,
    path: `/jobs/${DEMO.carrier}/harness/${tab}`,
    show: (page: Page) => expect(page.getByRole('region', { name: 'Assessment', exact: true })).toBeVisible(),
  })),
  // With a linkage that is solved.
  { name: 'engine top, throttle, of a van', path: `/jobs/${DEMO.carrier}/engine-top/throttle` },
  // With a rotor and a wheel that are drawn, and a thermistor's table.
  { name: 'engine top, ignition, of a van', path: `/jobs/${DEMO.carrier}/engine-top/ignition` },
  { name: 'engine top, sensors, of a van', path: `/jobs/${DEMO.carrier}/engine-top/sensors` },
  { name: 'engine top, sensors, handed over', path: `/jobs/${DEMO.turnstone}/engine-top/sensors` },
  { name: 'parts of the job', path: `/jobs/${DEMO.curlew}/parts` },
  { name: 'job log', path: `/jobs/${DEMO.curlew}/log` },
  { name: 'history', path: `/jobs/${DEMO.curlew}/history` },
  ...PART_KINDS.map((kind) => ({
    name: `catalogue, ${kind}`,
    path: `/catalogue/${kind}`,
    show: (page: Page) => expect(page.getByRole('table')).toBeVisible(),
  })),
  {
    name: 'a part and the jobs that use it',
    path: '/catalogue/pumps',
    show: async (page) => {
      await page.getByRole('button', { name: 'Quarrie Q170' }).click()
      await expect(page.getByText('Jobs that use it')).toBeVisible()
    },
  },
  { name: 'no such page', path: '/nowhere' },
  { name: 'an invitation that is none', path: '/invitation/nosuchtokennosuchtoken' },
  { name: 'a guest link that is none', path: '/guest/nosuchtokennosuchtoken' },
]

/** What opens over a screen. */
export const OVERLAYS: readonly Screen[] = [
  {
    name: 'a working',
    path: `/jobs/${DEMO.curlew}/fuel`,
    show: async (page, bench) => {
      await bench.judgement.getByRole('button', { name: 'Show working: return' }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
  {
    name: 'the palette',
    path: `/jobs/${DEMO.curlew}/fuel`,
    show: async (page, bench) => {
      await expect(bench.headline).toBeVisible()
      await page.keyboard.press('Control+k')
      await expect(page.getByPlaceholder('What do you want to do?')).toBeVisible()
    },
  },
  {
    name: 'links for guests',
    path: `/jobs/${DEMO.curlew}/fuel`,
    show: async (page) => {
      await page.getByRole('button', { name: 'This job' }).click()
      await page.getByRole('menuitem', { name: 'Guest links' }).click()
      await expect(page.getByText('No guest links')).toBeVisible()
    },
  },
  {
    name: 'who is signed in',
    path: `/jobs/${DEMO.curlew}/fuel`,
    show: async (page) => {
      await page.getByRole('button', { name: /^Account/ }).click()
      await expect(page.getByRole('dialog')).toBeVisible()
    },
  },
  {
    name: 'signing in',
    path: '/jobs',
    show: async (page) => {
      await page.context().clearCookies()
      await page.reload()
      await expect(page.getByRole('heading', { name: 'Sign in' })).toBeVisible()
    },
  },
]
