import { setTimeout as sleep } from 'node:timers/promises'
import type { Browser, Page, TestInfo } from '@playwright/test'

/** Marks a failure that the browser is to blame for: it had stopped drawing. Such a test is tried once more in a new one. */
export const DRAWS_NO_MORE = 'draws-no-more'

/** How long a browser may take to two pictures, in ms; a busy machine has been seen to take some hundreds. */
const MOST_TO_DRAW_MS = 30_000

/** Why a page shows nothing new; null where it does. */
const whyNotDrawn = async (page: Page): Promise<string | null> => {
  const drawn = page.evaluate(
    (mostMs) =>
      new Promise<string | null>((done) => {
        requestAnimationFrame(() => requestAnimationFrame(() => done(null)))
        setTimeout(() => done('though the page in it answers'), mostMs)
      }),
    MOST_TO_DRAW_MS,
  )
  // A page that has been left or closed meanwhile has nothing to draw.
  return Promise.race([
    drawn.catch(() => null),
    sleep(2 * MOST_TO_DRAW_MS, 'and the page in it does not answer', { ref: false }),
  ])
}

/** Waits for two pictures: what watches its room is told of it before the first, and drawn in the second. */
export const drawnAnew = async (page: Page): Promise<void> => {
  const why = await whyNotDrawn(page)
  if (why) throw new Error(`The browser draws nothing any more, ${why}`)
}

/** After a test that failed: whether the browser had stopped drawing, in any window of it. */
export const noteWhatStoppedDrawing = async (browser: Browser, test: TestInfo): Promise<void> => {
  if (test.status === test.expectedStatus) return
  const whys = await Promise.all(browser.contexts().flatMap((c) => c.pages().map(whyNotDrawn)))
  for (const description of new Set(whys.filter((w) => w !== null)))
    test.annotations.push({ type: DRAWS_NO_MORE, description })
}
