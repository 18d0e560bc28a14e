import type { Page } from '@playwright/test'

/** Holds every window of a test up as a machine would that is so many times as slow: `LOCHMOOR_SLOW=8`. */
const TIMES_SLOWER = Number(process.env['LOCHMOOR_SLOW'] ?? 1)

const holdUp = async (page: Page): Promise<void> => {
  const session = await page.context().newCDPSession(page)
  await session.send('Emulation.setCPUThrottlingRate', { rate: TIMES_SLOWER })
}

/** For races that a quick machine hides: two presses in a row that a slow one has not drawn between. */
export const slowDown = async (page: Page): Promise<void> => {
  if (TIMES_SLOWER === 1) return
  await holdUp(page)
  page.context().on('page', (other) => void holdUp(other))
}
