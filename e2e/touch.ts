import type { Page } from '@playwright/test'

/** A thumb's breadth, CSS pixels. */
export const TOUCH_PX = 44

/**
 * Controls of the open page that a thumb would miss, each with what is wrong: lower than a thumb is broad, of no width,
 * or under the headline or the bar at the foot once it has the focus. What is drawn in a picture is left out: every
 * such piece has a row or field of its own beside the picture. A box to tick or a round one is as big as its label.
 */
export const touchFaults = (page: Page): Promise<string[]> =>
  page.evaluate((leastPx) => {
    const CONTROLS =
      'a[href], button, input, select, textarea, summary, [role="button"], [role="tab"], [role="slider"], [role="menuitem"]'
    const faults: string[] = []
    const nameOf = (e: Element) => {
      const labelled = e.id ? document.querySelector(`label[for="${CSS.escape(e.id)}"]`)?.textContent : null
      return `${e.tagName.toLowerCase()} "${(e.getAttribute('aria-label') ?? labelled ?? e.textContent ?? '').trim().slice(0, 40)}"`
    }
    const headline = document.querySelector('[role="status"][aria-label="Assessment in brief"]')
    const foot = document.querySelector('nav[aria-label="Parts of this bench"]')
    for (const e of document.querySelectorAll<HTMLElement>(CONTROLS)) {
      if (e.closest('svg') || e.closest('details:not([open]) > :not(summary)') || e.closest('[aria-hidden="true"]'))
        continue
      const own = e.getBoundingClientRect()
      // Read aloud only, such as the way past the header.
      if (getComputedStyle(e).clipPath !== 'none' || e.classList.contains('sr-only')) continue
      if (!e.checkVisibility()) continue
      const box = e.matches('[type="checkbox"], [type="radio"]')
        ? (e.closest('label') ?? e).getBoundingClientRect()
        : own
      if (box.height < leastPx - 0.5) faults.push(`${nameOf(e)} is ${box.height.toFixed(0)} px high`)
      if (box.width < 1) faults.push(`${nameOf(e)} has no width`)
      if ((e as HTMLInputElement).disabled || !e.closest('#measured, #picture, #judgement')) continue
      e.focus()
      const at = e.getBoundingClientRect()
      const top = headline?.getBoundingClientRect().bottom ?? 0
      const bottom = foot?.getBoundingClientRect().top ?? innerHeight
      if (at.top < top - 1 || at.top + Math.min(at.height, leastPx) > bottom + 1)
        faults.push(
          `${nameOf(e)} is hidden at ${at.top.toFixed(0)} px, free from ${top.toFixed(0)} to ${bottom.toFixed(0)}`,
        )
    }
    return faults
  }, TOUCH_PX)
