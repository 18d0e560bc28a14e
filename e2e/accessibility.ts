import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import type { Page } from '@playwright/test'
import type axe from 'axe-core'

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8')

/**
 * What stands in the way of people who see, hear or move otherwise, as axe finds it in the page as it stands.
 * @param only rules to ask, by name; all without it
 */
export const violationsOf = async (page: Page, only?: readonly string[]): Promise<string[]> => {
  if (!(await page.evaluate(() => 'axe' in globalThis))) await page.evaluate(AXE)
  const found = await page.evaluate(
    async (rules) => {
      const { axe: here } = globalThis as unknown as { axe: typeof axe }
      const { violations } = await here.run(document, {
        resultTypes: ['violations'],
        ...(rules && { runOnly: { type: 'rule' as const, values: rules } }),
      })
      return violations.map((v) => ({ id: v.id, at: v.nodes.map((n) => n.target.join(' ')) }))
    },
    only && [...only],
  )
  return found.map((v) => `${v.id}: ${v.at.join(', ')}`)
}

/** The themes differ in colours alone, so the dark one is asked for contrast; every other rule is asked in the light. */
export const violationsInBothThemes = async (page: Page): Promise<string[]> => {
  await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' })
  const light = await violationsOf(page)
  await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' })
  await page.waitForFunction(() => document.documentElement.dataset['theme'] === 'dark')
  const dark = await violationsOf(page, ['color-contrast'])
  await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' })
  return [...light, ...dark.map((v) => `dark: ${v}`)]
}

/** How far the page is wider than its window, px. */
export const overflowPx = (page: Page): Promise<number> =>
  page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth)
